import { releaseArrival, type Arrival } from '@hatband/contract';
import { Button } from 'antd';
import { Link } from 'react-router';
import { call } from '../api/call.ts';
import { ErrorLine } from '../shared/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './ReadingSheet.module.css';

/** Why a message waits for a person, and the way on: its rule works it once more, as the rule is now. */
export function HeldNote({
  arrivalId,
  held,
}: {
  arrivalId: number;
  held: Arrival['outcome']['held'][number];
}) {
  const act = useAct(['arrivals', 'tasks']);
  return (
    <section className={css.held} aria-label="Held">
      <p>
        <Link to={`/rules/${held.ruleId}`}>{held.name}</Link>{' '}
        {held.why === 'failed' ? 'could not be worked' : 'held it for you'}: {held.message}
      </p>
      <Button
        size="small"
        loading={act.isPending}
        onClick={() => {
          act.mutate(() =>
            call(releaseArrival, { params: { id: arrivalId }, body: { ruleId: held.ruleId } }),
          );
        }}
      >
        Release it
      </Button>
      <ErrorLine error={act.error} />
    </section>
  );
}

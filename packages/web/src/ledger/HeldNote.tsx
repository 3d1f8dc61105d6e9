import { releaseArrival, type Arrival } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link } from 'react-router';
import { call } from '../api/call.ts';
import { ruleNames } from '../api/queries.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
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
  const act = useAct('arrival', 'task');
  const { data } = useQuery(ruleNames);
  const isBroken = data?.items.some(({ id, isBroken: broken }) => id === held.ruleId && broken) ?? false;
  return (
    <section className={css.held} aria-label="Held">
      <p>
        <Link to={`/rules/${held.ruleId}`}>{held.name}</Link>{' '}
        {held.why === 'failed' ? 'failed' : 'held it for you'}: {held.message}
      </p>
      {isBroken && (
        <p>
          ⚠ This rule still cannot work, and holds all of its mail.{' '}
          <Link to={`/rules/${held.ruleId}`}>Mend the rule first.</Link>
        </p>
      )}
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

import { releaseArrival, type Arrival } from '@hatband/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link } from 'react-router';
import { call } from '../api/call.ts';
import { ErrorLine } from '../shared/Page.tsx';
import css from './ReadingSheet.module.css';

/** Why a message waits for a person, and the way on: its rule works it once more, as the rule is now. */
export function HeldNote({
  arrivalId,
  held,
}: {
  arrivalId: number;
  held: Arrival['outcome']['held'][number];
}) {
  const client = useQueryClient();
  const release = useMutation({
    mutationFn: () => call(releaseArrival, { params: { id: arrivalId }, body: { ruleId: held.ruleId } }),
    onSuccess: () =>
      Promise.all(['arrivals', 'tasks'].map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
  return (
    <section className={css.held} aria-label="Held">
      <p>
        <Link to={`/rules/${held.ruleId}`}>{held.name}</Link>{' '}
        {held.why === 'failed' ? 'could not be worked' : 'held it for you'}: {held.message}
      </p>
      <Button
        size="small"
        loading={release.isPending}
        onClick={() => {
          release.mutate();
        }}
      >
        Release it
      </Button>
      <ErrorLine error={release.error} />
    </section>
  );
}

import { settleProposal, type StoredProposal } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { call } from '../api/call.ts';
import { proposals } from '../api/queries.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './TaskPage.module.css';

/** What messages ask to be changed on the task; it changes only if the user says so. */
export function Proposals({ taskId }: { taskId: number }) {
  const { data } = useQuery(proposals(taskId));
  const act = useAct('task', 'arrival');
  if (!data || data.items.length === 0) return null;
  return (
    <section className={css.proposals} aria-label="Proposed">
      {data.items.map((proposal) => (
        <ProposalLine
          key={proposal.id}
          proposal={proposal}
          onSettle={(accept) => {
            act.mutate(() => call(settleProposal, { params: { id: proposal.id }, body: { accept } }));
          }}
        />
      ))}
      <ErrorLine error={act.error} />
    </section>
  );
}

function ProposalLine({
  proposal: { field, value, words, from, arrivalId },
  onSettle,
}: {
  proposal: StoredProposal;
  onSettle: (accept: boolean) => void;
}) {
  const clock = useClock();
  return (
    <div>
      <p>
        <Foreign words={from || 'A message'} /> writes{' '}
        <Link to={`/ledger/${String(arrivalId)}`}>
          “<Foreign words={words} />”
        </Link>
      </p>
      <div className={css.settle}>
        <Button
          size="small"
          type="primary"
          onClick={() => {
            onSettle(true);
          }}
        >
          {field === 'due' ? `Make it due ${dayText(value, clock.today)}` : 'Mark it done'}
        </Button>
        <Button
          size="small"
          onClick={() => {
            onSettle(false);
          }}
        >
          Keep it as it is
        </Button>
      </div>
    </div>
  );
}

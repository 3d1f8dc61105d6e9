import { useQuery } from '@tanstack/react-query';
import { proposals } from '../api/queries.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useKeys } from '../shared/useKeys.ts';
import { ProposalLine } from './ProposalLine.tsx';
import css from './Proposals.module.css';
import { useSettleProposal } from './useSettleProposal.ts';

/** What messages ask to be changed on a task, or one message on its tasks; it changes only if the user says so. */
export function Proposals({ of }: { of: { task: number } | { arrival: number } }) {
  const { data } = useQuery(proposals(of));
  const { settle, isGone, error } = useSettleProposal();
  const items = (data?.items ?? []).filter((each) => !isGone(each));
  const [first] = items;
  const isOnTask = 'task' in of;
  useKeys(
    first && isOnTask
      ? {
          y: () => {
            settle(first.id, true);
          },
          n: () => {
            settle(first.id, false);
          },
        }
      : {},
  );
  if (items.length === 0 && !error) return null;
  return (
    <section className={css.proposals} aria-label="Proposed">
      {items.map((proposal) => (
        <div key={proposal.id}>
          <ProposalLine
            proposal={proposal}
            hasKeys={isOnTask && proposal === first}
            withTask={!isOnTask}
            onSettle={(accept) => {
              settle(proposal.id, accept);
            }}
          />
        </div>
      ))}
      <ErrorLine error={error} />
    </section>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { proposals } from '../api/queries.ts';
import { ErrorLine, Failed, Notice, PageHeader } from '../shared/page/Page.tsx';
import { useKeys } from '../shared/useKeys.ts';
import { WhatYouDid } from '../tasks/WhatYouDid.tsx';
import { ProposalLine } from './ProposalLine.tsx';
import css from './Proposals.module.css';
import { useSettleProposal } from './useSettleProposal.ts';

/** Everything that messages ask to be changed, settled one after the other. */
export function ProposalsPage() {
  const { data, error: failed, refetch } = useQuery(proposals({}));
  const [at, setAt] = useState(0);
  const { settle, isGone, error } = useSettleProposal();
  const list = useRef<HTMLOListElement>(null);
  const items = (data?.items ?? []).filter((each) => !isGone(each));
  const here = Math.min(at, items.length - 1);
  const current = items[here];
  useEffect(() => {
    list.current?.children[here]?.scrollIntoView({ block: 'nearest' });
  }, [here]);
  const go = (step: number) => () => {
    setAt(Math.max(0, Math.min(here + step, items.length - 1)));
  };
  const answer = (accept: boolean) => () => {
    if (current) settle(current.id, accept);
  };
  useKeys({ ArrowDown: go(1), ArrowUp: go(-1), y: answer(true), n: answer(false) });
  if (failed) return <Failed error={failed} retry={() => void refetch()} />;
  return (
    <div className={css.page}>
      <PageHeader title="Proposals" />
      {data && items.length === 0 ? (
        <Notice title="Nothing is proposed">
          When a later message moves a deadline, says that something is done or not needed any more, it stands here.
        </Notice>
      ) : (
        <ol ref={list} className={css.list} aria-label="Proposals">
          {items.map((proposal, i) => (
            <li
              key={proposal.id}
              aria-current={i === here ? 'true' : undefined}
              onMouseEnter={() => { setAt(i); }}
              onFocus={() => { setAt(i); }}
            >
              <ProposalLine
                proposal={proposal}
                hasKeys={i === here}
                withTask
                onSettle={(accept) => { settle(proposal.id, accept); }}
              />
            </li>
          ))}
        </ol>
      )}
      <footer className={css.foot}>
        <ErrorLine error={error} />
        <WhatYouDid />
      </footer>
    </div>
  );
} // prettier-ignore

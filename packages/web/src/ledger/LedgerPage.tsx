import type { OutcomeKind } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { arrivalCounts } from '../api/queries.ts';
import { PageHeader, Tabs } from '../shared/page/Page.tsx';
import { ArrivalList } from './ArrivalList.tsx';
import { FileDrop } from './FileDrop.tsx';
import css from './Ledger.module.css';
import { ReadingSheet } from './ReadingSheet.tsx';

type Shown = OutcomeKind | 'all';

/** All arrivals and what became of them; one opened beside the list. */
export function LedgerPage() {
  const [shown, setShown] = useState<Shown>('all');
  const { data: counts } = useQuery(arrivalCounts);
  const { id } = useParams();
  const all = counts && Object.values(counts).reduce((sum, n) => sum + n, 0);
  const tabs: { value: Shown; name: string; count?: number | undefined }[] = [
    { value: 'all', name: 'all', count: all },
    { value: 'tasks', name: 'by a rule', count: counts?.tasks },
    { value: 'unclaimed', name: 'unclaimed', count: counts?.unclaimed },
    { value: 'comment', name: 'comments', count: counts?.comment },
    { value: 'held', name: 'held', count: counts?.held },
    ...(counts && counts.again > 0
      ? [{ value: 'again' as const, name: 'came twice', count: counts.again }]
      : []),
    { value: 'nothing', name: 'nothing to do', count: counts?.nothing },
    { value: 'failed', name: 'failed', count: counts?.failed },
  ];
  return (
    <FileDrop>
      {(button, lines) => (
        <div className={css.page}>
          <PageHeader title="Ledger">
            <Tabs tabs={tabs} value={shown} onChange={setShown} />
            <div className={css.bring}>{button}</div>
          </PageHeader>
          <div className={css.column}>
            {lines}
            <ArrivalList
              outcome={shown === 'all' ? undefined : shown}
              openId={id === undefined ? null : Number(id)}
            />
          </div>
          <ReadingSheet key={id} id={id === undefined ? null : Number(id)} />
        </div>
      )}
    </FileDrop>
  );
}

import { OutcomeKind } from '@hatband/contract';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useParams, useSearchParams } from 'react-router';
import { arrivalCounts, arrivals } from '../api/queries.ts';
import { SearchBox } from '../search/SearchBox.tsx';
import { PageHeader, Tabs } from '../shared/page/Page.tsx';
import { ArrivalList } from './ArrivalList.tsx';
import { FileDrop } from './FileDrop.tsx';
import css from './Ledger.module.css';
import { usePicked } from '../shared/usePicked.ts';
import { ManyMessages } from './ManyMessages.tsx';
import { WhatWaits } from './WhatWaits.tsx';
import { ReadingSheet } from './ReadingSheet.tsx';

type Shown = OutcomeKind | 'all';

/** All arrivals and what became of them; one opened beside the list. */
export function LedgerPage() {
  const [params, setParams] = useSearchParams();
  const shown: Shown = OutcomeKind.safeParse(params.get('show')).data ?? 'all';
  const setShown = (show: Shown) => {
    setParams(show === 'all' ? {} : { show });
  };
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
  const outcome = shown === 'all' ? undefined : shown;
  const { data: list } = useInfiniteQuery(arrivals(outcome === undefined ? {} : { outcome }));
  const items = list?.pages.flatMap((page) => page.items) ?? [];
  const picked = usePicked(items.map((arrival) => arrival.id));
  return (
    <FileDrop>
      {(button, lines) => (
        <div className={css.page}>
          <PageHeader title="Ledger">
            <Tabs tabs={tabs} value={shown} onChange={setShown} />
            <SearchBox />
            <div className={css.bring}>{button}</div>
          </PageHeader>
          <div className={css.column}>
            {lines}
            <ArrivalList outcome={outcome} picked={picked} openId={id === undefined ? null : Number(id)} />
          </div>
          {picked.ids.size > 0 ? (
            <ManyMessages
              items={items.filter((arrival) => picked.ids.has(arrival.id))}
              onLetGo={picked.letGo}
            />
          ) : id === undefined ? (
            <WhatWaits />
          ) : (
            <ReadingSheet key={id} id={Number(id)} />
          )}
        </div>
      )}
    </FileDrop>
  );
}

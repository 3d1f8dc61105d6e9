import type { ArrivalSheet } from '@hatband/contract';
import { rawPath } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { arrivalSheet } from '../api/queries.ts';
import { useClock } from '../shared/clock.ts';
import { Failed, Notice } from '../shared/page/Page.tsx';
import { marksOf, type Pointed } from './marks.ts';
import { MessageView } from './MessageView.tsx';
import css from './ReadingSheet.module.css';
import { focusOpenLine, takeSheetFocus } from './sheetFocus.ts';
import { SheetCards } from './SheetCards.tsx';
import { SheetHead } from './SheetHead.tsx';
import { ValueLine } from './ValueLine.tsx';

const Why = lazy(() => import('./Why.tsx').then((m) => ({ default: m.Why })));

/** A message with the places its values were read from, and its tasks beside it. */
export function ReadingSheet({ id }: { id: number }) {
  const { data, error, refetch } = useQuery(arrivalSheet(id));
  if (error) {
    return (
      <div className={css.sheet}>
        <Failed error={error} retry={() => void refetch()} />
      </div>
    );
  }
  return data ? <Sheet sheet={data} /> : <div className={css.sheet} />;
}

function Sheet({ sheet }: { sheet: ArrivalSheet }) {
  const [pointed, setPointed] = useState<Pointed | null>(null);
  const [why, setWhy] = useState(false);
  const body = useRef<HTMLDivElement>(null);
  const { arrival, tasks, read } = sheet;
  const article = useRef<HTMLElement>(null);
  useEffect(() => {
    takeSheetFocus(article.current);
  }, []);
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape' && !event.defaultPrevented) focusOpenLine();
  };
  return (
    <article
      ref={article}
      className={css.sheet}
      aria-label="Reading sheet"
      tabIndex={-1}
      onKeyDown={onKeyDown}
    >
      <SheetHead sheet={sheet} why={why} onWhy={setWhy} />
      {why && (
        <Suspense>
          <Why sheet={sheet} />
        </Suspense>
      )}
      <div className={css.body} ref={body}>
        <div>
          {read ? (
            <MessageView
              arrival={arrival}
              read={read}
              marks={marksOf(tasks)}
              pointed={pointed}
              onPoint={setPointed}
            />
          ) : (
            <Unread sheet={sheet} />
          )}
          <p className={css.raw}>
            <a href={rawPath.replace(':id', String(arrival.id))}>Download the message as it came</a>,{' '}
            {Math.ceil(sheet.envelope.size / 1024)} kB
          </p>
        </div>
        <SheetCards sheet={sheet} pointed={pointed} onPoint={setPointed} />
        <ValueLine container={body} pointed={pointed} />
      </div>
    </article>
  );
}

function Unread({ sheet }: { sheet: ArrivalSheet }) {
  const clock = useClock();
  const failed = sheet.arrival.outcome.kind === 'failed';
  return (
    <Notice title={failed ? 'This message could not be read' : 'Being read …'}>
      {failed
        ? `It was tried three times: ${sheet.arrival.outcome.reason ?? ''}. Its bytes are safe and can be downloaded below.`
        : `Received ${clock.ago(sheet.arrival.receivedAt)}; it is stored and its turn comes soon.`}
    </Notice>
  );
}

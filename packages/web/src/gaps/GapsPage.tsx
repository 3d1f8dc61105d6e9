import type { Task, TaskCandidate, TaskChange } from '@hatband/contract';
import { TaskView, type FilterNames } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { arrivalSheet, projects, task as taskQuery } from '../api/queries.ts';
import { GAPS } from '../api/tasks.ts';
import { MessageView } from '../ledger/MessageView.tsx';
import { marksOf, marksOfOffer, type Pointed } from '../ledger/marks.ts';
import { SearchBox } from '../search/SearchBox.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { Failed, Notice, PageHeader, Tabs } from '../shared/page/Page.tsx';
import { useFilterNames } from '../tasks/filter/useFilterNames.ts';
import { Foot } from '../tasks/Foot.tsx';
import { TaskTable } from '../tasks/list/TaskTable.tsx';
import { useWork } from '../tasks/list/useWork.ts';
import { usePicked } from '../shared/usePicked.ts';
import { useTaskList } from '../tasks/list/useTaskList.ts';
import type { Asking } from '../tasks/PickedBar.tsx';
import css from './Gaps.module.css';
import { useOffers } from '../shared/task/useOffers.ts';
import { useGaps, type Gaps } from '../shared/task/useGaps.ts';

const GROUPS = [
  { value: 'project', name: 'by project' },
  { value: 'asks', name: 'by sender' },
  { value: 'rule', name: 'by rule' },
] as const;

/** What is missing in open tasks, settled in a grid with the mail beside it. */
export function GapsPage() {
  const [group, setGroup] = useState<(typeof GROUPS)[number]['value']>('project');
  const { data } = useQuery(projects);
  const gaps = useGaps();
  const names = useFilterNames();
  return (
    <div className={css.page}>
      <PageHeader title="Gaps">
        <Tabs tabs={[...GROUPS]} value={group} onChange={setGroup} />
        <SearchBox />
      </PageHeader>
      {data && <GapGrid key={group} group={group} gaps={gaps} names={names} />}
    </div>
  );
}

const viewOf = (group: string, columns: readonly string[]): TaskView =>
  TaskView.parse({
    filter: GAPS,
    group,
    sort: [{ field: 'created', descending: true }],
    columns: columns.map((field) => ({ field })),
  });

function GapGrid({ group, gaps, names }: { group: string; gaps: Gaps; names: FilterNames }) {
  const { data: known } = useQuery(projects);
  const own = (known?.items ?? []).flatMap(({ fields }) => fields);
  const view = viewOf(group, gaps.columns);
  const list = useTaskList(view);
  const order = list.groups.flatMap(({ ids }) => ids);
  const picked = usePicked(order);
  const work = useWork(list);
  const [asking, setAsking] = useState<Asking | null>(null);
  const [active, setActive] = useState<number | null>(null);
  const at = active !== null && order.includes(active) ? active : (order[0] ?? null);
  const { candidates, pointed, onPoint } = useOffers(at);
  const offered = at === null ? null : { taskId: at, candidates };
  if (list.error) return <Failed error={list.error} retry={list.retry} />;
  if (list.isLoading) return null;
  return (
    <>
      {order.length === 0 ? (
        <Notice title="No gaps">Every open task has what its project requires; that is set under Settings.</Notice>
      ) : (
      <div className={css.body}>
        <TaskTable
          view={view}
          list={list}
          picked={picked}
          names={names}
          kindOf={(name) => own.find((field) => field.name === name)?.kind ?? null}
          actions={{
            complete: (ids) => { work.change(ids, { status: 'completed' }); },
            remove: (ids) => { work.change(ids, { deleted: true }); },
            ask: setAsking,
          }}
          onEdit={(task: Task, change: TaskChange) => { work.edit(task, change); }}
          settling={{ ...gaps, onActive: setActive, offered, onPoint }}
        />
        {at !== null && <MailBeside key={at} taskId={at} offer={pointed} />}
      </div>
      )}
      <Foot work={work} names={names} picked={picked} asking={asking} onAsk={setAsking}>
        {list.kept > 0 ? <LinkButton onClick={list.putInOrder}>Clear what is settled</LinkButton> : <Keys />}
      </Foot>
    </>
  );
} // prettier-ignore

function Keys() {
  return (
    <p className={css.keys}>
      <kbd>← ↑ ↓ →</kbd> move <kbd>a letter</kbd> write <kbd>Enter</kbd> settle, and on to the next{' '}
      <kbd>Space</kbd> pick <kbd>Shift ↓</kbd> pick more
    </p>
  );
}

/** The mail that a task was made of, with the words that its values were read from. */
function MailBeside({ taskId, offer }: { taskId: number; offer: TaskCandidate | null }) {
  const { data: task } = useQuery(taskQuery(taskId));
  const { data: sheet } = useQuery({ ...arrivalSheet(task?.arrivalId ?? 0), enabled: task !== undefined });
  const [pointed, setPointed] = useState<Pointed | null>(null);
  return (
    <aside className={css.mail} aria-label="The mail">
      {task && sheet?.read && (
        <>
          <p>
            <Link to={`/ledger/${String(task.arrivalId)}`}>open it in the Ledger</Link>
          </p>
          <MessageView
            arrival={sheet.arrival}
            read={sheet.read}
            marks={[...marksOf([task]), ...marksOfOffer(taskId, offer)]}
            pointed={offer ? { taskId, field: offer.field } : pointed}
            onPoint={setPointed}
          />
        </>
      )}
    </aside>
  );
}

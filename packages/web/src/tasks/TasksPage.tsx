import type { TaskView } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate, useSearchParams } from 'react-router';
import { projects } from '../api/queries.ts';
import { views } from '../api/tasks.ts';
import { Failed, Notice, PageHeader } from '../shared/page/Page.tsx';
import { SearchBox } from '../search/SearchBox.tsx';
import { FilterSentence } from './filter/FilterSentence.tsx';
import { useFilterNames } from './filter/useFilterNames.ts';
import { TaskTable } from './list/TaskTable.tsx';
import type { GridActions } from './list/useGridKeys.ts';
import { usePicked } from '../shared/usePicked.ts';
import { useWork } from './list/useWork.ts';
import { useTaskList } from './list/useTaskList.ts';
import { urlOfView, viewOfUrl, type ShownView } from './list/viewUrl.ts';
import { Foot } from './Foot.tsx';
import { Sums, type Asking } from './PickedBar.tsx';
import css from './Tasks.module.css';
import { ViewOptions } from './ViewOptions.tsx';
import { ViewState } from './ViewState.tsx';
import { ViewTabs } from './ViewTabs.tsx';

/** Tasks as a view shows them: filtered, grouped, in order, changed in place or many at once. */
export function TasksPage() {
  const [params, setParams] = useSearchParams();
  const { data } = useQuery(views);
  const shown = viewOfUrl(params, data?.items ?? []);
  const name = shown.saved?.id ?? shown.base.scope;
  const show = (view: TaskView) => {
    setParams(urlOfView(name, shown.base, view));
  };
  const go = (to: string) => {
    setParams(to === 'open' ? {} : { view: to });
  };
  if (!data) return null;
  return (
    <div className={css.page}>
      <PageHeader title="Tasks">
        <ViewTabs shown={shown} onGo={go} />
        <SearchBox />
      </PageHeader>
      <ViewedTasks
        key={name}
        shown={shown}
        onChange={(change) => {
          show({ ...shown.view, ...change });
        }}
        onGo={go}
      />
    </div>
  );
}

interface ViewedProps {
  shown: ShownView;
  onChange: (change: Partial<TaskView>) => void;
  onGo: (name: string) => void;
}

function ViewedTasks({ shown, onChange, onGo }: ViewedProps) {
  const { view } = shown;
  const list = useTaskList(view);
  const order = list.groups.flatMap(({ ids }) => ids);
  const picked = usePicked(order);
  const [asking, setAsking] = useState<Asking | null>(null);
  const names = useFilterNames();
  const { data: known } = useQuery(projects);
  const own = (known?.items ?? []).flatMap(({ fields }) => fields);
  const work = useWork(list);
  const navigate = useNavigate();
  const { search } = useLocation();
  const isBin = view.scope === 'bin';
  const actions: GridActions = {
    open: (id) => void navigate(`/tasks/${String(id)}${search}`),
    complete: (ids) => { work.change(ids, { status: 'completed' }); },
    remove: (ids) => { work.change(ids, { deleted: !isBin }); },
    ask: (what, ids) => {
      for (const id of ids) if (!picked.ids.has(id)) picked.toggle(id);
      setAsking(what);
    },
    ...(view.sort.some(({ field }) => field === 'place') && { place: work.place }),
  }; // prettier-ignore
  return (
    <>
      <FilterSentence view={view} total={list.total} onChange={(filter) => { onChange({ filter }); }} />
      <div className={css.bar}>
        <ViewOptions view={view} onChange={onChange} kept={list.kept} onPutInOrder={list.putInOrder} />
        <ViewState shown={shown} onGo={(saved) => { onGo(saved?.id ?? 'open'); }} onPutBack={() => { onChange(shown.base); }} />
      </div>
      {list.error ? (
        <Failed error={list.error} retry={list.retry} />
      ) : list.total === 0 && !list.isLoading ? (
        <Empty shown={shown} />
      ) : (
        <TaskTable
          view={view}
          list={list}
          picked={picked}
          names={names}
          kindOf={(name) => own.find((field) => field.name === name)?.kind ?? null}
          actions={actions}
          onEdit={work.edit}
          onSort={(field) => { onChange({ sort: sortedBy(view.sort, field) }); }}
        />
      )}
      <Foot work={work} names={names} picked={picked} isBin={isBin} asking={asking} onAsk={setAsking}>
        <Sums groups={list.groups} columns={view.columns} />
      </Foot>
    </>
  );
} // prettier-ignore

/** First up, then down, then not at all. */
function sortedBy(sort: TaskView['sort'], field: string): TaskView['sort'] {
  const [first] = sort;
  if (first?.field !== field) return [{ field, descending: false }];
  return first.descending ? [] : [{ field, descending: true }];
}

function Empty({ shown: { saved, base, view } }: { shown: ShownView }) {
  const isFiltered = JSON.stringify(view.filter) !== JSON.stringify({ all: [] });
  if (isFiltered || saved)
    return (
      <Notice title="No task is like that">
        Below each part of the filter stands how many tasks it holds for by itself.
      </Notice>
    );
  switch (base.scope) {
    case 'bin':
      return <Notice title="The bin is empty">What you delete lies here for 30 days.</Notice>;
    case 'waiting':
      return (
        <Notice title="Nothing waits">
          A task that waits for somebody’s answer stands here until the mail or the day comes.
        </Notice>
      );
    case 'done':
      return <Notice title="Nothing is done yet">Tick a task under “open” and it moves here.</Notice>;
    default:
      return (
        <Notice title="Nothing is open">New mail becomes tasks here; see what came under Ledger.</Notice>
      );
  }
}

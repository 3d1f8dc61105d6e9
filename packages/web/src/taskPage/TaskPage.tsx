import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { task as taskQuery } from '../api/queries.ts';
import { views } from '../api/tasks.ts';
import { Failed, PageHeader } from '../shared/page/Page.tsx';
import { SearchBox } from '../search/SearchBox.tsx';
import { useTaskList } from '../tasks/list/useTaskList.ts';
import { viewOfUrl } from '../tasks/list/viewUrl.ts';
import { ViewTabs } from '../tasks/ViewTabs.tsx';
import { ListBeside } from './ListBeside.tsx';
import css from './TaskPage.module.css';
import { TaskSheet } from './TaskSheet.tsx';

/** One task whole, beside the list that it was opened from. */
export function TaskPage() {
  const id = Number(useParams().id);
  const [params] = useSearchParams();
  const { data: saved } = useQuery(views);
  const { data: task, error, refetch } = useQuery(taskQuery(id));
  const navigate = useNavigate();
  const shown = viewOfUrl(params, saved?.items ?? []);
  const list = useTaskList(shown.view);
  const search = params.toString();
  const open = (to: number | null) =>
    void navigate({ pathname: to === null ? '/tasks' : `/tasks/${String(to)}`, search });
  return (
    <div className={css.page}>
      <PageHeader title="Tasks">
        <ViewTabs
          shown={shown}
          onGo={(name) => void navigate(name === 'open' ? '/tasks' : `/tasks?view=${name}`)}
        />
        <SearchBox />
      </PageHeader>
      <div className={css.body}>
        <ListBeside list={list} view={shown.view} openId={id} search={search} />
        {error && <Failed error={error} retry={() => void refetch()} />}
        {task && (
          <TaskSheet key={id} task={task} order={list.groups.flatMap(({ ids }) => ids)} onOpen={open} />
        )}
      </div>
    </div>
  );
}

import { useQuery } from '@tanstack/react-query';
import { taskCounts, TO_DO, views } from '../api/tasks.ts';
import { Tabs } from '../shared/page/Page.tsx';
import type { ShownView } from './list/viewUrl.ts';

const EVERY = { all: [] };

/** The views that there always are, and those that were saved. */
export function ViewTabs({ shown, onGo }: { shown: ShownView; onGo: (name: string) => void }) {
  const { data } = useQuery(views);
  const saved = data?.items ?? [];
  const { data: open } = useQuery(taskCounts('open', [TO_DO, ...saved.map(({ view }) => view.filter)]));
  const { data: waiting } = useQuery(taskCounts('waiting', [EVERY]));
  const { data: bin } = useQuery(taskCounts('bin', [EVERY]));
  const counts = open?.counts.length === saved.length + 1 ? open.counts : [];
  return (
    <Tabs
      tabs={[
        { value: 'open', name: 'open', count: counts[0] },
        ...saved.map(({ id, name, view }, i) => ({
          value: id,
          name,
          count: view.scope === 'open' ? counts[i + 1] : undefined,
        })),
        { value: 'waiting', name: 'waiting', count: waiting?.counts[0] },
        { value: 'done', name: 'done' },
        { value: 'bin', name: 'bin', count: bin?.counts[0] },
      ]}
      value={shown.saved?.id ?? shown.base.scope}
      onChange={onGo}
    />
  );
}

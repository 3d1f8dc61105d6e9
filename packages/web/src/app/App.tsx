import { useQuery } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import enGB from 'antd/locale/en_GB';
import 'dayjs/locale/en-gb';
import { lazy, Suspense } from 'react';
import { createBrowserRouter, Navigate, Outlet, RouterProvider, useLocation } from 'react-router';
import { Boundary } from '../shared/page/Boundary.tsx';
import { SignIn } from '../access/SignIn.tsx';
import { session } from '../api/queries.ts';
import css from './App.module.css';
import { Rail } from './Rail.tsx';
import { theme } from './theme.ts';

const LedgerPage = lazy(() => import('../ledger/LedgerPage.tsx').then((m) => ({ default: m.LedgerPage })));
const GapsPage = lazy(() => import('../gaps/GapsPage.tsx').then((m) => ({ default: m.GapsPage })));
const PeoplePage = lazy(() => import('../people/PeoplePage.tsx').then((m) => ({ default: m.PeoplePage })));
const ProposalsPage = lazy(() =>
  import('../proposals/ProposalsPage.tsx').then((m) => ({ default: m.ProposalsPage })),
);
const SearchPage = lazy(() => import('../search/SearchPage.tsx').then((m) => ({ default: m.SearchPage })));
const TasksPage = lazy(() => import('../tasks/TasksPage.tsx').then((m) => ({ default: m.TasksPage })));
const RulesPage = lazy(() => import('../rules/RulesPage.tsx').then((m) => ({ default: m.RulesPage })));
const TaskPage = lazy(() => import('../taskPage/TaskPage.tsx').then((m) => ({ default: m.TaskPage })));
const TablesPage = lazy(() => import('../tables/TablesPage.tsx').then((m) => ({ default: m.TablesPage })));
const SettingsPage = lazy(() =>
  import('../settings/SettingsPage.tsx').then((m) => ({ default: m.SettingsPage })),
);
const PracticePage = lazy(() =>
  import('../practice/PracticePage.tsx').then((m) => ({ default: m.PracticePage })),
);
const IntakePage = lazy(() => import('../intake/IntakePage.tsx').then((m) => ({ default: m.IntakePage })));

function Shell() {
  const { data } = useQuery(session);
  const { pathname } = useLocation();
  if (data && !data.signedIn) return <SignIn />;
  return (
    <div className={css.shell}>
      <Rail />
      <main className={css.main}>
        <Boundary key={pathname.split('/')[1]} what="this screen">
          <Suspense>
            <Outlet />
          </Suspense>
        </Boundary>
      </main>
    </div>
  );
}

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: '/ledger/:id?', element: <LedgerPage /> },
      { path: '/gaps', element: <GapsPage /> },
      { path: '/people/:who?', element: <PeoplePage /> },
      { path: '/proposals', element: <ProposalsPage /> },
      { path: '/search', element: <SearchPage /> },
      { path: '/tasks', element: <TasksPage /> },
      { path: '/tasks/:id', element: <TaskPage /> },
      { path: '/rules/:id?', element: <RulesPage /> },
      { path: '/tables/:id?', element: <TablesPage /> },
      { path: '/settings/:part?', element: <SettingsPage /> },
      { path: '/intake/:kind?/:id?', element: <IntakePage /> },
      { path: '/practice/:uid?', element: <PracticePage /> },
      { path: '*', element: <Navigate to="/ledger" replace /> },
    ],
  },
]);

export function App() {
  return (
    <ConfigProvider theme={theme} locale={enGB} button={{ autoInsertSpace: false }}>
      <RouterProvider router={router} />
    </ConfigProvider>
  );
}

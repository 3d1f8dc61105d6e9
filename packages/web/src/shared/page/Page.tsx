import type { ReactNode } from 'react';
import { Link } from 'react-router';
import css from './page.module.css';
import { LinkButton } from './LinkButton.tsx';

/** The head of a screen: its name, its tabs, its actions. */
export function PageHeader({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <header className={css.header}>
      <h1>{title}</h1>
      {children}
    </header>
  );
}

export interface Tab<T> {
  value: T;
  name: string;
  count?: number | undefined;
}

export function Tabs<T extends string>({
  tabs,
  value,
  onChange,
}: {
  tabs: Tab<T>[];
  value: T;
  onChange: (value: T) => void;
}) {
  return (
    <div className={css.tabs} role="group">
      {tabs.map((tab) => (
        <button
          key={tab.value}
          type="button"
          aria-pressed={tab.value === value}
          onClick={() => {
            onChange(tab.value);
          }}
        >
          {tab.name} {tab.count !== undefined && <b>{tab.count}</b>}
        </button>
      ))}
    </div>
  );
}

/** The parts of a screen that have addresses of their own. */
export function PartLinks({ parts }: { parts: readonly { to: string; name: string; current?: boolean }[] }) {
  return (
    <nav className={css.links} aria-label="Parts of this screen">
      {parts.map(({ to, name, current = false }) => (
        <Link key={to} to={to} aria-current={current ? 'page' : undefined}>
          {name}
        </Link>
      ))}
    </nav>
  );
}

/** An empty, loading or failed place: what it is and what to do next. */
export function Notice({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className={css.notice} role="status">
      <h2>{title}</h2>
      {children}
    </div>
  );
}

export function Failed({ error, retry }: { error: Error; retry: () => void }) {
  return (
    <Notice title="This could not be shown">
      <p>{error.message}</p>
      <p>
        <LinkButton onClick={retry}>Try again</LinkButton>
      </p>
    </Notice>
  );
}

/** What the server refused, beside the place it belongs to. */
export function ErrorLine({ error }: { error: Error | null }) {
  return (
    error && (
      <p className={css.error} role="alert">
        {error.message}
      </p>
    )
  );
}

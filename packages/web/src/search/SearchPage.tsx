import { registers, SearchQuery } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { AutoComplete, DatePicker, Input, Select } from 'antd';
import dayjs from 'dayjs';
import { useDeferredValue } from 'react';
import { useSearchParams } from 'react-router';
import { found, projects, register } from '../api/queries.ts';
import { Failed, Notice, PageHeader, Tabs } from '../shared/page/Page.tsx';
import { Results } from './Results.tsx';
import css from './Search.module.css';

const KINDS = [
  { value: 'both', name: 'mail and tasks' },
  { value: 'message', name: 'mail' },
  { value: 'task', name: 'tasks' },
] as const;

/** Mail and tasks that have some words; what is asked stands in the address. */
export function SearchPage() {
  const [params, setParams] = useSearchParams();
  const asked = askedIn(params);
  const query = useDeferredValue(asked);
  const { data, error, refetch } = useQuery(found(query));
  const ask = (change: Partial<Record<keyof SearchQuery, string | undefined>>) => {
    setParams(
      (now) => {
        for (const [name, value] of Object.entries(change)) {
          if (value) now.set(name, value);
          else now.delete(name);
        }
        return now;
      },
      { replace: true },
    );
  };
  return (
    <div className={css.page}>
      <PageHeader title="Search">
        <Tabs
          tabs={[...KINDS]}
          value={asked.kind ?? 'both'}
          onChange={(kind) => { ask({ kind: kind === 'both' ? undefined : kind }); }}
        />
      </PageHeader>
      <div className={css.ask} role="search">
        <Input
          type="search"
          size="large"
          autoFocus
          aria-label="words to find"
          placeholder="Words, beginnings of words, “words that stand together”"
          maxLength={200}
          value={params.get('words') ?? ''}
          onChange={(event) => { ask({ words: event.target.value }); }}
          onKeyDown={(event) => { if (event.key === 'ArrowDown') focusFirst(event); }}
        />
        <Filters asked={asked} onAsk={ask} />
      </div>
      {error ? (
        <Failed error={error} retry={() => void refetch()} />
      ) : query.words === '' ? (
        <Notice title="Find mail and tasks">
          In mail: subject, people, text and names of attachments. In tasks: every field, notes, checklist and comments.
        </Notice>
      ) : (
        data && <Results items={data.items} more={data.more} words={query.words} />
      )}
    </div>
  );
} // prettier-ignore

/** What an address asks for; what is not understood in it is left out. */
function askedIn(params: URLSearchParams): SearchQuery {
  const understood = [...params].filter(
    ([name, value]) => SearchQuery.partial().safeParse({ [name]: value }).success,
  );
  return SearchQuery.parse({ words: '', ...Object.fromEntries(understood) });
}

function focusFirst(event: { preventDefault: () => void }) {
  event.preventDefault();
  document.querySelector<HTMLElement>('[data-found] a')?.focus();
}

interface FilterProps {
  asked: SearchQuery;
  onAsk: (change: Partial<Record<keyof SearchQuery, string | undefined>>) => void;
}

function Filters({ asked, onAsk }: FilterProps) {
  const { data: known } = useQuery(projects);
  const { data: people } = useQuery(register(registers.people));
  return (
    <div className={css.filters}>
      <Select
        allowClear
        showSearch={{ optionFilterProp: 'label' }}
        aria-label="project"
        placeholder="any project"
        value={asked.project ?? null}
        options={(known?.items ?? []).map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(project: string | undefined) => { onAsk({ project }); }}
      />
      <AutoComplete
        allowClear
        aria-label="from whom"
        placeholder="from anybody"
        value={asked.person ?? ''}
        options={(people?.items ?? [])
          .map(({ body }) => ({ value: body.name }))
          .filter(({ value }) => value.toLowerCase().includes((asked.person ?? '').toLowerCase()))}
        onChange={(person: string) => { onAsk({ person }); }}
      />
      <Day name="from" value={asked.from} onChange={(from) => { onAsk({ from }); }} />
      <Day name="to" value={asked.to} onChange={(to) => { onAsk({ to }); }} />
    </div>
  );
} // prettier-ignore

interface DayProps {
  name: 'from' | 'to';
  value: string | undefined;
  onChange: (day: string | undefined) => void;
}

function Day({ name, value, onChange }: DayProps) {
  return (
    <DatePicker
      aria-label={`${name} the day`}
      placeholder={`${name} any day`}
      value={value === undefined ? null : dayjs(value)}
      onChange={(day) => {
        onChange(day?.format('YYYY-MM-DD'));
      }}
    />
  );
}

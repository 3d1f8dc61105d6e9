import { registers } from '@hatband/contract';
import {
  labelOfField,
  ownNameOf,
  type TaskCondition,
  type TaskConditionKind,
  Priority,
  Status,
} from '@hatband/core/tasks';
import { SOURCE_NAMES } from '@hatband/core/rules';
import { useQuery } from '@tanstack/react-query';
import { DatePicker, InputNumber } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { addresses, projects, register, ruleNames } from '../../api/queries.ts';
import { useClock } from '../../shared/clock.ts';
import { Choose, ChooseSeveral, type Option } from '../../shared/forms/Choose.tsx';
import { Words } from '../../shared/forms/Words.tsx';
import { knownFields } from '../list/columns.ts';
import { draftOf, finished, kindsOf, labelOfKind, OF_NO_FIELD, type Draft } from './conditionKinds.ts';
import css from './Filter.module.css';

interface Props {
  condition: TaskCondition | null;
  /** Null while something is missing. */
  onChange: (condition: TaskCondition | null) => void;
}

const isOfNoField = (kind: string): kind is (typeof OF_NO_FIELD)[number] =>
  OF_NO_FIELD.some((each) => each === kind);

/** One condition: of what, how, and with which values. */
export function ConditionForm({ condition, onChange }: Props) {
  const { today } = useClock();
  const { data } = useQuery(projects);
  const [draft, setDraft] = useState<Draft | null>(condition);
  const own = (data?.items ?? []).flatMap(({ fields }) => fields);
  const kindOfOwn = (field: string) => own.find(({ name }) => name === ownNameOf(field))?.kind ?? null;
  const subjects: Option<string>[] = [
    // Who asks is asked by the person, whatever he writes under.
    ...knownFields(data?.items ?? []).filter(({ value }) => value !== 'asks'),
    ...OF_NO_FIELD.map((kind) => ({ value: kind, label: labelOfKind(kind) })),
  ];
  const set = (next: Draft) => {
    setDraft(next);
    onChange(finished(next));
  };
  const onSubject = (subject: string) => {
    const kind: TaskConditionKind = isOfNoField(subject)
      ? subject
      : (kindsOf(subject, kindOfOwn(subject))[0] ?? 'is');
    set(draftOf(kind, isOfNoField(subject) ? null : { kind, field: subject }, today));
  };
  const subject = draft === null ? null : isOfNoField(draft.kind) ? draft.kind : (draft.field ?? null);
  return (
    <div className={css.form}>
      <Choose
        showSearch
        aria-label="what is asked"
        placeholder="what is asked"
        value={subject}
        options={subjects}
        onChange={onSubject}
      />
      {draft && !isOfNoField(draft.kind) && (
        <Choose<TaskConditionKind>
          aria-label="how"
          value={draft.kind}
          options={kindsOf(draft.field ?? '', kindOfOwn(draft.field ?? '')).map((kind) => ({
            value: kind,
            label: labelOfKind(kind),
          }))}
          onChange={(kind) => {
            set(draftOf(kind, draft, today));
          }}
        />
      )}
      {draft && <Values draft={draft} set={set} />}
    </div>
  );
}

interface ValueProps {
  draft: Draft;
  set: (draft: Draft) => void;
}

/** What the condition compares with. */
function Values({ draft, set }: ValueProps) {
  switch (draft.kind) {
    case 'is':
      return <IsValues draft={draft} set={set} />;
    case 'words':
      return <WordList draft={draft} set={set} part="words" />;
    case 'next':
    case 'last':
      return <Count draft={draft} set={set} />;
    case 'before':
    case 'after':
    case 'on':
      return (
        <DatePicker
          aria-label="day"
          allowClear={false}
          value={dayjs(String(draft.day))}
          onChange={(day) => {
            if (day) set({ ...draft, day: day.format('YYYY-MM-DD') });
          }}
        />
      );
    case 'label':
      return <WordList draft={draft} set={set} part="labels" />;
    case 'askedBy':
      return <People draft={draft} set={set} />;
    case 'source':
      return (
        <Several
          draft={draft}
          set={set}
          part="values"
          options={Object.entries(SOURCE_NAMES).map(([value, label]) => ({ value, label }))}
        />
      );
    case 'address':
      return <Ways draft={draft} set={set} />;
    case 'gap':
      return <GapField draft={draft} set={set} />;
    default:
      return null;
  }
}

const textsIn = (value: unknown): string[] => (Array.isArray(value) ? value.map(String) : []);

function WordList({
  draft,
  set,
  part,
  options = [],
}: ValueProps & { part: string; options?: readonly string[] }) {
  return (
    <Words
      name={part}
      words={textsIn(draft[part])}
      options={options}
      onChange={(words) => {
        set({ ...draft, [part]: words });
      }}
    />
  );
}

function Several({
  draft,
  set,
  part,
  options,
}: ValueProps & { part: string; options: readonly Option<string>[] }) {
  return (
    <ChooseSeveral
      aria-label="values"
      placeholder="one or several"
      value={textsIn(draft[part])}
      options={options}
      onChange={(values) => {
        set({ ...draft, [part]: values });
      }}
    />
  );
}

const plain = (values: readonly string[]) => values.map((value) => ({ value, label: value }));

/** Values to be chosen where they are known, else words. */
function IsValues({ draft, set }: ValueProps) {
  const { data: known } = useQuery(projects);
  const { data: rules } = useQuery(ruleNames);
  const { data: people } = useQuery(register(registers.people));
  const { data: tags } = useQuery(register(registers.tags));
  const field = draft.field ?? '';
  const named: Readonly<Record<string, readonly Option<string>[] | undefined>> = {
    project: known?.items.map(({ id, name }) => ({ value: id, label: name })),
    rule: rules?.items.filter(({ deleted }) => !deleted).map(({ id, name }) => ({ value: id, label: name })),
    priority: plain(Priority.options),
    status: plain(Status.options),
  };
  const choices = named[field];
  if (choices) return <Several draft={draft} set={set} part="values" options={choices} />;
  const own = (known?.items ?? [])
    .flatMap(({ fields }) => fields)
    .find(({ name }) => name === ownNameOf(field));
  const written: Readonly<Record<string, readonly string[] | undefined>> = {
    assignee: people?.items.map(({ body }) => body.name),
    asks: people?.items.map(({ body }) => body.name),
    tags: tags?.items.map(({ body }) => body.name),
    section: known?.items.flatMap(({ sections }) => sections),
  };
  return <WordList draft={draft} set={set} part="values" options={own?.choices ?? written[field] ?? []} />;
}

const UNITS: readonly Option<'days' | 'working days'>[] = [
  { value: 'days', label: 'days' },
  { value: 'working days', label: 'working days' },
];

function Count({ draft, set }: ValueProps) {
  return (
    <span className={css.count}>
      <InputNumber
        aria-label="how many"
        min={0}
        max={3660}
        value={Number(draft.count)}
        onChange={(count) => {
          set({ ...draft, count });
        }}
      />
      <Choose
        aria-label="unit"
        value={UNITS.find(({ value }) => value === draft.unit)?.value ?? 'days'}
        options={UNITS}
        onChange={(unit) => {
          set({ ...draft, unit });
        }}
      />
    </span>
  );
}

function People({ draft, set }: ValueProps) {
  const { data } = useQuery(register(registers.people));
  return (
    <WordList
      draft={draft}
      set={set}
      part="people"
      options={data?.items.map(({ body }) => body.name) ?? []}
    />
  );
}

function Ways({ draft, set }: ValueProps) {
  const { data } = useQuery(addresses);
  return (
    <ChooseSeveral
      aria-label="values"
      placeholder="one or several"
      value={textsIn(draft.addresses)}
      options={(data?.items ?? []).map(({ id, address }) => ({ value: String(id), label: address }))}
      onChange={(ids) => {
        set({ ...draft, addresses: ids.map(Number) });
      }}
    />
  );
}

function GapField({ draft, set }: ValueProps) {
  const { data } = useQuery(projects);
  return (
    <Choose
      aria-label="which field"
      value={draft.field ?? ''}
      options={[
        { value: '', label: 'in any field' },
        ...knownFields(data?.items ?? []).map(({ value, label }) => ({
          value,
          label: labelOfField(value) || label,
        })),
      ]}
      onChange={(field) => {
        set({ kind: 'gap', field: field === '' ? null : field });
      }}
    />
  );
}

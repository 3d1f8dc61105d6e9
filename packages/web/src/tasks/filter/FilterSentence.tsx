import {
  groupOf,
  isGroup,
  openGroup,
  partsOf,
  sayCondition,
  withPart,
  type FilterGroup,
  type FilterNames,
  type How,
  type TaskCondition,
  type TaskFilter,
  type TaskView,
} from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Fragment, useState } from 'react';
import { taskCounts } from '../../api/tasks.ts';
import { LinkButton } from '../../shared/page/LinkButton.tsx';
import { Opening } from '../../shared/page/Opening.tsx';
import { ConditionForm } from './ConditionForm.tsx';
import css from './Filter.module.css';
import { useFilterNames } from './useFilterNames.ts';

interface Props {
  view: TaskView;
  total: number;
  onChange: (filter: TaskFilter) => void;
}

/** What stands in front of a part's number in the answer. */
type Counts = (path: readonly number[]) => number | undefined;

/** The filter as a sentence; below each part how many tasks it holds for by itself. */
export function FilterSentence({ view, total, onChange }: Props) {
  const names = useFilterNames();
  const { filter, scope } = view;
  const parts = partsOf(filter);
  const { data } = useQuery(
    taskCounts(
      scope,
      parts.map(({ part }) => part),
    ),
  );
  const countAt: Counts = (path) => {
    const i = parts.findIndex((each) => each.path.join() === path.join());
    return data?.counts.length === parts.length ? data.counts[i] : undefined;
  };
  const set = (path: readonly number[], part: TaskFilter | null) => {
    onChange(withPart(filter, path, part));
  };
  const isEmpty = isGroup(filter) && openGroup(filter).of.length === 0;
  const shared = { path: [], names, countAt, set };
  return (
    <section className={css.sentence} aria-label="Filter">
      <p className={css.lead}>
        {isEmpty ? 'All tasks' : 'Tasks where'}
        {!isEmpty && <small>each by itself</small>}
      </p>
      {!isEmpty && (
        <div className={css.parts}>
          {isGroup(filter) ? <Members group={filter} {...shared} /> : <Part part={filter} {...shared} />}
        </div>
      )}
      <AddPart
        words={isEmpty ? 'choose which …' : 'add …'}
        onAdd={(condition) => {
          onChange(added(filter, condition));
        }}
      />
      <p className={css.total}>
        {total} {total === 1 ? 'task' : 'tasks'}
      </p>
    </section>
  );
}

/** One more thing that has to hold. */
function added(filter: TaskFilter, condition: TaskCondition): TaskFilter {
  if (isGroup(filter) && 'all' in filter) return { all: [...filter.all, condition] };
  return { all: [filter, condition] };
}

interface PartProps<T extends TaskFilter> {
  part: T;
  path: readonly number[];
  names: FilterNames;
  countAt: Counts;
  set: (path: readonly number[], part: TaskFilter | null) => void;
}

function Part({ part, ...more }: PartProps<TaskFilter>) {
  return isGroup(part) ? <Braced {...more} part={part} /> : <Condition {...more} part={part} />;
}

const JOINS: Record<How, string> = { all: 'and', any: 'or', none: 'nor' };
const OTHER: Record<How, How> = { all: 'any', any: 'all', none: 'any' };

function Members({ group, ...more }: Omit<PartProps<TaskFilter>, 'part'> & { group: FilterGroup }) {
  const { how, of } = openGroup(group);
  const { path, set } = more;
  const turn = () => {
    set(path, groupOf(OTHER[how], of));
  };
  return (
    <>
      {how === 'none' && (
        <button type="button" className={css.join} title="make it one that has to hold" onClick={turn}>
          not
        </button>
      )}
      {of.map((member, i) => (
        <Fragment key={[...path, i].join()}>
          {i > 0 && (
            <button
              type="button"
              className={css.join}
              title={how === 'all' ? 'make it “or”' : 'make it “and”'}
              onClick={turn}
            >
              {JOINS[how]}
            </button>
          )}
          <Part {...more} part={member} path={[...path, i]} />
        </Fragment>
      ))}
    </>
  );
}

/** A group within another, with a brace and its own number. */
function Braced({ part, ...more }: PartProps<FilterGroup>) {
  return (
    <span className={css.group} role="group">
      <span className={css.parts}>
        <Members {...more} group={part} />
      </span>
      <span className={css.brace} aria-hidden="true" />
      <small>{more.countAt(more.path)}</small>
    </span>
  );
}

function Condition({ part, path, names, countAt, set }: PartProps<TaskCondition>) {
  const [isOpen, setOpen] = useState(false);
  const nest = (how: How) => (condition: TaskCondition) => {
    setOpen(false);
    set(path, groupOf(how, [part, condition]));
  };
  return (
    <span className={css.condition}>
      <Opening
        isOpen={isOpen}
        onOpenChange={setOpen}
        trigger={
          <button type="button" className={css.words}>
            {sayCondition(part, names)}
          </button>
        }
      >
        <div className={css.popover}>
          <ConditionForm
            condition={part}
            onChange={(condition) => {
              if (condition) set(path, condition);
            }}
          />
          <div className={css.acts}>
            <AddPart words="or …" onAdd={nest('any')} />
            <AddPart words="and …" onAdd={nest('all')} />
            <LinkButton
              onClick={() => {
                setOpen(false);
                set(path, { none: [part] });
              }}
            >
              not this
            </LinkButton>
            <LinkButton
              onClick={() => {
                set(path, null);
              }}
            >
              Remove
            </LinkButton>
          </div>
        </div>
      </Opening>
      <small>{countAt(path)}</small>
    </span>
  );
}

/** Asks for a condition, and gives it once all of it is said. */
function AddPart({ words, onAdd }: { words: string; onAdd: (condition: TaskCondition) => void }) {
  const [isOpen, setOpen] = useState(false);
  const [condition, setCondition] = useState<TaskCondition | null>(null);
  return (
    <Opening
      isOpen={isOpen}
      onOpenChange={(open) => {
        setOpen(open);
        setCondition(null);
      }}
      trigger={
        <button type="button" className="link">
          {words}
        </button>
      }
    >
      <div className={css.popover}>
        <ConditionForm condition={null} onChange={setCondition} />
        <Button
          type="primary"
          disabled={condition === null}
          onClick={() => {
            setOpen(false);
            if (condition) onAdd(condition);
          }}
        >
          Add
        </Button>
      </div>
    </Opening>
  );
}

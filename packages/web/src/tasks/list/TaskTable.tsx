import type { Task, TaskChange, TaskGroup } from '@hatband/contract';
import { isBuiltIn, labelOfField, ownNameOf, type FilterNames, type TaskView } from '@hatband/core/tasks';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState, type CSSProperties } from 'react';
import { Foreign } from '../../shared/page/Foreign.tsx';
import { hueOf } from '../../shared/page/hues.ts';
import { isRight, widthOf } from './columns.ts';
import { sayGroup, saySum } from './sayGroup.ts';
import type { Settling } from './settling.ts';
import { TaskLine } from './TaskLine.tsx';
import css from './TaskTable.module.css';
import { useGridKeys, type GridActions } from './useGridKeys.ts';
import type { Picked } from '../../shared/usePicked.ts';
import { useTaskRows, type Line, type TaskList } from './useTaskList.ts';

const LINE = 32;
/** Lines beyond the edges of what is seen that are there already. */
const BEYOND = 12;

interface Props {
  view: TaskView;
  list: TaskList;
  picked: Picked;
  names: FilterNames;
  kindOf: (own: string) => string | null;
  actions: GridActions;
  onEdit: (task: Task, change: TaskChange) => void;
  /** Without it the order is fixed. */
  onSort?: (field: string) => void;
  /** Where what is missing is settled: its cells are marked, letters write, and what was written leads to the next line. */
  settling?: Settling;
}

/** The tasks of a view as lines of a grid, of which those are there that one sees. */
export function TaskTable(props: Props) {
  const { view, list, kindOf, onSort } = props;
  const [folded, setFolded] = useState<ReadonlySet<string | null>>(new Set());
  const scroller = useRef<HTMLDivElement>(null);
  const lines = useMemo(
    () => linesOf(list.groups, view.group !== null, folded),
    [list.groups, view.group, folded],
  );
  // oxlint-disable-next-line react/incompatible-library -- what it returns is asked anew in each render
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => LINE,
    overscan: BEYOND,
  });
  const fields = ['title', ...view.columns.map(({ field }) => field)];
  const grid = useGridKeys({
    lines,
    columns: fields.length,
    picked: props.picked,
    actions: props.actions,
    showLine: (index) => {
      virtual.scrollToIndex(index);
    },
    isWritten: props.settling !== undefined,
    onActive: props.settling?.onActive,
    root: scroller,
  });
  return (
    <div ref={scroller} className={css.scroller} style={widthsOf(view)}>
      <div
        role="grid"
        tabIndex={-1}
        aria-label="Tasks"
        aria-rowcount={lines.length + 1}
        className={css.grid}
        onKeyDown={grid.onKeyDown}
      >
        <Head fields={fields} view={view} kindOf={kindOf} onSort={onSort} />
        <div style={{ height: virtual.getTotalSize(), position: 'relative' }} role="rowgroup">
          <Lines
            {...props}
            lines={lines}
            places={virtual.getVirtualItems()}
            fields={fields}
            grid={grid}
            folded={folded}
            onFold={(value) => {
              setFolded(toggled(folded, value));
            }}
          />
        </div>
      </div>
    </div>
  );
}

const widthsOf = ({ columns }: TaskView) =>
  ({
    '--columns': `minmax(220px, 1fr) ${columns.map((column) => `${String(widthOf(column))}px`).join(' ')}`,
  }) as CSSProperties;

type HeadRowProps = Pick<Props, 'view' | 'kindOf'> &
  Pick<HeadProps, 'onSort'> & { fields: readonly string[] };

function Head({ fields, view, kindOf, onSort }: HeadRowProps) {
  return (
    <div role="row" aria-rowindex={1} className={css.head}>
      <span role="columnheader" aria-label="picked, rule and done" />
      {fields.map((field) => (
        <SortHead key={field} field={field} view={view} isRight={isRight(field, kindOf)} onSort={onSort} />
      ))}
    </div>
  );
}

interface LinesProps extends Props {
  lines: readonly Line[];
  /** Those that are in sight. */
  places: readonly { index: number; start: number }[];
  fields: readonly string[];
  grid: ReturnType<typeof useGridKeys>;
  folded: ReadonlySet<string | null>;
  onFold: (value: string | null) => void;
}

function Lines({ lines, places, fields, grid, folded, onFold, ...props }: LinesProps) {
  const { view, list, picked, names, kindOf, settling, onEdit } = props;
  const tasks = useTaskRows(lines, list.first, {
    from: places[0]?.index ?? 0,
    to: places.at(-1)?.index ?? 0,
  });
  const edit = (task: Task, change: TaskChange) => {
    onEdit(task, change);
    if (settling) grid.goDown();
  };
  return places.map(({ index, start }) => {
    const line = lines[index];
    if (!line) return null;
    const common = {
      index,
      names,
      kindOf,
      place: { transform: `translateY(${String(start)}px)`, height: LINE },
    };
    if ('id' in line)
      return (
        <TaskLine
          key={line.id}
          {...common}
          task={tasks.get(line.id) ?? null}
          id={line.id}
          fields={fields}
          picked={picked}
          stop={grid.stopIn(index)}
          onFocusCell={grid.onFocusCell}
          settling={settling}
          onEdit={edit}
        />
      );
    const { value } = line.group;
    return (
      <GroupLine
        key={`group ${String(value)}`}
        {...common}
        group={line.group}
        view={view}
        isFolded={folded.has(value)}
        onFold={() => {
          onFold(value);
        }}
      />
    );
  });
}

const linesOf = (
  groups: readonly TaskGroup[],
  isGrouped: boolean,
  folded: ReadonlySet<string | null>,
): Line[] =>
  groups.flatMap((group): Line[] => [
    ...(isGrouped ? [{ group }] : []),
    ...(isGrouped && folded.has(group.value) ? [] : group.ids.map((id) => ({ id }))),
  ]);

function toggled(folded: ReadonlySet<string | null>, value: string | null): ReadonlySet<string | null> {
  const next = new Set(folded);
  if (!next.delete(value)) next.add(value);
  return next;
}

interface HeadProps {
  field: string;
  view: TaskView;
  isRight: boolean;
  onSort: ((field: string) => void) | undefined;
}

function SortHead({ field, view, isRight: right, onSort }: HeadProps) {
  const at = view.sort.findIndex((each) => each.field === field);
  const sort = view.sort[at];
  const order = sort === undefined ? 'none' : sort.descending ? 'descending' : 'ascending';
  const words = (
    <>
      {field === 'title' ? 'task' : labelOfField(field)}
      {sort && (sort.descending ? ' ↓' : ' ↑')}
      {sort && view.sort.length > 1 && <sup>{at + 1}</sup>}
    </>
  );
  const style = { color: hueOfColumn(field) };
  return (
    <span role="columnheader" aria-sort={order} className={right ? css.right : undefined}>
      {onSort ? (
        <button
          type="button"
          style={style}
          onClick={() => {
            onSort(field);
          }}
        >
          {words}
        </button>
      ) : (
        <b style={style}>{words}</b>
      )}
    </span>
  );
}

interface GroupProps {
  group: TaskGroup;
  view: TaskView;
  names: FilterNames;
  kindOf: (own: string) => string | null;
  place: CSSProperties;
  index: number;
  isFolded: boolean;
  onFold: () => void;
}

function GroupLine({ group, view, names, kindOf, place, index, isFolded, onFold }: GroupProps) {
  const done = group.ids.length - group.open;
  return (
    <div role="row" aria-rowindex={index + 2} className={css.group} style={place}>
      <span role="gridcell" className={css.groupName}>
        <button type="button" aria-expanded={!isFolded} data-cell={`${String(index)}:0`} onClick={onFold}>
          <span aria-hidden="true">{isFolded ? '▸' : '▾'}</span>{' '}
          <b>
            <Foreign words={sayGroup(view.group ?? '', group.value, names)} />
          </b>{' '}
          <small>
            {group.open} open{done > 0 && `, ${String(done)} done`}
          </small>
        </button>
      </span>
      {view.columns.map(({ field }) => (
        <span key={field} role="gridcell" className={isRight(field, kindOf) ? css.right : undefined}>
          {saySum(group, field)}
        </span>
      ))}
    </div>
  );
}

/** Fields that are read from mail have a hue each; what else is known of a task has none. */
function hueOfColumn(field: string): string | undefined {
  if (field === 'asks') return 'var(--field-who)';
  const own = ownNameOf(field);
  return own !== null || isBuiltIn(field) ? hueOf(own ?? field) : undefined;
}

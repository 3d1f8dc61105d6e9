import { sayLine, type RouteLine, type RuleDefinition } from '@hatband/core/rules';
import { useState } from 'react';
import { useEditing } from './editing.ts';
import { EffectRows } from './EffectRows.tsx';
import { GroupEditor } from './GroupEditor.tsx';
import { Choose } from '../../shared/forms/Choose.tsx';
import { Words } from '../../shared/forms/KindForm.tsx';
import { MakesRow } from './MakesRow.tsx';
import { NewProjectName } from './NewProjectName.tsx';
import { Problems, Row, TakeOff } from './Row.tsx';
import css from './RuleSheet.module.css';

interface Props {
  definition: RuleDefinition;
  onChange: (part: Partial<RuleDefinition>) => void;
}

const NEW_LINE: RouteLine = {
  if: { all: [] },
  project: { of: 'address' },
  section: null,
  place: 'bottom',
  assignee: null,
  tags: [],
  template: null,
  unknown: 'otherwise',
};

/** What becomes of the message, where its tasks go by the first line that holds, and what happens then. */
export function RouteTable({ definition, onChange }: Props) {
  const { route } = definition;
  const set = (lines: RouteLine[]) => {
    onChange({ route: lines });
  };
  return (
    <>
      <h2 className={css.heading}>
        Route <span>the first line that holds</span>
      </h2>
      <table className={css.table}>
        <tbody>
          <tr>
            <th>result</th>
            <td colSpan={2}>
              <MakesRow
                makes={definition.makes}
                onChange={(makes) => {
                  onChange({ makes });
                }}
              />
            </td>
          </tr>
          {route.map((line, i) => (
            <Line
              key={i}
              line={line}
              path={`route.${String(i)}`}
              last={i === route.length - 1}
              onChange={(changed) => {
                set(route.map((old, at) => (at === i ? changed : old)));
              }}
              onRemove={() => {
                set(route.toSpliced(i, 1));
              }}
            />
          ))}
          <tr>
            <td colSpan={3}>
              <button
                type="button"
                className={css.addLine}
                onClick={() => {
                  set([...route.slice(0, -1), NEW_LINE, ...route.slice(-1)]);
                }}
              >
                another line …
              </button>
            </td>
          </tr>
          <tr>
            <th>then</th>
            <td colSpan={2}>
              <EffectRows definition={definition} onChange={onChange} />
            </td>
          </tr>
        </tbody>
      </table>
    </>
  );
}

interface LineProps {
  line: RouteLine;
  path: string;
  last: boolean;
  onChange: (line: RouteLine) => void;
  onRemove: () => void;
}

function Line({ line, path, last, onChange, onRemove }: LineProps) {
  const number = Number(path.split('.')[1]) + 1;
  // What is written takes the width of the row.
  const isOpen = useEditing().open?.startsWith(`${path}.if`) ?? false;
  return (
    <tr>
      <th className={css.lineHead} colSpan={isOpen ? 3 : 1}>
        {line.if === null ? (
          last ? (
            'otherwise'
          ) : (
            'if it is there'
          )
        ) : (
          <GroupEditor
            group={line.if}
            path={`${path}.if`}
            of={`line ${String(number)}`}
            inRoute
            onChange={(group) => {
              onChange({ ...line, if: group });
            }}
          />
        )}
      </th>
      <td colSpan={2} hidden={isOpen}>
        <Row
          path={`${path}.to`}
          name={`where line ${String(number)} goes`}
          words={sayLine(line)}
          actions={last ? undefined : <TakeOff of={`line ${String(number)}`} onClick={onRemove} />}
        >
          <LineForm line={line} of={`line ${String(number)}`} onChange={onChange} />
        </Row>
        <LineProblems path={path} />
      </td>
    </tr>
  );
}

/** What is wrong with a line besides its condition. */
function LineProblems({ path }: { path: string }) {
  const { problems } = useEditing();
  const own = problems.filter(({ path: place }) => {
    const at = place.map(String).join('.');
    return (at === path || at.startsWith(`${path}.`)) && !at.startsWith(`${path}.if.`);
  });
  return <Problems problems={own} />;
}

/** A choice that stands for a value read; names of things do not begin so. */
const READ = 'read: ';
const NEW = 'a new project …';
const OF_ADDRESS = 'the project of its address';

const refWords = (ref: RouteLine['project']) => {
  if (ref === null) return '';
  if (typeof ref === 'string') return ref;
  return 'of' in ref ? OF_ADDRESS : `${READ}${ref.value}`;
};

function LineForm({
  line,
  of,
  onChange,
}: {
  line: RouteLine;
  of: string;
  onChange: (line: RouteLine) => void;
}) {
  const { context, fields } = useEditing();
  const [isNaming, setNaming] = useState(false);
  const set = (part: Partial<RouteLine>) => {
    onChange({ ...line, ...part });
  };
  const read = fields.map((field) => `${READ}${field}`);
  const named = typeof line.project === 'string' ? line.project : null;
  const home = context.projects.find(({ name }) => name === named);
  return (
    <div className={css.fieldForm}>
      {isNaming ? (
        <NewProjectName
          onMade={(name) => {
            set({ project: name, section: null });
            setNaming(false);
          }}
          onCancel={() => {
            setNaming(false);
          }}
        />
      ) : (
        <Choice
          label="project"
          of={of}
          value={refWords(line.project)}
          options={[OF_ADDRESS, ...context.projects.map(({ name }) => name), ...read, NEW]}
          onChange={(words) => {
            if (words === NEW) setNaming(true);
            else set({ project: words === OF_ADDRESS ? { of: 'address' } : refOf(words), section: null });
          }}
        />
      )}
      {line.project !== null && typeof line.project === 'object' && 'value' in line.project && (
        <Choice
          label="if there is no such project"
          of={of}
          value={line.unknown}
          options={['otherwise', 'hold', 'make']}
          none={false}
          onChange={(words) => {
            set({ unknown: words === 'hold' || words === 'make' ? words : 'otherwise' });
          }}
        />
      )}
      <Choice
        label="section"
        of={of}
        value={refWords(line.section)}
        options={[...(home?.sections ?? []), ...read]}
        onChange={(words) => {
          set({ section: refOf(words) });
        }}
      />
      <Choice
        label="place"
        of={of}
        value={line.place}
        options={['bottom', 'top']}
        none={false}
        onChange={(words) => {
          set({ place: words === 'top' ? 'top' : 'bottom' });
        }}
      />
      <Choice
        label="assign to"
        of={of}
        value={refWords(line.assignee)}
        options={[...context.people.map(({ name }) => name), ...read]}
        onChange={(words) => {
          set({ assignee: refOf(words) });
        }}
      />
      <label className={css.wideLabel}>
        tags
        <Words
          name={`tags of ${of}`}
          words={line.tags}
          onChange={(tags) => {
            set({ tags });
          }}
        />
      </label>
      <Choice
        label="template"
        of={of}
        value={line.template ?? ''}
        options={context.templates.map(({ name }) => name)}
        onChange={(words) => {
          set({ template: words === '' ? null : words });
        }}
      />
    </div>
  );
}

const refOf = (words: string): string | { value: string } | null => {
  if (words === '') return null;
  return words.startsWith(READ) ? { value: words.slice(READ.length) } : words;
};

interface ChoiceProps {
  label: string;
  of: string;
  value: string;
  options: readonly string[];
  none?: boolean;
  onChange: (words: string) => void;
}

function Choice({ label, of, value, options, none = true, onChange }: ChoiceProps) {
  const known = value === '' || options.includes(value) ? options : [value, ...options];
  return (
    <label>
      {label}
      <Choose
        aria-label={`${label} of ${of}`}
        showSearch
        value={value}
        options={[
          ...(none ? [{ value: '', label: 'none' }] : []),
          ...known.map((each) => ({ value: each, label: each })),
        ]}
        onChange={onChange}
      />
    </label>
  );
}

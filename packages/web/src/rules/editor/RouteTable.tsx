import { sayLine, type RouteLine, type RuleDefinition } from '@hatband/core/rules';
import { useEditing } from './editing.ts';
import { EffectRows } from './EffectRows.tsx';
import { GroupEditor } from './GroupEditor.tsx';
import { useRows } from '../../shared/forms/useRows.ts';
import { LineForm } from './LineForm.tsx';
import { MakesRow } from './MakesRow.tsx';
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
  const rows = useRows(definition.route, (route) => {
    onChange({ route });
  });
  const last = rows.entries.length - 1;
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
          {rows.entries.map(({ key, value, change, remove }, i) => (
            <Line
              key={key}
              line={value}
              path={`route.${String(i)}`}
              last={i === last}
              onChange={change}
              onRemove={remove}
            />
          ))}
          <tr>
            <td colSpan={3}>
              <button
                type="button"
                className={css.addLine}
                onClick={() => {
                  rows.insert(NEW_LINE, Math.max(0, last));
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

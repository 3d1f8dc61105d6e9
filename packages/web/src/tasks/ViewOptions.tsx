import { labelOfField, type TaskView } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { projects } from '../api/queries.ts';
import { Choose, ChooseSeveral } from '../shared/forms/Choose.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { Opening } from '../shared/page/Opening.tsx';
import { columnChoices, knownFields } from './list/columns.ts';
import css from './Tasks.module.css';

interface Props {
  view: TaskView;
  onChange: (change: Partial<TaskView>) => void;
  /** Tasks that stand where they were, though the order has them elsewhere. */
  kept: number;
  onPutInOrder: () => void;
}

/** How the tasks are grouped and ordered, and what of them is shown. */
export function ViewOptions({ view, onChange, kept, onPutInOrder }: Props) {
  const { data } = useQuery(projects);
  const known = data?.items ?? [];
  const order = view.sort.map(
    ({ field, descending }) =>
      `${field === 'place' ? 'by hand' : labelOfField(field)}${descending ? ' ↓' : ''}`,
  );
  return (
    <div className={css.options}>
      <span>
        Grouped by{' '}
        <Choose
          variant="borderless"
          size="small"
          showSearch
          aria-label="group by"
          value={view.group ?? ''}
          options={[
            { value: '', label: 'nothing' },
            ...knownFields(known).filter(({ value }) => value !== 'notes'),
          ]}
          onChange={(field) => {
            onChange({ group: field === '' ? null : field });
          }}
        />
      </span>
      <span>
        In the order{' '}
        <Opening
          trigger={
            <button type="button" className="link">
              {order.length === 0 ? 'in which they came' : order.join(', then ')}
            </button>
          }
        >
          <SortForm view={view} onChange={onChange} />
        </Opening>
      </span>
      <Columns view={view} onChange={onChange} />
      {kept > 0 && (
        <span role="status">
          {kept === 1 ? 'One task stays' : `${String(kept)} tasks stay`} where you changed{' '}
          {kept === 1 ? 'it' : 'them'}. <LinkButton onClick={onPutInOrder}>Put in order</LinkButton>
        </span>
      )}
    </div>
  );
}

/** What is shown of each task beside its title. */
function Columns({ view, onChange }: Pick<Props, 'view' | 'onChange'>) {
  const { data } = useQuery(projects);
  const known = data?.items ?? [];
  return (
    <Opening
      trigger={
        <button type="button" className="link">
          {view.columns.length} of {columnChoices(known).length} columns
        </button>
      }
    >
      <div className={css.form}>
        <ChooseSeveral
          aria-label="columns"
          value={view.columns.map(({ field }) => field)}
          options={columnChoices(known)}
          onChange={(fields) => {
            onChange({
              columns: fields.map(
                (field) => view.columns.find((column) => column.field === field) ?? { field, width: null },
              ),
            });
          }}
        />
      </div>
    </Opening>
  );
}

const BY_HAND = { value: 'place', label: 'by hand' };

/** By up to five fields, one after another. */
function SortForm({ view, onChange }: Pick<Props, 'view' | 'onChange'>) {
  const { data } = useQuery(projects);
  const fields = [BY_HAND, ...knownFields(data?.items ?? [])];
  const set = (sort: TaskView['sort']) => {
    onChange({ sort });
  };
  return (
    <div className={css.form}>
      {view.sort.map(({ field, descending }, i) => (
        <span key={field} className={css.sort}>
          {i > 0 && 'then '}
          {fields.find(({ value }) => value === field)?.label ?? field}
          <LinkButton
            onClick={() => {
              set(view.sort.with(i, { field, descending: !descending }));
            }}
          >
            {descending ? 'last first' : 'first first'}
          </LinkButton>
          <LinkButton
            onClick={() => {
              set(view.sort.toSpliced(i, 1));
            }}
          >
            Remove
          </LinkButton>
        </span>
      ))}
      {view.sort.length < 5 && (
        <Choose
          showSearch
          aria-label="sort by"
          placeholder={view.sort.length === 0 ? 'sort by' : 'then by'}
          value={null}
          options={fields.filter(({ value }) => !view.sort.some(({ field }) => field === value))}
          onChange={(field) => {
            set([...view.sort, { field, descending: false }]);
          }}
        />
      )}
    </div>
  );
}

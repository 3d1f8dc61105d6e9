import { DayCount } from '@hatband/core/dates';
import { sayDuration, wordsOfValue, type TaskTemplate } from '@hatband/core/tasks';
import { Input } from 'antd';
import { Field } from '../shared/forms/Field.tsx';
import { useRows } from '../shared/forms/useRows.ts';
import { ListForm } from './ListForm.tsx';
import css from './Settings.module.css';

/** The values and the reminders that a task of a template starts with. */
export function TemplateParts({
  template,
  onChange,
}: {
  template: TaskTemplate;
  onChange: (template: TaskTemplate) => void;
}) {
  const values = Object.entries(template.values);
  const rows = useRows<[string, TaskTemplate['values'][string]]>([...values, ['', '']], (changed) => {
    onChange({ ...template, values: Object.fromEntries(changed.filter(([name]) => name !== '')) });
  });
  return (
    <>
      <Field name="effort">
        <Input
          aria-label="effort"
          placeholder="1 h 30 min"
          value={sayDuration(template.effort ?? '')}
          onChange={(e) => {
            onChange({ ...template, effort: e.target.value });
          }}
        />
      </Field>
      <fieldset className={css.list}>
        <legend>values</legend>
        {rows.entries.map(({ key, value: [field, value], change }, i) => (
          <div key={key} className={css.pair}>
            <Input
              aria-label={`field ${String(i + 1)}`}
              placeholder="field, as priority"
              value={field}
              onChange={(e) => {
                change([e.target.value, value]);
              }}
            />
            <Input
              aria-label={`value ${String(i + 1)}`}
              placeholder="value"
              disabled={field === ''}
              value={wordsOfValue(value)}
              onChange={(e) => {
                change([field, e.target.value]);
              }}
            />
          </div>
        ))}
      </fieldset>
      <ListForm
        heading="reminders"
        one="reminder"
        schema={DayCount}
        items={template.reminders}
        onChange={(reminders) => {
          onChange({ ...template, reminders });
        }}
      />
    </>
  );
}

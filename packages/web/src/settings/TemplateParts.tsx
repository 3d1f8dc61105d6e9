import { DayCount } from '@hatband/core/dates';
import { sayDuration, wordsOfValue, type TaskTemplate } from '@hatband/core/tasks';
import { Input } from 'antd';
import { Field } from '../shared/forms/Field.tsx';
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
  const setValues = (entries: [string, TaskTemplate['values'][string]][]) => {
    onChange({ ...template, values: Object.fromEntries(entries) });
  };
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
        {[...values, ['', ''] as [string, string]].map(([field, value], i) => (
          <div key={i} className={css.pair}>
            <Input
              aria-label={`field ${String(i + 1)}`}
              placeholder="field, as priority"
              value={field}
              onChange={(e) => {
                setValues(
                  [...values.slice(0, i), [e.target.value, value], ...values.slice(i + 1)].filter(
                    ([name]) => name !== '',
                  ) as [string, string][],
                );
              }}
            />
            <Input
              aria-label={`value ${String(i + 1)}`}
              placeholder="value"
              disabled={field === ''}
              value={wordsOfValue(value)}
              onChange={(e) => {
                setValues(values.map((old, at) => (at === i ? [field, e.target.value] : old)));
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

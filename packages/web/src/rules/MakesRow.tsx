import { Makes, sayMakes } from '@hatband/core/rules';

import { suggestFor, useEditing } from './editing.ts';
import { Choose } from '../shared/Choose.tsx';
import { KindForm } from '../shared/KindForm.tsx';
import { Row } from './Row.tsx';
import css from './RuleSheet.module.css';
import { emptyIn, schemaIn } from '../shared/schemaForm.ts';

const NAMES: Record<Makes['kind'], string> = {
  task: 'one task',
  items: 'a task for each item',
  rows: 'a task for each table row',
  matches: 'a task for each match of a pattern',
  comment: 'a comment on a task',
  project: 'a new project',
  nothing: 'nothing',
  hold: 'hold it for me',
};

const KINDS = Object.keys(NAMES) as Makes['kind'][];

/** What the rule makes of a message, and how many. */
export function MakesRow({ makes, onChange }: { makes: Makes; onChange: (makes: Makes) => void }) {
  const editing = useEditing();
  return (
    <Row path="makes" name="what it makes" words={sayMakes(makes)}>
      <Choose
        className={css.kind ?? ''}
        aria-label="what it makes"
        value={makes.kind}
        options={KINDS.map((kind) => ({ value: kind, label: NAMES[kind] }))}
        onChange={(kind) => {
          onChange(emptyIn(Makes, kind));
        }}
      />
      <KindForm
        schema={schemaIn(Makes, makes.kind)}
        value={makes}
        of="what it makes"
        suggest={suggestFor(makes.kind, editing)}
        onChange={onChange}
      />
    </Row>
  );
}

import { Makes, MAKES_KINDS, sayMakes, type MakesKind } from '@hatband/core/rules';
import { suggestFor, useEditing } from './editing.ts';
import { Choose } from '../../shared/forms/Choose.tsx';
import { KindForm } from '../../shared/forms/KindForm.tsx';
import { Row } from './Row.tsx';
import css from './RuleSheet.module.css';
import { emptyIn, schemaIn } from '../../shared/forms/schemaForm.ts';

const KINDS = (Object.keys(MAKES_KINDS) as MakesKind[]).map((value) => ({
  value,
  label: MAKES_KINDS[value].label,
}));

/** What the rule makes of a message, and how many. */
export function MakesRow({ makes, onChange }: { makes: Makes; onChange: (makes: Makes) => void }) {
  const editing = useEditing();
  return (
    <Row path="makes" name="what it makes" words={sayMakes(makes)}>
      <Choose
        className={css.kind ?? ''}
        aria-label="what it makes"
        value={makes.kind}
        options={KINDS}
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

import { leavesIn, type RuleDefinition } from '@hatband/core/rules';
import { sameName } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { rules } from '../rules/queries.ts';
import css from './Intake.module.css';

/** Live rules that name this way in, and how many others may take its mail too. */
export function RulesThatApply({ name, address }: { name: string; address: string }) {
  const { data } = useQuery(rules);
  const live = (data?.items ?? []).flatMap(({ id, state, live: definition }) =>
    state === 'live' && definition ? [{ id, definition }] : [],
  );
  const named = live.filter(({ definition }) =>
    namesOf(definition).some((each) => sameName(each, name) || each === address),
  );
  const open = live.filter(({ definition }) => namesOf(definition).length === 0);
  return (
    <p className={css.hint}>
      {named.map(({ id, definition }, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <Link to={`/rules/${id}`}>{definition.name}</Link>
        </span>
      ))}
      {named.length > 0 ? ' name this address. ' : 'No rule names this address. '}
      {open.length} more ask for no address and may take its mail too.
    </p>
  );
}

/** The addresses that a rule asks for; of none it takes all. */
const namesOf = (rule: RuleDefinition): string[] =>
  leavesIn(rule).flatMap((condition) => (condition.kind === 'address' ? condition.is : []));

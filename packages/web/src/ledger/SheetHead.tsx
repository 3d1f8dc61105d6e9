import type { ArrivalSheet } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { ruleNames } from '../api/queries.ts';
import { MakeRule } from './MakeRule.tsx';
import css from './ReadingSheet.module.css';
import { LinkButton } from '../shared/page/LinkButton.tsx';

interface Props {
  sheet: ArrivalSheet;
  why: boolean;
  onWhy: (why: boolean) => void;
}

/** How it came, by which rule it was worked, and the ways from there. */
export function SheetHead({ sheet, why, onWhy }: Props) {
  const { arrival, address, tasks } = sheet;
  const { data } = useQuery(ruleNames);
  const rule = data?.items.find(({ id }) => id === arrival.outcome.ruleId);
  const version = versionOf(sheet);
  return (
    <div className={css.head}>
      <span>
        {WAYS[arrival.source]} <b>{address.name}</b>
        {address.plusWord !== null && <> +{address.plusWord}</>}
        {arrival.occasion === 'label' && <> by the label {arrival.label}</>}
        {arrival.occasion === 'flag' && <> by its flag</>}
        {address.retired && <>, an address that was renewed</>}
      </span>
      {rule && (
        <span>
          rule <b>{rule.name}</b>
          {version !== null && `, version ${String(version)}`}
        </span>
      )}
      {tasks.length > 0 && !rule && (
        <span>
          <b>no rule</b>, built-in reading
        </span>
      )}
      {sheet.read && (
        <LinkButton
          aria-expanded={why}
          onClick={() => {
            onWhy(!why);
          }}
        >
          {why ? 'hide why' : 'why?'}
        </LinkButton>
      )}
      {arrival.outcome.ruleId !== null ? (
        <Link to={`/rules/${arrival.outcome.ruleId}`} className={css.edit}>
          Open the rule
        </Link>
      ) : (
        sheet.read && <MakeRule sheet={sheet} className={css.edit} />
      )}
    </div>
  );
}

const WAYS: Record<ArrivalSheet['arrival']['source'], string> = {
  smtp: 'arrived at',
  mailbox: 'fetched from',
  practice: 'fetched from',
  file: 'from a file, at',
  http: 'handed in at',
};

/** The version of the rule that made its first task. */
function versionOf({ tasks, arrival }: ArrivalSheet): number | null {
  const sources = tasks.flatMap((task) => Object.values(task.evidence));
  const made = sources.find((source) => source.by === 'rule' && source.ruleId === arrival.outcome.ruleId);
  return made?.by === 'rule' ? made.version : null;
}

import type { Rule } from '@hatband/contract';
import { differenceOf, type RuleDefinition } from '@hatband/core/rules';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Choose } from '../../shared/forms/Choose.tsx';
import { dayText, useClock } from '../../shared/clock.ts';
import { versions } from '../queries.ts';
import css from '../Rules.module.css';

interface Props {
  rule: Rule;
  definition: RuleDefinition;
  onTakeBack: (definition: RuleDefinition) => void;
  onClose: () => void;
}

/** What stands now beside any version that was at work, and the way back to it. */
export function Versions({ rule, definition, onTakeBack, onClose }: Props) {
  const { data } = useQuery(versions(rule.id));
  const clock = useClock();
  const [chosen, setChosen] = useState<number | null>(null);
  const [against, setAgainst] = useState<number | 'now'>('now');
  const old = data?.items.find(({ version }) => version === (chosen ?? data.items[0]?.version));
  const other = data?.items.find(({ version }) => version === against)?.definition ?? definition;
  if (!old) return null;
  const options = data?.items.map(({ version, madeAt }) => ({
    value: version,
    label: `version ${String(version)}, ${dayText(clock.dayOf(madeAt), clock.today)}`,
  }));
  const changes = differenceOf(old.definition, other);
  return (
    <div className={css.effect} role="dialog" aria-label="Versions">
      <p>
        from{' '}
        <Choose<number>
          size="small"
          aria-label="version"
          value={old.version}
          options={options ?? []}
          onChange={(version) => {
            setChosen(version);
          }}
        />{' '}
        to{' '}
        <Choose<number | 'now'>
          size="small"
          aria-label="beside version"
          value={against}
          options={[{ value: 'now' as const, label: 'what stands here now' }, ...(options ?? [])]}
          onChange={setAgainst}
        />
      </p>
      <ul className={css.changes}>
        {changes.length === 0 && <li>They say the same.</li>}
        {changes.map(({ part, text, change }) => (
          <li key={`${part} ${text} ${change}`}>
            <span>{part}</span>
            {change === 'added' ? <b>{text}</b> : <del>{text}</del>}
          </li>
        ))}
      </ul>
      <Button
        disabled={changes.length === 0 && against === 'now'}
        onClick={() => {
          onTakeBack(old.definition);
        }}
      >
        Write version {old.version} here again
      </Button>
      <Button onClick={onClose}>Close</Button>
    </div>
  );
}

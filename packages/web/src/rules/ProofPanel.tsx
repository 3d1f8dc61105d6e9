import type { FieldChange } from '@hatband/core/dryrun';
import type { Outcome } from '@hatband/core/rules';
import { TaskField } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { samples } from '../api/queries.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { useNames } from '../shared/names.ts';
import { Notice } from '../shared/Page.tsx';
import { changesOf, effectOf } from './effect.ts';
import css from './Proof.module.css';
import { excerptOf } from './excerpt.ts';
import type { SampleProof } from './useProof.ts';

const SHOWN = 30;

/** What the rule as it is written now does to the mail already there, while it is being written. */
export function ProofPanel({ proofs, problem }: { proofs: SampleProof[] | null; problem: string | null }) {
  const { data } = useQuery(samples);
  const [all, setAll] = useState(false);
  if (!proofs || !data) return <aside className={css.panel} aria-label="Proof" />;
  if (proofs.length === 0) {
    return (
      <aside className={css.panel} aria-label="Proof">
        <Notice title="No mail to prove it on">
          The first messages that come in will stand here, as this rule would read them.
        </Notice>
      </aside>
    );
  }
  const effect = effectOf(proofs);
  const changes = changesOf(effect);
  const cards = proofs
    .filter((p) => p.taken || p.nearMiss || p.difference.kind !== 'same')
    .toSorted((a, b) => rank(a) - rank(b));
  const subjects = new Map(data.items.map((item) => [item.id, item.incoming]));
  return (
    <aside className={css.panel} aria-label="Proof">
      {problem !== null && <p className={css.waits}>The proof waits for the rule: {problem}</p>}
      <p className={css.summary} role="status">
        Proof on{' '}
        {data.total > proofs.length
          ? `the newest ${String(proofs.length)} of ${String(data.total)}`
          : proofs.length}{' '}
        messages: takes {effect.taken}
        {changes.length > 0 && <b>, {changes.join(', ')}</b>}
        {effect.nearMisses > 0 &&
          `, ${effect.nearMisses === 1 ? '1 near miss' : `${String(effect.nearMisses)} near misses`}`}
      </p>
      {cards.length === 0 && (
        <Notice title="It takes none of them">
          Loosen a condition, or wait for the mail it is meant for.
        </Notice>
      )}
      {cards.slice(0, all ? cards.length : SHOWN).map((proof) => {
        const incoming = subjects.get(proof.id);
        return (
          incoming && (
            <ProofCard
              key={proof.id}
              proof={proof}
              subject={incoming.reading.message.subject}
              excerpt={excerptOf(incoming, proof.after)}
            />
          )
        );
      })}
      {cards.length > SHOWN && !all && (
        <button
          type="button"
          className="link"
          onClick={() => {
            setAll(true);
          }}
        >
          {cards.length - SHOWN} more
        </button>
      )}
    </aside>
  );
}

/** What changes stands first, then what is taken, then the near misses. */
function rank({ difference, taken }: SampleProof): number {
  if (difference.kind !== 'same' && difference.kind !== 'taker') return 0;
  return difference.kind === 'taker' ? 1 : taken ? 2 : 3;
}

interface CardProps {
  proof: SampleProof;
  subject: string;
  excerpt: { before: string; quote: string; after: string; field: TaskField } | null;
}

function ProofCard({ proof, subject, excerpt }: CardProps) {
  const nearMiss = !proof.taken && proof.difference.kind === 'same';
  return (
    <div className={`${css.card ?? ''} ${nearMiss ? (css.miss ?? '') : ''}`}>
      <div className={css.mail}>
        <Link to={`/ledger/${String(proof.id)}`}>{subject || '(no subject)'}</Link>
        {excerpt && (
          <p>
            {excerpt.before}
            <mark
              style={{
                borderColor: `var(--field-${excerpt.field})`,
                background: `var(--field-${excerpt.field}-wash)`,
              }}
            >
              {excerpt.quote}
            </mark>
            {excerpt.after}
          </p>
        )}
        {nearMiss && <p>near miss: one condition does not hold</p>}
      </div>
      <div className={css.values}>{nearMiss ? 'not taken' : <Values proof={proof} subject={subject} />}</div>
    </div>
  );
}

function Values({ proof: { difference, after, before }, subject }: { proof: SampleProof; subject: string }) {
  if (difference.kind === 'lost') return <b className={css.changed}>no task any more</b>;
  const [task] = after.tasks;
  if (!task) return 'no task';
  const changes = difference.kind === 'changed' ? difference.fields : [];
  return (
    <>
      {difference.kind === 'gained' && <b className={css.changed}>a task, none before</b>}
      {before.ruleId !== after.ruleId && difference.kind !== 'gained' && (
        <b className={css.changed}>{takerWords(before, after)}</b>
      )}
      <dl>
        {TaskField.options
          .filter(
            (field) =>
              field !== 'title' ||
              !subject.includes(task.fields.title) ||
              changes.some((c) => c.field === 'title'),
          )
          .map((field) => (
            <Value
              key={field}
              field={field}
              value={task.fields[field]}
              change={changes.find((c) => c.field === field)}
            />
          ))}
      </dl>
    </>
  );
}

const takerWords = (before: Outcome, after: Outcome) =>
  after.ruleId === null
    ? 'unclaimed from now on'
    : before.ruleId === null
      ? 'was unclaimed'
      : 'by another rule than now';

function Value({
  field,
  value,
  change,
}: {
  field: TaskField;
  value: string | null;
  change: FieldChange | undefined;
}) {
  const clock = useClock();
  const names = useNames();
  const say = (v: string | null) =>
    v === null
      ? 'none'
      : field === 'due'
        ? dayText(v, clock.today)
        : field === 'project'
          ? names.project(v)
          : v;
  if (value === null && !change && field !== 'due') return null;
  return (
    <>
      <dt style={{ color: `var(--field-${field})` }}>{field}</dt>
      <dd>
        {change && (
          <>
            <del>{say(change.before)}</del>{' '}
          </>
        )}
        {change ? <b>{say(value)}</b> : say(value)}
      </dd>
    </>
  );
}

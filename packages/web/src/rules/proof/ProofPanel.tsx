import { takers, type FieldChange } from '@hatband/core/dryrun';
import type { Outcome } from '@hatband/core/rules';
import { wordsOfValue, type Value as FieldValue } from '@hatband/core/tasks';
import { useState } from 'react';
import { Link } from 'react-router';
import { Foreign } from '../../shared/page/Foreign.tsx';
import { dayText, useClock } from '../../shared/clock.ts';
import { hueOf, washOf } from '../../shared/page/hues.ts';
import { Notice } from '../../shared/page/Page.tsx';
import { changesOf, effectOf } from './effect.ts';
import css from './Proof.module.css';
import { excerptOf } from './excerpt.ts';
import type { Samples } from '../queries.ts';
import type { SampleProof } from './useProof.ts';

const SHOWN = 30;

/** What the rule as it is written now does to the mail already there, while it is being written. */
export function ProofPanel({
  proofs,
  problem,
  data,
  onAskBefore,
}: {
  proofs: SampleProof[] | null;
  problem: string | null;
  data: Samples | undefined;
  /** Moves this rule in front of another; null while that is not possible. */
  onAskBefore: ((ruleId: string) => void) | null;
}) {
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
  const ahead = rulesAhead(proofs);
  const changes = changesOf(effect);
  const cards = proofs
    .filter((p) => p.taken || p.nearMiss || p.takenFirstBy !== null || p.difference.kind !== 'same')
    .toSorted((a, b) => rank(a) - rank(b));
  const subjects = new Map(data.items.map((item) => [item.id, item.incoming]));
  return (
    <aside className={css.panel} aria-label="Proof">
      {problem !== null && <p className={css.waits}>The proof waits for the rule: {problem}</p>}
      <p className={css.summary} role="status">
        Proof on{' '}
        {data.total > proofs.length
          ? `the newest ${String(proofs.length)} of ${String(data.total)} messages`
          : proofs.length === 1
            ? '1 message'
            : `${String(proofs.length)} messages`}
        : takes {effect.taken}
        {changes.length > 0 && <b>, {changes.join(', ')}</b>}
        {effect.nearMisses > 0 &&
          `, ${effect.nearMisses === 1 ? '1 near miss' : `${String(effect.nearMisses)} near misses`}`}
      </p>
      {ahead.map(({ ruleId, name, n }) => (
        <p key={ruleId} className={css.ahead}>
          {n === 1 ? '1 more matches' : `${String(n)} more match`}, but {name} takes {n === 1 ? 'it' : 'them'}{' '}
          first.
          {onAskBefore && (
            <>
              {' '}
              <button
                type="button"
                className="link"
                onClick={() => {
                  onAskBefore(ruleId);
                }}
              >
                Ask this rule before it
              </button>
            </>
          )}
        </p>
      ))}
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

/** The rules that take mail which this one would take too, and how much. */
function rulesAhead(proofs: readonly SampleProof[]) {
  const found = new Map<string, { ruleId: string; name: string; n: number }>();
  for (const { takenFirstBy: first } of proofs)
    if (first) found.set(first.ruleId, { ...first, n: (found.get(first.ruleId)?.n ?? 0) + 1 });
  return [...found.values()];
}

/** What changes stands first, then what is taken, then the near misses. */
function rank({ difference, taken }: SampleProof): number {
  if (difference.kind !== 'same' && difference.kind !== 'taker') return 0;
  return difference.kind === 'taker' ? 1 : taken ? 2 : 3;
}

interface CardProps {
  proof: SampleProof;
  subject: string;
  excerpt: { before: string; quote: string; after: string; field: string } | null;
}

function ProofCard({ proof, subject, excerpt }: CardProps) {
  const nearMiss = !proof.taken && proof.difference.kind === 'same';
  return (
    <div className={`${css.card ?? ''} ${nearMiss ? (css.miss ?? '') : ''}`}>
      <div className={css.mail}>
        <Link to={`/ledger/${String(proof.id)}`}>
          <Foreign words={subject || '(no subject)'} />
        </Link>
        {excerpt && (
          <p>
            {excerpt.before}
            <mark
              style={{
                borderColor: hueOf(excerpt.field),
                background: washOf(excerpt.field),
              }}
            >
              {excerpt.quote}
            </mark>
            {excerpt.after}
          </p>
        )}
        {nearMiss && proof.takenFirstBy === null && (
          <p>near miss: it fails the condition “{proof.fails ?? 'one of several'}”</p>
        )}
        {proof.takenFirstBy && <p>this rule fits too, but {proof.takenFirstBy.name} takes it first</p>}
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
      {takers(before) !== takers(after) && difference.kind !== 'gained' && (
        <b className={css.changed}>{takerWords(before, after)}</b>
      )}
      {after.tasks.length > 1 && <b className={css.many}>{after.tasks.length} tasks</b>}
      <dl>
        {shownFields(task, changes, subject).map(({ field, value }) => (
          <Value key={field} field={field} value={value} change={changes.find((c) => c.field === field)} />
        ))}
      </dl>
    </>
  );
}

/** The fields that say something: what changes, what was read, and whether there is a due date. */
function shownFields({ fields }: Outcome['tasks'][number], changes: readonly FieldChange[], subject: string) {
  const { fields: own, notes: _, ...builtIn } = fields;
  const all: [string, FieldValue | null][] = [...Object.entries(builtIn), ...Object.entries(own)];
  const gone = changes.filter(({ field }) => !all.some(([name]) => name === field));
  return [
    ...all.map(([field, value]) => ({ field, value })),
    ...gone.map(({ field, after }) => ({ field, value: after })),
  ].filter(
    ({ field, value }) =>
      changes.some((change) => change.field === field) ||
      field === 'due' ||
      (value !== null && !isEmpty(value) && !(field === 'title' && subject.includes(fields.title))),
  );
}

const isEmpty = (value: FieldValue) => value === '' || (Array.isArray(value) && value.length === 0);

const takerWords = (before: Outcome, after: Outcome) =>
  after.rules.length === 0
    ? 'unclaimed from now on'
    : before.rules.length === 0
      ? 'was unclaimed'
      : 'by another rule than now';

function Value({
  field,
  value,
  change,
}: {
  field: string;
  value: FieldValue | null;
  change: FieldChange | undefined;
}) {
  const clock = useClock();
  const say = (v: FieldValue | null) => {
    if (v === null || isEmpty(v)) return 'none';
    const words = wordsOfValue(v);
    return /^\d{4}-\d\d-\d\d(T\d\d:\d\d)?$/.test(words) ? dayText(words, clock.today) : words;
  };
  return (
    <>
      <dt style={{ color: hueOf(field) }}>{field}</dt>
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

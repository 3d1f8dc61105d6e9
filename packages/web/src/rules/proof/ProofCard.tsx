import { takers, type FieldChange, type ProvedOutcome } from '@hatband/core/dryrun';
import { wordsOfValue, type Value as FieldValue } from '@hatband/core/tasks';
import { Link } from 'react-router';
import { dayText, useClock } from '../../shared/clock.ts';
import { Foreign } from '../../shared/page/Foreign.tsx';
import { hueOf, washOf } from '../../shared/page/hues.ts';
import css from './Proof.module.css';
import type { SampleProof } from './useProof.ts';

interface CardProps {
  proof: SampleProof;
  subject: string;
  excerpt: { before: string; quote: string; after: string; field: string } | null;
}

/** One message as the rule would read it, with what would be otherwise than now. */
export function ProofCard({ proof, subject, excerpt }: CardProps) {
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
function shownFields(
  { fields }: ProvedOutcome['tasks'][number],
  changes: readonly FieldChange[],
  subject: string,
) {
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

const takerWords = (before: ProvedOutcome, after: ProvedOutcome) =>
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

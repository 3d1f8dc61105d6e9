import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Foreign } from '../../shared/page/Foreign.tsx';
import { samples } from '../queries.ts';
import css from '../Rules.module.css';
import type { SampleProof } from './useProof.ts';

const WORDS: Record<Exclude<SampleProof['difference']['kind'], 'same' | 'taker'>, string> = {
  gained: 'would get a task',
  lost: 'would get no task',
  changed: 'would get other values',
};

/** Which of the messages already here the rule would have made something else of; what they became stays. */
export function AffectedMail({ proofs }: { proofs: readonly SampleProof[] }) {
  const { data } = useQuery(samples);
  const affected = proofs.flatMap(({ id, difference: { kind } }) =>
    kind === 'same' || kind === 'taker' ? [] : [{ id, words: WORDS[kind] }],
  );
  if (affected.length === 0) return null;
  const subjectOf = (id: number) =>
    data?.items.find((item) => item.id === id)?.incoming.reading.message.subject || '(no subject)';
  return (
    <details className={css.affected}>
      <summary>
        Which {affected.length === 1 ? 'message' : `${String(affected.length)} messages`} it would have
        changed
      </summary>
      <ul>
        {affected.map(({ id, words }) => (
          <li key={id}>
            <Link to={`/ledger/${String(id)}`}>
              <Foreign words={subjectOf(id)} />
            </Link>{' '}
            {words}
          </li>
        ))}
      </ul>
    </details>
  );
}

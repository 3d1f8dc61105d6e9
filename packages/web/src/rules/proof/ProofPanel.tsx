import { useState } from 'react';
import { Notice } from '../../shared/page/Page.tsx';
import { changesOf, effectOf } from './effect.ts';
import css from './Proof.module.css';
import { excerptOf } from './excerpt.ts';
import { ProofCard } from './ProofCard.tsx';
import type { Samples } from '../queries.ts';
import type { SampleProof } from './useProof.ts';
import { LinkButton } from '../../shared/page/LinkButton.tsx';

const SHOWN = 30;

interface Props {
  proofs: SampleProof[] | null;
  problem: string | null;
  data: Samples | undefined;
  /** Moves this rule in front of another; null while that is not possible. */
  onAskBefore: ((ruleId: string) => void) | null;
}

/** What the rule as it is written now does to the mail already there, while it is being written. */
export function ProofPanel({ proofs, problem, data, onAskBefore }: Props) {
  return (
    <aside className={css.panel} aria-label="Proof">
      {proofs?.length === 0 && (
        <Notice title="No mail to prove it on">
          The first messages that come in will stand here, as this rule would read them.
        </Notice>
      )}
      {data && proofs && proofs.length > 0 && (
        <>
          {problem !== null && <p className={css.waits}>The proof waits for the rule: {problem}</p>}
          <Summary proofs={proofs} total={data.total} />
          {rulesAhead(proofs).map((ahead) => (
            <Ahead key={ahead.ruleId} {...ahead} onAskBefore={onAskBefore} />
          ))}
          <Cards proofs={proofs} data={data} />
        </>
      )}
    </aside>
  );
}

function Summary({ proofs, total }: { proofs: SampleProof[]; total: number }) {
  const effect = effectOf(proofs);
  const changes = changesOf(effect);
  const n = proofs.length;
  const newest = total > n ? `the newest ${String(n)} of ` : '';
  return (
    <p className={css.summary} role="status">
      Proof on {newest}
      {counted(Math.max(total, n), 'message', 'messages')}: takes {effect.taken}
      {changes.length > 0 && <b>, {changes.join(', ')}</b>}
      {effect.nearMisses > 0 && `, ${counted(effect.nearMisses, 'near miss', 'near misses')}`}
    </p>
  );
}

const counted = (n: number, one: string, several: string) => `${String(n)} ${n === 1 ? one : several}`;

interface AheadProps extends RuleAhead {
  onAskBefore: Props['onAskBefore'];
}

function Ahead({ ruleId, name, n, onAskBefore }: AheadProps) {
  return (
    <p className={css.ahead}>
      {n === 1 ? '1 more matches' : `${String(n)} more match`}, but {name} takes {n === 1 ? 'it' : 'them'}{' '}
      first.
      {onAskBefore && (
        <>
          {' '}
          <LinkButton
            onClick={() => {
              onAskBefore(ruleId);
            }}
          >
            Ask this rule before it
          </LinkButton>
        </>
      )}
    </p>
  );
}

/** The messages that the rule concerns, those that become something else first. */
function Cards({ proofs, data }: { proofs: readonly SampleProof[]; data: Samples }) {
  const [all, setAll] = useState(false);
  const subjects = new Map(data.items.map((item) => [item.id, item.incoming]));
  const cards = proofs
    .filter((p) => p.taken || p.nearMiss || p.takenFirstBy !== null || p.difference.kind !== 'same')
    .toSorted((a, b) => rank(a) - rank(b));
  if (cards.length === 0)
    return (
      <Notice title="It takes none of them">Loosen a condition, or wait for the mail it is meant for.</Notice>
    );
  return (
    <>
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
        <LinkButton
          onClick={() => {
            setAll(true);
          }}
        >
          {cards.length - SHOWN} more
        </LinkButton>
      )}
    </>
  );
}

interface RuleAhead {
  ruleId: string;
  name: string;
  n: number;
}

/** The rules that take mail which this one would take too, and how much. */
function rulesAhead(proofs: readonly SampleProof[]): RuleAhead[] {
  const found = new Map<string, RuleAhead>();
  for (const { takenFirstBy: first } of proofs)
    if (first) found.set(first.ruleId, { ...first, n: (found.get(first.ruleId)?.n ?? 0) + 1 });
  return [...found.values()];
}

/** What changes stands first, then what is taken, then the near misses. */
function rank({ difference, taken }: SampleProof): number {
  if (difference.kind !== 'same' && difference.kind !== 'taker') return 0;
  return difference.kind === 'taker' ? 1 : taken ? 2 : 3;
}

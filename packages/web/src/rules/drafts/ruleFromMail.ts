import type { ArrivalSheet } from '@hatband/contract';
import { RuleDefinition } from '@hatband/core/rules';
import { newRule } from './newRule.ts';

const LONGEST_NAME = 80;
/** So many words of a subject say what its mail is about. */
const WORDS = 3;

/** A draft of a rule that takes mail like this one: by its sender and the first words of its subject. */
export function ruleFromMail({ arrival }: ArrivalSheet): RuleDefinition {
  const { name, address } = arrival.asks.address === '' ? arrival.from : arrival.asks;
  const words = subjectWords(arrival.subject);
  const from = name || address || 'a sender';
  return RuleDefinition.parse({
    ...newRule(),
    name: [from, words].filter(Boolean).join(': ').slice(0, LONGEST_NAME),
    when: {
      all: [
        ...(address === '' ? [] : [{ kind: 'sender', is: [address.toLowerCase()] }]),
        ...(words === '' ? [] : [{ kind: 'words', in: ['subject'], words: [words] }]),
      ],
    },
  });
}

/** Its first words without prefixes, and without what differs from mail to mail: figures, and all behind them. */
function subjectWords(subject: string): string {
  const bare = subject.replace(/^(?:\s*(?:\p{L}{1,4}:|\[[^\]]*\]))+\s*/u, '');
  const [before = ''] = bare.split(/[\d:–—(]|\s-\s/u);
  return (before.match(/[\p{L}\p{N}'’-]+/gu) ?? []).slice(0, WORDS).join(' ');
}

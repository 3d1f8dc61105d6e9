import type { RuleDefinition, RuleReading } from '@hatband/core/rules';

/** An id that a reading keeps for its life. */
export const newReadingId = () => crypto.randomUUID().slice(0, 8);

/** What a new rule starts from: the built-in reading, and no condition yet that would take any mail by mistake. */
export function newRule(): RuleDefinition {
  const reading = (kind: 'requestTitle' | 'deadlinePhrase' | 'statedPriority'): RuleReading => ({
    kind,
    id: newReadingId(),
  });
  return {
    name: 'New rule',
    description: '',
    band: { hue: 'slate', pattern: 'double' },
    when: { all: [{ kind: 'arrivedAt', targets: [{ kind: 'inbox' }] }] },
    read: [
      { field: 'title', readings: [reading('requestTitle')], otherwise: null },
      { field: 'due', readings: [reading('deadlinePhrase')], otherwise: null },
      { field: 'priority', readings: [reading('statedPriority')], otherwise: null },
    ],
    route: { project: { kind: 'ofAddress' } },
  };
}

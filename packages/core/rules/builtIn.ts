import { READER_VERSION } from '../reading/index.ts';
import type { RuleVersion } from './rule.ts';

export const BUILT_IN = 'built-in';

/** The last rule: mail at an intake address that no other rule takes becomes a task by the built-in reading. */
export const builtInRule: RuleVersion = {
  ruleId: BUILT_IN,
  version: READER_VERSION,
  definition: {
    name: 'Built-in reading',
    description: '',
    band: { hue: 'slate', pattern: 'dashed' },
    when: { all: [] },
    read: [
      { field: 'title', readings: [{ kind: 'requestTitle', id: 'title' }], otherwise: null },
      { field: 'due', readings: [{ kind: 'deadlinePhrase', id: 'deadline' }], otherwise: null },
      { field: 'priority', readings: [{ kind: 'statedPriority', id: 'priority' }], otherwise: null },
    ],
    route: { project: { kind: 'ofAddress' } },
  },
};

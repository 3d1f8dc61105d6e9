import { READER_VERSION } from '../../reading/index.ts';
import { RuleDefinition, type RuleVersion } from './rule.ts';

export const BUILT_IN = 'built-in';

/** The last rule: mail at an intake address that no other rule takes becomes tasks by the built-in reading. */
export const builtInRule: RuleVersion = {
  ruleId: BUILT_IN,
  version: READER_VERSION,
  definition: RuleDefinition.parse({
    name: 'Built-in reading',
    band: { hue: 'slate', pattern: 'dashed' },
    read: [
      { field: 'title', from: [{ kind: 'title', id: 'title' }] },
      { field: 'due', from: [{ kind: 'deadline', id: 'deadline' }] },
      { field: 'priority', from: [{ kind: 'priority', id: 'priority' }] },
    ],
    makes: { kind: 'items' },
  }),
};

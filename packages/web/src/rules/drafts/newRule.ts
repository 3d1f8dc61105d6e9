import { RuleDefinition } from '@hatband/core/rules';

/** What a new rule starts from: the built-in reading, and no condition yet that would take any mail by mistake. */
export const newRule = (): RuleDefinition =>
  RuleDefinition.parse({
    name: 'New rule',
    band: { hue: 'slate', pattern: 'double' },
    when: { all: [{ kind: 'address', is: ['Inbox'] }] },
    read: [
      { field: 'title', from: [{ kind: 'title' }] },
      { field: 'due', from: [{ kind: 'deadline' }] },
      { field: 'priority', from: [{ kind: 'priority' }] },
    ],
  });

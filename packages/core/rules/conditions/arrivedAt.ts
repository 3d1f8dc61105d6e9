import { z } from 'zod';
import { Target, type Names } from '../incoming.ts';
import { conditionKind, orList } from './kind.ts';

const schema = z.object({
  kind: z.literal('arrivedAt'),
  targets: z.array(Target).min(1, 'Choose an address.'),
});

const same = (a: Target, b: Target) =>
  a.kind === 'project' && b.kind === 'project' ? a.id === b.id : a.kind === b.kind;

const nameOf = (target: Target, names: Names) =>
  target.kind === 'inbox' ? 'the inbox' : names.project(target.id);

export const arrivedAt = conditionKind(schema, {
  label: 'arrived at',
  doc: 'The message was delivered to the intake address of the inbox or of one of these projects.',
  test: ({ targets }, { target }) => ({
    holds: targets.some((wanted) => same(wanted, target)),
    saw: target.kind === 'inbox' ? 'the inbox' : 'the address of a project',
    spans: [],
  }),
  say: ({ targets }, names) => `arrives at ${orList(targets.map((target) => nameOf(target, names)))}`,
});

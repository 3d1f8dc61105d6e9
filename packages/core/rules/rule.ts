import { z } from 'zod';
import { ReadField, valueOfKind } from '../tasks/index.ts';
import { Condition } from './conditions/index.ts';
import { FixedValue, READING_KINDS, RuleReading } from './readings/index.ts';

export const Band = z.object({
  hue: z.enum(['tide', 'ink', 'heather', 'moss', 'rust', 'slate']),
  pattern: z.enum(['plain', 'dashed', 'dotted', 'double']),
});
export type Band = z.infer<typeof Band>;

/** One field's row: the readings in their order, the first that finds a value wins, then the otherwise. */
export const FieldRow = z
  .object({ field: ReadField, readings: z.array(RuleReading), otherwise: FixedValue.nullable() })
  .superRefine(({ field, readings, otherwise }, context) => {
    for (const reading of readings) {
      const { fields, label } = READING_KINDS[reading.kind];
      if (!fields.includes(field))
        context.addIssue({ code: 'custom', message: `${label} cannot fill ${field}.` });
    }
    for (const reading of [...readings, otherwise]) {
      if (reading?.kind === 'fixedValue' && valueOfKind(field, reading.value) === null) {
        context.addIssue({ code: 'custom', message: `“${reading.value}” is no value for ${field}.` });
      }
    }
  });
export type FieldRow = z.infer<typeof FieldRow>;

/** Where the tasks go: the project of the address that the message came by, a named one, or none. */
export const Route = z.object({
  project: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('ofAddress') }),
    z.object({ kind: z.literal('named'), id: z.string() }),
    z.object({ kind: z.literal('none') }),
  ]),
});
export type Route = z.infer<typeof Route>;

/** What a rule says. When: all conditions hold. Read: a row a field. Route: where the task goes. */
export const RuleDefinition = z.object({
  name: z.string().trim().min(1, 'A rule needs a name.').max(80, 'A name has at most 80 characters.'),
  description: z.string().max(2000),
  band: Band,
  when: z.object({ all: z.array(Condition) }),
  read: z
    .array(FieldRow)
    .refine((rows) => new Set(rows.map((r) => r.field)).size === rows.length, 'Each field has one row.'),
  route: Route,
});
export type RuleDefinition = z.infer<typeof RuleDefinition>;

/** A rule as it works: version 0 is an unsaved or draft one. */
export const RuleVersion = z.object({
  ruleId: z.string(),
  version: z.number().int(),
  definition: RuleDefinition,
});
export type RuleVersion = z.infer<typeof RuleVersion>;

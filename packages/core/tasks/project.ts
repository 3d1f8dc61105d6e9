import { z } from 'zod';
import { nameKey, sameName } from './name.ts';
import { DecimalMark, FieldKind } from './value.ts';

const Name = (what: string) =>
  z.string().trim().min(1, `${what} needs a name.`).max(80, 'A name has at most 80 characters.');

/**
 * A field of a project's own. `choices` are for the two kinds of choice, `decimal` for numbers and amounts; null: as the
 * user's settings say.
 */
export const OwnField = z
  .object({
    name: Name('A field'),
    kind: FieldKind.default('text'),
    choices: z.array(z.string().trim().min(1)).default([]),
    decimal: DecimalMark.nullable().default(null),
  })
  .refine(
    ({ kind, choices }) => (kind === 'choice' || kind === 'several choices') === choices.length > 0,
    'A field of choices needs some choices, and no other kind has any.',
  );
export type OwnField = z.infer<typeof OwnField>;

/** What a task has to have: one of these fields at least. */
export const Requirement = z.array(z.string().trim().min(1)).min(1, 'Name a field.');
export type Requirement = z.infer<typeof Requirement>;

export const Project = z.object({
  name: Name('A project').refine(
    (name) => !sameName(name, 'Inbox'),
    'Inbox is the name of what has no project.',
  ),
  description: z.string().default(''),
  sections: z.array(Name('A section')).default([]).refine(areDistinct, 'Two sections have the same name.'),
  fields: z
    .array(OwnField)
    .default([])
    .refine((fields) => areDistinct(fields.map((field) => field.name)), 'Two fields have the same name.'),
  requirements: z.array(Requirement).default([]),
});
export type Project = z.infer<typeof Project>;

export function areDistinct(names: readonly string[]): boolean {
  return new Set(names.map(nameKey)).size === names.length;
}

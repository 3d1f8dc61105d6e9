import { z } from 'zod';
import { Calendar, DateOrder } from '../../dates/index.ts';
import { areDistinct, DecimalMark, Person, Project, TaskTemplate } from '../../tasks/index.ts';
import { LookupTable } from './lookupTable.ts';

const named = <S extends z.ZodType<{ name: string }>>(schema: S, what: string) =>
  z
    .array(schema)
    .refine((all) => areDistinct(all.map(({ name }) => name)), `Two ${what} have the same name.`)
    .default([]);

/** What rules name: it travels with them. */
export const Named = z.object({
  projects: named(Project, 'projects'),
  people: named(Person, 'people'),
  tables: named(LookupTable, 'lookup tables'),
  templates: named(TaskTemplate, 'task templates'),
  /** The names of watched mailboxes; nothing else of them travels. */
  mailboxes: z.array(z.string().trim().min(1)).default([]),
});
export type Named = z.infer<typeof Named>;

/** What rules are compiled for: the user, his calendar, and all that rules can name. */
export const Context = Named.extend({
  /** The user's own addresses. */
  me: z.array(z.string()).default([]),
  zone: z.string().default('UTC'),
  dateOrder: DateOrder.default('DMY'),
  calendar: Calendar.prefault({}),
  /** The decimal mark in the user's mail; null: as each number looks. */
  decimal: DecimalMark.nullable().default(null),
  /** What a reply becomes that no rule takes, where its thread has an open task. */
  replies: z.enum(['task', 'comment']).default('task'),
});
export type Context = z.infer<typeof Context>;

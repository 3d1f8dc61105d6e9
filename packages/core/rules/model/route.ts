import { z } from 'zod';
import { sayWhen, Group } from './when.ts';

/** A value that the rule has read, named by its field. */
const OfField = z.strictObject({ value: z.string().trim().min(1, 'Choose a field.') });
const Name = z.string().trim().min(1, 'Choose a name.');

/** A name written here, or read by the rule. */
export const Ref = z.union([Name, OfField]);
export type Ref = z.infer<typeof Ref>;

/** The project of the intake address that the message came by. */
const OfAddress = z.strictObject({ of: z.literal('address') });

/** One line of the table “if … then”; the last has no `if`. */
export const RouteLine = z.strictObject({
  if: Group.nullable().default(null),
  project: z.union([Name, OfField, OfAddress]).nullable().default({ of: 'address' }),
  section: Ref.nullable().default(null),
  place: z.enum(['top', 'bottom']).default('bottom'),
  assignee: Ref.nullable().default(null),
  tags: z.array(Name).default([]),
  template: Name.nullable().default(null),
  /** What becomes of a message whose project is read and does not exist: the lines below it are its otherwise. */
  unknown: z.enum(['hold', 'make', 'otherwise']).default('otherwise'),
});
export type RouteLine = z.infer<typeof RouteLine>;

export const Route = z
  .array(RouteLine)
  .min(1, 'Say where its tasks go.')
  .superRefine((lines, context) => {
    for (const [i, line] of lines.entries()) {
      const isLast = i === lines.length - 1;
      if (isLast && line.if !== null)
        context.addIssue({
          code: 'custom',
          path: [i, 'if'],
          message: 'The last line is the otherwise: it has no condition.',
        });
      if (!isLast && line.if === null && !isRead(line.project))
        context.addIssue({
          code: 'custom',
          path: [i],
          message: 'The lines below this one are never reached: give it a condition.',
        });
    }
  });

const isRead = (project: RouteLine['project']) =>
  project !== null && typeof project === 'object' && 'value' in project;

/** Where a line sends a task, “in Loans in, section Abroad, for Tomas Quill”. */
export function sayLine({ project, section, place, assignee, tags, template }: RouteLine): string {
  const where =
    project === null
      ? 'in no project'
      : typeof project === 'string'
        ? `in ${project}`
        : 'of' in project
          ? 'in the project of its address'
          : `in the project named by its ${project.value}`;
  return [
    where,
    ...(section === null ? [] : [`section ${sayRef(section)}`]),
    ...(place === 'top' ? ['at the top'] : []),
    ...(assignee === null ? [] : [`for ${sayRef(assignee)}`]),
    ...(tags.length === 0 ? [] : [`with the ${tags.length === 1 ? 'tag' : 'tags'} ${tags.join(', ')}`]),
    ...(template === null ? [] : [`from the template ${template}`]),
  ].join(', ');
}

const sayRef = (ref: Ref) => (typeof ref === 'string' ? ref : `named by its ${ref.value}`);

export const sayRoute = (lines: readonly RouteLine[]): string =>
  lines.map((line) => `${sayLine(line)}${sayIf(line.if)}`).join(', otherwise ');

/** Under which condition a line of the route holds, “ if it has “loan””; nothing where it holds always. */
export function sayIf(when: RouteLine['if']): string {
  const words = when === null ? '' : sayWhen(when);
  return words === '' ? '' : ` if it ${words}`;
}

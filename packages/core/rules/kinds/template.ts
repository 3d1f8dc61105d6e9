import { Liquid, type Template as Parsed } from 'liquidjs';
import { z } from 'zod';
import { isBuiltIn, nameKey, wordsOfValue } from '../../tasks/index.ts';
import { deadlineFound } from './readings/facts.ts';
import type { Found, ReadInput } from '../message/unit.ts';

/** Limits of one template: characters parsed, milliseconds rendered, characters made. */
const LIMITS = { parseLimit: 20_000, renderLimit: 500, memoryLimit: 1_000_000 };

const engine = new Liquid({ ...LIMITS, templates: {}, strictFilters: true, ownPropertyOnly: true });
// The same message gives the same text: nothing that asks a clock or chance, and no other files.
for (const filter of ['sample', 'date_to_string', 'date_to_long_string'])
  Reflect.deleteProperty(engine.filters, filter);
for (const tag of ['include', 'render', 'layout', 'block']) Reflect.deleteProperty(engine.tags, tag);
const plainDate = engine.filters.date;
engine.registerFilter('date', function (value: unknown, ...rest: unknown[]): unknown {
  if (value === 'now' || value === 'today') throw new Error('a template cannot ask for the time of day');
  return typeof plainDate === 'function' ? Reflect.apply(plainDate, this, [value, ...rest]) : value;
});

/** A text in the language of Liquid over the fields of the task and the mail. */
export const Template = z
  .string()
  .min(1, 'Write a text.')
  .max(10_000, 'A text has at most 10,000 characters.')
  .superRefine((text, context) => {
    try {
      compileTemplate(text);
    } catch (error) {
      const why = (error instanceof Error ? error.message : String(error)).replace(/, line:.*$/s, '');
      context.addIssue({ code: 'custom', message: `This text cannot be read: ${why}.` });
    }
  });

export interface CompiledTemplate {
  /** The fields that it names. */
  fields: string[];
  /** Throws where the text cannot be made. */
  render: (input: ReadInput) => string;
}

/** Throws on a text that does not parse. */
export function compileTemplate(text: string): CompiledTemplate {
  const parsed = engine.parse(text);
  const fields = fieldsOf(parsed);
  return { fields, render: (input) => String(engine.renderSync(parsed, scopeOf(input, fields))).trim() };
}

/** `{{ title }}` names the field title, `{{ fields["Object no."] }}` one of a project's own; `mail` is the message. */
function fieldsOf(parsed: Parsed[]): string[] {
  const fields = engine.globalVariableSegmentsSync(parsed).flatMap(([head, next]) => {
    if (head === 'mail' || typeof head !== 'string') return [];
    if (head !== 'fields') {
      if (!isBuiltIn(head))
        throw new Error(`there is no field “${head}”; one of a project’s own is fields["${head}"]`);
      return [head];
    }
    return typeof next === 'string' ? [next] : [];
  });
  return [...new Set(fields)];
}

/** What a template says for a field: what was read for it; the deadline is known without a row of its own. */
export const fieldIn = (name: string, input: ReadInput): Found | null =>
  input.read.get(nameKey(name)) ?? (nameKey(name) === 'deadline' ? deadlineFound(input) : null);

function scopeOf(input: ReadInput, named: readonly string[]): object {
  const { view } = input;
  const { reading, delivery } = view.incoming;
  const { who, sentAt } = reading.anatomy;
  const entries = named.flatMap((name) => {
    const found = fieldIn(name, input);
    return found ? [[name, wordsOfValue(found.value)] as const] : [];
  });
  return {
    ...Object.fromEntries(entries),
    fields: Object.fromEntries(entries),
    mail: {
      subject: reading.message.subject,
      from: { name: who?.name ?? '', address: who?.address ?? '' },
      sent: (sentAt ?? reading.message.sentAt ?? '').slice(0, 16),
      arrived: delivery.at,
    },
  };
}

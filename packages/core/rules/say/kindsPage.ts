import { z } from 'zod';
import { FieldKind, BUILT_IN_FIELDS } from '../../tasks/index.ts';
import { CONDITION_KINDS } from '../kinds/conditions/index.ts';
import { EFFECT_KINDS } from '../kinds/effects.ts';
import { MAKES_KINDS } from '../kinds/makes.ts';
import { READING_KINDS } from '../kinds/readings/index.ts';
import { START_KINDS } from '../kinds/starts.ts';
import { TIDY_KINDS } from '../kinds/tidy.ts';

/** The page of all kinds, in Markdown, made from the tables of kinds. */
export function kindsPage(): string {
  return [
    '# The kinds of which rules are made',
    'This page is made from the tables of kinds (`packages/core/rules`). How rules are written is told in [rules.md](rules.md). What has a default may be left out.',
    '## Starts (`start`)',
    ...Object.entries(START_KINDS).map(([name, kind]) => section(name, kind.doc, kind.schema)),
    '## Conditions (`when`, and `if` in the route)',
    'Groups: `{"all": […]}`, `{"any": […]}`, `{"none": […]}`, nested as you like.',
    ...Object.entries(CONDITION_KINDS).map(([name, kind]) => section(name, kind.doc, kind.schema)),
    '## Readings (`from` in `read`)',
    'Every reading may have an `id` (evidence names it; one is given where you give none) and `tidy` steps.',
    ...Object.entries(READING_KINDS).map(([name, kind]) => section(name, kind.doc, kind.schema)),
    '## Tidy steps',
    ...Object.entries(TIDY_KINDS).map(([name, kind]) => section(name, kind.doc, kind.schema)),
    '## What a rule makes (`makes`)',
    ...Object.entries(MAKES_KINDS).map(([name, kind]) => section(name, kind.doc, kind.schema)),
    '## Effects',
    ...Object.entries(EFFECT_KINDS).map(([name, kind]) => section(name, kind.doc, kind.schema)),
    '## Fields',
    `Built in: ${Object.entries(BUILT_IN_FIELDS)
      .map(([name, { kind }]) => `\`${name}\` (${kind})`)
      .join(
        ', ',
      )}. Any other name is a field of a project’s own. Kinds: ${FieldKind.options.map((kind) => `\`${kind}\``).join(', ')}.`,
    '',
  ].join('\n\n');
}

function section(name: string, doc: string, schema: z.ZodObject): string {
  const parts = Object.entries<z.ZodType>(schema.shape).filter(
    ([part, inner]) => !(inner instanceof z.ZodLiteral) && part !== 'id' && part !== 'tidy',
  );
  const lines = parts.map(
    ([part, inner]) =>
      `- \`${part}\`: ${sayPart(z.toJSONSchema(z.object({ part: inner }), { io: 'input' }))}`,
  );
  return [`### ${name}`, doc, lines.join('\n')].filter((each) => each !== '').join('\n\n');
}

type Json = z.core.JSONSchema.BaseSchema;

function sayPart(schema: Json): string {
  const part = schema.properties?.part;
  if (typeof part !== 'object') return 'anything';
  const fallback = part.default === undefined ? '' : `; default ${JSON.stringify(part.default)}`;
  return `${sayType(part)}${fallback}`;
}

function sayType(part: Json): string {
  if (part.enum) return part.enum.map((each) => `\`${String(each)}\``).join(', ');
  if (part.const !== undefined) return `\`${String(part.const)}\``;
  if (part.anyOf) {
    const types = part.anyOf.map((each) => (typeof each === 'object' ? sayType(each) : 'anything'));
    return [...new Set(types.filter((type) => type !== 'null'))].join(' or ');
  }
  if (part.type === 'array') {
    const { items } = part;
    return `a list of ${typeof items === 'object' && !Array.isArray(items) ? sayType(items) : 'anything'}`;
  }
  if (part.type === 'object') return `an object \`{${Object.keys(part.properties ?? {}).join(', ')}}\``;
  return (
    { string: 'text', integer: 'a whole number', number: 'a number', boolean: 'true or false' }[
      String(part.type)
    ] ?? String(part.type)
  );
}

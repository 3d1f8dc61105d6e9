import { openTaskBook } from '@hatband/core/dryrun';
import { header } from '@hatband/core/mail';
import { localTime, read, type Reading, type ReadOptions } from '@hatband/core/reading';
import {
  compile,
  Context,
  Delivery,
  evaluate,
  parseRuleFile,
  type CompiledRules,
  type RuleFile,
} from '@hatband/core/rules';
import { readFile } from 'node:fs/promises';
import { parseArgs } from 'node:util';
import { messagesAt, type NamedMessage } from './messages.ts';
import { READ_FLAGS, readOptions } from './options.ts';
import { outcomeLine } from './outcomeLine.ts';

/** `hatband try`: what each message becomes by the rules of a file, one JSON line a message. Answers the exit status. */
export async function tryCommand(args: string[], usage: string): Promise<number> {
  const asked = await parse(args).catch((error: unknown) =>
    error instanceof Error ? error.message : String(error),
  );
  if (typeof asked === 'string') {
    console.error(asked.startsWith(UNUSABLE) ? asked : `${asked}\n${usage}`);
    return 2;
  }
  const read = await readAll(asked);
  const lines = linesOf(read, asked);
  for (const line of lines) process.stdout.write(`${JSON.stringify(line)}\n`);
  return lines.some((line) => 'error' in line) ? 1 : 0;
}

const UNUSABLE = 'The rules of';

interface Asked {
  paths: string[];
  options: ReadOptions;
  rules: CompiledRules;
  withTrace: boolean;
}

const FLAGS = { ...READ_FLAGS, rules: { type: 'string' }, trace: { type: 'boolean' } } as const;

/** Throws, in words, where the call or the rules cannot be used. */
async function parse(args: string[]): Promise<Asked> {
  const { values, positionals } = parseArgs({ args, options: FLAGS, allowPositionals: true });
  if (values.rules === undefined) throw new Error('Name a file of rules: --rules FILE.');
  if (positionals.length === 0) throw new Error('Name some mail.');
  const options = readOptions(values);
  const parsed = parseRuleFile(await readFile(values.rules, 'utf8'));
  if (parsed.errors)
    throw new Error(
      [
        `${UNUSABLE} ${values.rules} cannot be used:`,
        ...parsed.errors.map(({ path, message }) => `  ${path}: ${message}`),
      ].join('\n'),
    );
  return {
    paths: positionals,
    options,
    rules: compileFile(parsed.file, options),
    withTrace: values.trace ?? false,
  };
}

function compileFile(
  { rules, projects, people, tables, templates }: RuleFile,
  options: ReadOptions,
): CompiledRules {
  const { me, zone, dateOrder } = options;
  const context = Context.parse({ projects, people, tables, templates, me, zone, dateOrder });
  const live = rules.filter(({ state }) => state === 'live');
  return compile(
    live.map(({ rule }) => ({ ruleId: rule.name, version: 1, definition: rule })),
    context,
  );
}

interface Read {
  file: string;
  /** When it was sent, or now. */
  at: string;
  reading: Reading | Error;
}

async function readAll({ paths, options }: Asked): Promise<Read[]> {
  const all: Read[] = [];
  const now = new Date().toISOString();
  for (const given of paths)
    for await (const message of messagesAt(given)) all.push(await readOne(message, options, now));
  return all;
}

async function readOne({ file, bytes }: NamedMessage, options: ReadOptions, now: string): Promise<Read> {
  if (bytes instanceof Error) return { file, at: now, reading: bytes };
  if (bytes.length === 0) return { file, at: now, reading: new Error('The file is empty.') };
  const reading = await read(bytes, options, now);
  const sent = Date.parse(reading.message.sentAt ?? '');
  return { file, at: Number.isNaN(sent) ? now : new Date(sent).toISOString(), reading };
}

/** The lines in the order of the files; each thread is gone through in the order in which it was sent. */
function linesOf(all: readonly Read[], { rules, options, withTrace }: Asked) {
  const book = openTaskBook();
  const lines = new Map<Read, object>();
  for (const each of all.toSorted((a, b) => a.at.localeCompare(b.at))) {
    const { file, at, reading } = each;
    if (reading instanceof Error) {
      lines.set(each, { file, error: reading.message });
      continue;
    }
    const delivery = deliveryOf(reading, localTime(at, options.zone));
    const outcome = evaluate(
      rules,
      { reading, delivery, tasks: book.knownTo(reading) },
      { lastRule: false, askAll: withTrace },
    );
    book.add(reading, outcome);
    lines.set(each, outcomeLine(file, outcome, withTrace));
  }
  return all.map((each) => lines.get(each) ?? {});
}

/**
 * How a message in a file came, as far as it tells: to the address of `Delivered-To`, else its first recipient, with the
 * labels of its `Keywords` (RFC 5322, section 3.6.5).
 */
function deliveryOf({ message }: Reading, at: string): Delivery {
  const to = header(message, 'Delivered-To')?.trim() ?? message.to[0]?.address ?? '';
  const [, local = '', plus, domain = ''] = /^([^+@]*)(?:\+([^@]*))?@(.*)$/.exec(to) ?? [];
  const labels = (header(message, 'Keywords') ?? '').split(',').map((label) => label.trim());
  return Delivery.parse({
    source: 'file',
    address: local === '' ? null : `${local}@${domain}`,
    plusWord: plus ?? null,
    labels: labels.filter((label) => label !== ''),
    at,
  });
}

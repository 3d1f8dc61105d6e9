import { read, type ReadOptions } from '@hatband/core/reading';
import { parseArgs } from 'node:util';
import { messagesAt } from './messages.ts';
import { lineOf } from './line.ts';
import { READ_FLAGS, readOptions } from './options.ts';

/** `hatband read`: one JSON line a message on standard output. Answers the exit status. */
export async function readCommand(args: string[], usage: string): Promise<number> {
  const parsed = parse(args);
  if (typeof parsed === 'string' || parsed.paths.length === 0) {
    console.error(typeof parsed === 'string' ? `${parsed}\n${usage}` : usage);
    return 2;
  }
  let failed = false;
  for (const given of parsed.paths) {
    for await (const { file, bytes } of messagesAt(given)) {
      const line =
        bytes instanceof Error ? { file, error: bytes.message } : await readOne(file, bytes, parsed);
      failed ||= 'error' in line;
      process.stdout.write(`${JSON.stringify(line)}\n`);
    }
  }
  return failed ? 1 : 0;
}

interface Parsed {
  paths: string[];
  options: ReadOptions;
  withText: boolean;
}

async function readOne(file: string, bytes: Uint8Array, { options, withText }: Parsed) {
  if (bytes.length === 0) return { file, error: 'The file is empty.' };
  const reading = await read(bytes, options, new Date().toISOString());
  const line = lineOf(file, reading);
  return withText ? { ...line, text: reading.message.text } : line;
}

const FLAGS = { ...READ_FLAGS, languages: { type: 'string' }, text: { type: 'boolean' } } as const;

/** What was asked for, or what is wrong with it in words. */
function parse(args: string[]): Parsed | string {
  try {
    const { values, positionals } = parseArgs({ args, options: FLAGS, allowPositionals: true });
    return { paths: positionals, options: readOptions(values), withText: values.text ?? false };
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}

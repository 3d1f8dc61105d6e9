import { Named, parseRuleFile } from '@hatband/core/rules';
import { Worker } from 'node:worker_threads';
import { z } from 'zod';
import { Failure } from '../errors.ts';

/** The rules of a file, each as it is stored, with all that they name; or what is wrong with it. */
const ReadFile = z.discriminatedUnion('ok', [
  z.object({
    ok: z.literal(true),
    rules: z.array(z.object({ name: z.string(), definition: z.string() })),
    named: Named,
  }),
  z.object({ ok: z.literal(false), errors: z.array(z.object({ path: z.string(), message: z.string() })) }),
]);
export type ReadFile = z.infer<typeof ReadFile>;

export function readRuleFile(json: string): ReadFile {
  const { file, errors } = parseRuleFile(json);
  if (errors) return { ok: false, errors };
  const { rules, ...named } = file;
  return {
    ok: true,
    rules: rules.map(({ rule }) => ({ name: rule.name, definition: JSON.stringify(rule) })),
    named,
  };
}

/** A file of this many letters is read before the page notices; a longer one apart from the server's own thread. */
const SHORT = 100_000;

/** As `readRuleFile`, wherever it takes no time from others. */
export function readRuleFileApart(json: string, script: URL): Promise<ReadFile> {
  if (json.length <= SHORT) return Promise.resolve(readRuleFile(json));
  return new Promise((resolve, reject) => {
    const worker = new Worker(script, { workerData: json, resourceLimits: { maxOldGenerationSizeMb: 512 } });
    worker
      .once('message', (answer) => {
        resolve(ReadFile.parse(answer));
      })
      .once('error', () => {
        reject(new Failure('input', 'This file is too large to be read.'));
      });
  });
}

import { fold } from '../languages/index.ts';
import { evaluateBuiltIn } from '../rules/index.ts';
import { read } from './index.ts';

const HEAD =
  'From: Orla <orla@cape.example>\nTo: ines@quay.example\nSubject: Hatband\nDate: Tue, 10 Mar 2026 10:15:00 +0100\nContent-Type: text/plain; charset=utf-8';

/** The task of a mail of these words; without a deadline `due` is “-”. */
export async function taskOf(words: string): Promise<{ due: string; title: string }> {
  const options = { me: ['ines@quay.example'], zone: 'Europe/Berlin', dateOrder: 'DMY' } as const;
  const bytes = new TextEncoder().encode(`${HEAD}\n\n${words}\n`);
  const reading = await read(bytes, options, '2026-03-10T09:16:00Z');
  const { due, title } = evaluateBuiltIn(reading).tasks[0]?.fields ?? {};
  return { due: due ?? '-', title: title ?? '' };
}

/** Those of the stems that begin no word of the title; of alternatives between `/` one has to. */
export function missingIn(title: string, stems: string): string[] {
  const words = fold(title).split(/[^\p{L}\p{N}]+/u);
  return stems
    .split(' ')
    .filter((stem) => !stem.split('/').some((one) => words.some((word) => word.startsWith(fold(one)))));
}

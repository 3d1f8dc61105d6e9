import { mboxReader } from 'mbox-reader';
import type { Readable } from 'node:stream';
import { MboxGuard } from './mboxGuard.ts';

/** Whether a file that begins so is an mbox: with a line `From ` (RFC 4155, appendix A). */
export const isMbox = (start: string) => start.startsWith('From ');

/** The messages of an mbox in their order; of one that is larger than `most` bytes the rest is left out. */
export async function* messagesInMbox(stream: Readable, most: number): AsyncGenerator<Buffer> {
  for await (const { content } of mboxReader(stream.pipe(new MboxGuard(most)))) yield content;
}

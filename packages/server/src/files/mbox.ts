import { mboxReader } from 'mbox-reader';
import { pipeline, type Readable } from 'node:stream';
import { MboxGuard } from './mboxGuard.ts';

/** Whether a file that begins so is an mbox: with a line `From ` (RFC 4155, appendix A). */
export const isMbox = (start: string) => start.startsWith('From ');

/**
 * The messages of an mbox in their order; of one that is larger than `most` bytes the rest is left out. Rejects
 * where the stream breaks off.
 */
export async function* messagesInMbox(stream: Readable, most: number): AsyncGenerator<Buffer> {
  const guard = new MboxGuard(most);
  // Where the source breaks off, so does the guard, and with it who reads from it.
  pipeline(stream, guard, () => undefined);
  for await (const { content } of mboxReader(guard)) yield content;
}

import { createReadStream } from 'node:fs';
import { open, readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { Transform } from 'node:stream';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { messageOf } from '../errors.ts';
import { SIZE_LIMIT } from '../limits.ts';
import { isMbox, messagesInMbox } from './mbox.ts';
import type { Scratch } from './scratch.ts';

/** A message of a file, or in words why it is none. */
export interface FoundMessage {
  name: string;
  bytes: Buffer | null;
  problem: string | null;
  /** How far the file was read by then, in bytes. */
  read: number;
}

/** An archive that unpacks to more than this is no mail. */
const LARGEST_UNPACKED = 4 * 1024 ** 3;

/** The messages of an `.eml`, an mbox (RFC 4155) or a zip of such, whatever the file is called. */
export async function* messagesIn(
  file: string,
  name: string,
  scratch: Scratch,
): AsyncGenerator<FoundMessage> {
  const start = await firstBytes(file);
  if (start.startsWith('PK\u0003\u0004')) yield* messagesInZip(file, scratch);
  else if (isMbox(start)) yield* numbered(file, name);
  else yield await singleMessage(file, name, start);
}

async function firstBytes(file: string): Promise<string> {
  const handle = await open(file);
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(1000), 0, 1000, 0);
    return buffer.subarray(0, bytesRead).toString('latin1');
  } finally {
    await handle.close();
  }
}

/** A message begins with a header field (RFC 5322, section 2.2). */
const HEADER = /^(?:\ufeff|\u00ef\u00bb\u00bf)?[!-9;-~]+[ \t]*:/;

async function singleMessage(file: string, name: string, start: string): Promise<FoundMessage> {
  const { size } = await stat(file);
  const refuse = (problem: string) => ({ name, bytes: null, problem, read: size });
  if (!HEADER.test(start)) return refuse('This is no message: it does not begin with a header.');
  if (size > SIZE_LIMIT) return refuse(TOO_LARGE);
  return { name, bytes: await readFile(file), problem: null, read: size };
}

const TOO_LARGE = 'It is larger than 25 MB.';

async function* numbered(file: string, name: string): AsyncGenerator<FoundMessage> {
  const stream = createReadStream(file);
  let n = 0;
  for await (const content of messagesInMbox(stream, SIZE_LIMIT)) {
    n += 1;
    const isLarge = content.length > SIZE_LIMIT;
    yield {
      name: `${name} #${String(n)}`,
      bytes: isLarge ? null : content,
      problem: isLarge ? TOO_LARGE : null,
      read: stream.bytesRead,
    };
  }
}

async function* messagesInZip(file: string, scratch: Scratch): AsyncGenerator<FoundMessage> {
  // Names are only shown, so one that is no path spoils its own entry and no other.
  const zip = await openPromise(file, { lazyEntries: true, decodeStrings: false });
  const unpacked = `${file}.entry`;
  let read = 0;
  let total = 0;
  try {
    for await (const entry of zip.eachEntry()) {
      read += entry.compressedSize;
      const inside = nameIn(entry);
      if (inside.endsWith('/')) continue;
      const name = path.basename(inside);
      total += entry.uncompressedSize;
      const problem =
        total > LARGEST_UNPACKED
          ? 'The archive unpacks to more than 4 GB.'
          : leadsOutside(inside)
            ? 'Its name leads out of the archive.'
            : await unpack(zip, entry, { file: unpacked, scratch });
      if (problem === null) yield* messagesOfEntry(unpacked, name, { read, scratch });
      else yield { name, bytes: null, problem, read };
      if (total > LARGEST_UNPACKED) return;
    }
  } finally {
    zip.close();
    await scratch.discard(unpacked);
  }
}

/** Of an archive from systems that write no UTF-8 the letters may be others; it is a name to be shown only. */
function nameIn(entry: Entry): string {
  const name: unknown = entry.fileName;
  return Buffer.isBuffer(name) ? name.toString('utf8') : String(name);
}

const leadsOutside = (name: string) =>
  /^(?:[/\\]|[a-z]:)/i.test(name) || name.split(/[/\\]/).includes('..') || name.includes('\0');

async function* messagesOfEntry(
  file: string,
  name: string,
  { read, scratch }: { read: number; scratch: Scratch },
): AsyncGenerator<FoundMessage> {
  if ((await firstBytes(file)).startsWith('PK\u0003\u0004')) {
    yield { name, bytes: null, problem: 'An archive within an archive is not looked into.', read };
    return;
  }
  for await (const found of messagesIn(file, name, scratch)) yield { ...found, read };
}

/** Unpacks an entry into a file; a problem in words where that is not possible. */
async function unpack(
  zip: ZipFile,
  entry: Entry,
  { file, scratch }: { file: string; scratch: Scratch },
): Promise<string | null> {
  if (entry.isEncrypted()) return 'It is encrypted.';
  let size = 0;
  // An entry may be larger than the archive says.
  const guard = new Transform({
    transform(chunk: Buffer, _, done) {
      size += chunk.length;
      done(size > LARGEST_UNPACKED ? new Error('it unpacks to more than 4 GB') : null, chunk);
    },
  });
  try {
    await scratch.discard(file);
    const stream = await zip.openReadStreamPromise(entry);
    stream.on('error', (error) => guard.destroy(error));
    await scratch.keep(stream.pipe(guard), file);
    return null;
  } catch (error) {
    return `It could not be unpacked: ${messageOf(error)}.`;
  }
}

import { mboxReader } from 'mbox-reader';
import { createReadStream, createWriteStream } from 'node:fs';
import { open, readFile, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { messageOf } from '../errors.ts';
import { SIZE_LIMIT } from '../limits.ts';

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
export async function* messagesIn(file: string, name: string): AsyncGenerator<FoundMessage> {
  const start = await firstBytes(file);
  if (start.startsWith('PK\u0003\u0004')) yield* messagesInZip(file);
  else if (start.startsWith('From ')) yield* messagesInMbox(file, name);
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

async function* messagesInMbox(file: string, name: string): AsyncGenerator<FoundMessage> {
  const stream = createReadStream(file);
  let n = 0;
  for await (const { content } of mboxReader(stream)) {
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

async function* messagesInZip(file: string): AsyncGenerator<FoundMessage> {
  const zip = await openPromise(file, { lazyEntries: true });
  const unpacked = `${file}.entry`;
  let read = 0;
  let total = 0;
  try {
    for await (const entry of zip.eachEntry()) {
      read += entry.compressedSize;
      if (entry.fileName.endsWith('/')) continue;
      const name = path.basename(entry.fileName);
      total += entry.uncompressedSize;
      const problem =
        total > LARGEST_UNPACKED
          ? 'The archive unpacks to more than 4 GB.'
          : await unpack(zip, entry, unpacked);
      if (problem === null) yield* messagesOfEntry(unpacked, name, read);
      else yield { name, bytes: null, problem, read };
      if (total > LARGEST_UNPACKED) return;
    }
  } finally {
    zip.close();
    await rm(unpacked, { force: true });
  }
}

async function* messagesOfEntry(file: string, name: string, read: number): AsyncGenerator<FoundMessage> {
  if ((await firstBytes(file)).startsWith('PK\u0003\u0004')) {
    yield { name, bytes: null, problem: 'An archive within an archive is not looked into.', read };
    return;
  }
  for await (const found of messagesIn(file, name)) yield { ...found, read };
}

/** Unpacks an entry into a file; a problem in words where that is not possible. */
async function unpack(zip: ZipFile, entry: Entry, file: string): Promise<string | null> {
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
    await pipeline(await zip.openReadStreamPromise(entry), guard, createWriteStream(file));
    return null;
  } catch (error) {
    return `It could not be unpacked: ${messageOf(error)}.`;
  }
}

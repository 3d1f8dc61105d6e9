import { isMbox, messagesInMbox } from '@hatband/server/files/mbox';
import { createReadStream } from 'node:fs';
import { open, readdir, readFile, stat } from 'node:fs/promises';
import path from 'node:path';

export interface NamedMessage {
  /** The file's name within the path that was given; messages of an mbox get `#1`, `#2`, … behind it. */
  file: string;
  bytes: Uint8Array | Error;
}

/** The messages behind a path, in the order of their names. A file that cannot be read comes as its error. */
export async function* messagesAt(given: string): AsyncGenerator<NamedMessage> {
  if (given === '-') {
    yield { file: '-', bytes: await readStandardInput() };
    return;
  }
  try {
    if ((await stat(given)).isDirectory()) {
      const names = await readdir(given, { recursive: true, withFileTypes: true });
      const files = names
        .filter((entry) => entry.isFile())
        .map((entry) => path.join(entry.parentPath, entry.name));
      for (const file of files.toSorted()) yield* messagesIn(file, path.relative(given, file));
    } else yield* messagesIn(given, path.basename(given));
  } catch (error) {
    yield { file: given, bytes: asError(error) };
  }
}

async function* messagesIn(file: string, name: string): AsyncGenerator<NamedMessage> {
  try {
    if (isMbox(await firstBytes(file))) {
      let n = 0;
      for await (const bytes of messagesInMbox(createReadStream(file), Infinity))
        yield { file: `${name}#${(n += 1)}`, bytes };
    } else yield { file: name, bytes: await readFile(file) };
  } catch (error) {
    yield { file: name, bytes: asError(error) };
  }
}

async function firstBytes(file: string): Promise<string> {
  const handle = await open(file);
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(5), 0, 5, 0);
    return buffer.subarray(0, bytesRead).toString('latin1');
  } finally {
    await handle.close();
  }
}

async function readStandardInput(): Promise<Uint8Array> {
  const chunks: Buffer[] = [];
  for await (const chunk of process.stdin as AsyncIterable<Buffer>) chunks.push(chunk);
  return Buffer.concat(chunks);
}

const asError = (error: unknown) => (error instanceof Error ? error : new Error(String(error)));

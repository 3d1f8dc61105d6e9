import { createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { codeOf, Failure } from '../errors.ts';
import { makeByteBudget } from '../intake/byteBudget.ts';

/** Files that are only passing through, and how much room all of them together may take. */
export interface Scratch {
  /** Writes a stream into a new file; its size. Throws a Failure, and leaves nothing, where there is no room for it. */
  keep: (stream: Readable, file: string) => Promise<number>;
  discard: (file: string) => Promise<void>;
}

const LIMIT = 8 * 1024 ** 3;

export function makeScratch(limit = LIMIT): Scratch {
  const budget = makeByteBudget(limit);
  const sizes = new Map<string, number>();
  const discard = async (file: string) => {
    await rm(file, { force: true });
    budget.give(sizes.get(file) ?? 0);
    sizes.delete(file);
  };
  return {
    discard,
    keep: async (stream, file) => {
      sizes.set(file, 0);
      const count = new Transform({
        transform(chunk: Buffer, _, done) {
          if (!budget.take(chunk.length)) {
            done(noRoom());
            return;
          }
          sizes.set(file, (sizes.get(file) ?? 0) + chunk.length);
          done(null, chunk);
        },
      });
      try {
        await pipeline(stream, count, createWriteStream(file, { mode: 0o600 }));
        return sizes.get(file) ?? 0;
      } catch (error) {
        await discard(file);
        throw codeOf(error) === 'ENOSPC' ? noRoom() : error;
      }
    },
  };
}

const noRoom = () =>
  new Failure('transient', 'There is no room for this file just now; wait until the others are through.');

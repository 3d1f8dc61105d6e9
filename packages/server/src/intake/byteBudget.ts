import type { Readable } from 'node:stream';

/** How many bytes of messages all doors together may hold in memory at one time. */
export interface ByteBudget {
  /** False, and nothing taken, where that is too much just now. */
  take: (bytes: number) => boolean;
  give: (bytes: number) => void;
}

const LIMIT = 64 * 1024 * 1024;

export function makeByteBudget(limit = LIMIT): ByteBudget {
  let taken = 0;
  return {
    take: (bytes) => {
      if (taken + bytes > limit) return false;
      taken += bytes;
      return true;
    },
    give: (bytes) => {
      taken -= bytes;
    },
  };
}

/** A body that comes piece by piece and counts against the budget until it is released. */
export interface Body {
  /** Why nothing more is kept of it. */
  refused: 'too large' | 'crowded' | null;
  /** Resolves once it is there, or was refused; rejects where its sender broke off. */
  whole: Promise<void>;
  bytes: () => Buffer;
  release: () => void;
}

/** Collects a stream, at most `most` bytes of it; what comes beyond is read and thrown away. */
export function collect(stream: Readable, budget: ByteBudget, most: number): Body {
  let chunks: Buffer[] = [];
  let size = 0;
  const release = () => {
    budget.give(size);
    [chunks, size] = [[], 0];
  };
  const refuse = (why: 'too large' | 'crowded') => {
    body.refused = why;
    release();
  };
  const body: Body = {
    refused: null,
    whole: new Promise((resolve, reject) => {
      stream
        .once('end', resolve)
        .once('error', reject)
        .once('close', () => {
          reject(new Error('the sender broke off'));
        });
    }),
    bytes: () => Buffer.concat(chunks),
    release,
  };
  stream.on('data', (chunk: Buffer) => {
    if (body.refused !== null) return;
    if (size + chunk.length > most) refuse('too large');
    else if (!budget.take(chunk.length)) refuse('crowded');
    else {
      chunks.push(chunk);
      size += chunk.length;
    }
  });
  return body;
}

import { deflateRawSync, inflateRawSync } from 'node:zlib';
import type { z } from 'zod';

/** A JSON column, by its schema. */
export function parseJson<S extends z.ZodType>(schema: S, text: string): z.infer<S> {
  return schema.parse(JSON.parse(text));
}

export function deflateJson(value: unknown): Buffer {
  return deflateRawSync(JSON.stringify(value), { level: 3 });
}

export function inflateJson<S extends z.ZodType>(schema: S, body: Uint8Array): z.infer<S> {
  return parseJson(schema, inflateRawSync(body).toString('utf8'));
}

import { z } from 'zod';

/**
 * A value as it is written for people: what is as its schema's default would make it is left out. The schema reads the
 * short form as the same value.
 */
export function shorten(schema: z.ZodType, value: unknown): unknown {
  if (schema instanceof z.ZodDefault || schema instanceof z.ZodPrefault || schema instanceof z.ZodNullable)
    return value === null ? null : shorten(asType(schema.def.innerType), value);
  if (schema instanceof z.ZodPipe) return shorten(asType(schema.def.in), value);
  if (schema instanceof z.ZodLazy) return shorten(asType(schema.def.getter()), value);
  if (schema instanceof z.ZodUnion) {
    const fitting = schema.def.options.find((option) => asType(option).safeParse(value).success);
    return fitting ? shorten(asType(fitting), value) : value;
  }
  if (schema instanceof z.ZodArray && Array.isArray(value))
    return value.map((each: unknown) => shorten(asType(schema.def.element), each));
  if (schema instanceof z.ZodObject && isRecord(value)) {
    return Object.fromEntries(
      Object.entries(schema.shape).flatMap(([key, inner]) =>
        key in value && !isDefault(asType(inner), value[key])
          ? [[key, shorten(asType(inner), value[key])]]
          : [],
      ),
    );
  }
  return value;
}

/** Zod types its parts by its core, of which all schemas are made. */
function asType(schema: unknown): z.ZodType {
  if (schema instanceof z.ZodType) return schema;
  throw new Error('A schema has a part that is none.');
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function isDefault(schema: z.ZodType, value: unknown): boolean {
  if (!(schema instanceof z.ZodDefault || schema instanceof z.ZodPrefault)) return false;
  return JSON.stringify(schema.parse(undefined)) === JSON.stringify(value);
}

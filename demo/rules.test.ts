import { CONDITION_KINDS, Effect, leavesIn, Makes, parseRuleFile, READING_KINDS } from '@hatband/core/rules';
import { FieldKind } from '@hatband/core/tasks';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from 'vitest';

test('the rules of the demo hold together and use every kind', () => {
  const { file, errors } = parseRuleFile(readFileSync(path.join(import.meta.dirname, 'rules.json'), 'utf8'));
  expect(errors).toBeNull();
  const rules = file?.rules.map(({ rule }) => rule) ?? [];
  const missing = (all: readonly string[], used: readonly string[]) =>
    all.filter((kind) => !used.includes(kind));
  expect(
    missing(
      Object.keys(CONDITION_KINDS),
      rules.flatMap(leavesIn).map(({ kind }) => kind),
    ),
  ).toEqual([]);
  const readings = rules.flatMap(({ read }) => read.flatMap(({ from }) => from.map(({ kind }) => kind)));
  expect(missing(Object.keys(READING_KINDS), readings)).toEqual([]);
  expect(
    missing(
      Makes.def.options.map(({ shape }) => shape.kind.value),
      rules.map(({ makes }) => makes.kind),
    ),
  ).toEqual([]);
  expect(
    missing(
      Effect.def.options.map(({ shape }) => shape.kind.value),
      rules.flatMap(({ effects }) => effects.map(({ kind }) => kind)),
    ),
  ).toEqual([]);
  const kinds = file?.projects.flatMap(({ fields }) => fields.map(({ kind }) => kind)) ?? [];
  expect(missing(FieldKind.options, kinds)).toEqual([]);
});

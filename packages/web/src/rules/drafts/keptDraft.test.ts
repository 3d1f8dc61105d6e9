import { expect, test } from 'vitest';
import { RuleDefinition } from '@hatband/core/rules';
import { forgetDraft, keepDraft, keptDraft } from './keptDraft.ts';

const definition = RuleDefinition.parse({ name: 'Loans' });

test('what was written is kept for its rule, until it is saved', () => {
  keepDraft('r1', 4, { ...definition, name: '' });
  expect(keptDraft('r1')).toMatchObject({ revision: 4, definition: { name: '' } });
  expect(keptDraft('r2')).toBe(null);
  forgetDraft('r1');
  expect(keptDraft('r1')).toBe(null);
});

test('what this version cannot show is not offered', () => {
  localStorage.setItem('hatband rule r1', '{"revision":1,"at":"2026-11-24","definition":{"name":"Loans"}}');
  expect(keptDraft('r1')).toBe(null);
  localStorage.setItem('hatband rule r1', 'not JSON');
  expect(keptDraft('r1')).toBe(null);
});

test('what was kept by an older version is offered under the names of today', () => {
  const old = JSON.stringify({
    ...definition,
    read: [{ field: 'title', from: [{ kind: 'subject', tidy: [{ do: 'take off' }] }] }],
  });
  localStorage.setItem('hatband rule r1', `{"revision":1,"at":"2026-11-24","definition":${old}}`);
  expect(keptDraft('r1')?.definition.read[0]?.from[0]?.tidy).toEqual([{ do: 'remove' }]);
});

import { ownField, TaskView } from '@hatband/core/tasks';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { scopeView, urlOfView, viewOfUrl } from './viewUrl.ts';

const field = fc.oneof(
  fc.constantFrom('due', 'project', 'tags'),
  fc.string({ minLength: 1, maxLength: 20 }).map(ownField),
);
const condition = fc.oneof(
  fc.record({
    kind: fc.constant('is'),
    field,
    values: fc.array(
      fc.string({ minLength: 1 }).filter((text) => text.trim() === text && text !== ''),
      { minLength: 1, maxLength: 3 },
    ),
  }),
  fc.record({
    kind: fc.constant('next'),
    field,
    count: fc.integer({ min: 0, max: 60 }),
    unit: fc.constantFrom('days', 'working days'),
  }),
  fc.record({ kind: fc.constantFrom('overdue', 'unclaimed') }),
);
const filter = fc.oneof(
  condition,
  fc.record({ any: fc.array(condition, { maxLength: 3 }) }),
  fc.record({
    all: fc.array(fc.oneof(condition, fc.record({ none: fc.array(condition, { maxLength: 2 }) })), {
      maxLength: 3,
    }),
  }),
);
const view = fc
  .record({
    scope: fc.constantFrom('open', 'done', 'all', 'bin'),
    filter,
    sort: fc.array(fc.record({ field, descending: fc.boolean() }), { maxLength: 3 }),
    group: fc.option(field),
    columns: fc.array(fc.record({ field, width: fc.option(fc.integer({ min: 40, max: 400 })) }), {
      maxLength: 4,
    }),
  })
  .map((each) => TaskView.parse(each));

test('a link shows the view that it was made of', () => {
  fc.assert(
    fc.property(view, view, fc.boolean(), (base, changed, isSaved) => {
      const saved = { id: 'v1', name: 'Loans', revision: 1, view: base };
      const url = isSaved ? urlOfView('v1', base, changed) : urlOfView('open', scopeView('open'), changed);
      expect(viewOfUrl(new URLSearchParams(url.toString()), [saved])).toEqual({
        saved: isSaved ? saved : null,
        base: isSaved ? base : scopeView('open'),
        view: changed,
      });
    }),
  );
});

test.each(['as={', 'as=[]', 'as={"filter":{"kind":"gone"}}', 'view=gone', 'as={"columns":7}'])(
  '%s shows the open tasks',
  (url) => {
    expect(viewOfUrl(new URLSearchParams(url), []).view).toEqual(scopeView('open'));
  },
);

import { describe, expect, test } from 'vitest';
import type { TaskFields, Value } from '../../tasks/index.ts';
import { fillField, NO_TITLE } from './makeTask.ts';

const empty = (): TaskFields => ({
  title: NO_TITLE,
  due: null,
  start: null,
  deadline: null,
  priority: null,
  project: null,
  section: null,
  assignee: null,
  tags: [],
  notes: '',
  reminders: [],
  fields: {},
});

/** Of each field a value, another one, and how the first is kept. */
const CASES: [string, Value, Value, unknown][] = [
  ['title', 'Sign the form', 'Another', 'Sign the form'],
  ['due', '2026-12-03', '2026-12-04', '2026-12-03'],
  ['start', '2026-12-03T09:00', '2026-12-04', '2026-12-03T09:00'],
  ['deadline', '2026-12-03', '2026-12-04', '2026-12-03'],
  ['priority', 'High', 'low', 'high'],
  ['project', 'Loans', 'Visits', 'Loans'],
  ['section', 'At once', 'Later', 'At once'],
  ['assignee', 'Tomas Quill', 'Orla', 'Tomas Quill'],
  ['tags', ['loan', 'crate'], ['other'], ['loan', 'crate']],
  ['reminders', ['2026-12-02'], ['2026-12-01'], ['2026-12-02']],
  ['notes', 'Oak', 'Pine', 'Oak'],
];

describe('a field takes the first value that fits', () => {
  test.each(CASES)('%s', (field, first, second, kept) => {
    const fields = empty();
    expect(fillField(fields, field, first)).toBe(true);
    expect(fillField(fields, field, second)).toBe(false);
    expect(fields).toEqual({ ...empty(), [field]: kept });
  });

  test('a field of a project’s own, in any case of its name', () => {
    const fields = empty();
    expect(fillField(fields, 'Crate', 'Oak')).toBe(true);
    expect(fillField(fields, 'crate', 'Pine')).toBe(false);
    expect(fields.fields).toEqual({ Crate: 'Oak' });
  });

  test.each([
    ['due', 'soon'],
    ['priority', 'whenever'],
    ['comment', 'words'],
  ])('%s takes no “%s”', (field, value) => {
    const fields = empty();
    expect(fillField(fields, field, value)).toBe(false);
    expect(fields).toEqual(empty());
  });
});

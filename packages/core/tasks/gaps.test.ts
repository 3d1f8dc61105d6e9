import { expect, test } from 'vitest';
import { gapsOf, TaskFields } from './index.ts';

test('a requirement is met by any of its fields; what is empty meets none', () => {
  const fields: TaskFields = {
    title: 'x',
    due: null,
    start: null,
    deadline: '2026-12-07',
    priority: null,
    project: 'Loans in',
    section: null,
    assignee: null,
    tags: [],
    notes: '',
    reminders: [],
    fields: { Lender: 'Cape' },
  };
  const requirements = [
    ['project'],
    ['due'],
    ['due', 'deadline'],
    ['tags', 'notes'],
    ['lender'],
    ['Object no.'],
  ];
  expect(gapsOf(fields, requirements)).toEqual([['due'], ['tags', 'notes'], ['Object no.']]);
});

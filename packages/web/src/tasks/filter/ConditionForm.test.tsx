import type { TaskCondition } from '@hatband/core/tasks';
import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { health } from '../../../test/made.ts';
import { show } from '../../../test/show.tsx';
import { ConditionForm } from './ConditionForm.tsx';
import { kindsOf } from './conditionKinds.ts';

const project = (id: string, name: string, fields: object[] = []) => ({
  id, name, description: '', sections: ['At once'], fields, requirements: [], revision: 1,
}); // prettier-ignore
const field = (name: string, kind: string, choices: string[] = []) => ({
  name,
  kind,
  choices,
  decimal: null,
});

function form(condition: TaskCondition | null) {
  const onChange = vi.fn<(condition: TaskCondition | null) => void>();
  const shown = show(<ConditionForm condition={condition} onChange={onChange} />, {
    'GET /api/health': () => health,
    'GET /api/rule-names': () => ({
      items: [
        {
          id: 'r1',
          name: 'Loans',
          band: { hue: 'slate', pattern: 'plain' },
          deleted: false,
          isBroken: false,
          isByHand: false,
        },
      ],
    }),
    'GET /api/addresses': () => ({ items: [] }),
    'GET /api/people': () => ({
      items: [
        {
          id: 'x',
          revision: 1,
          body: { name: 'Orla Penhale', addresses: [], organisation: null, groups: [] },
        },
      ],
    }),
    'GET /api/tags': () => ({
      items: [{ id: 't', revision: 1, body: { name: 'courier', colour: 'stone' } }],
    }),
    'GET /api/projects': () => ({
      items: [
        project('p1', 'Loans in', [field('Opening', 'date'), field('Lender', 'text')]),
        project('p2', 'Visits'),
      ],
      inbox: [],
    }),
  });
  const choose = async (box: string, title: string) => {
    await shown.user.click(screen.getByRole('combobox', { name: box }));
    // Lists that were opened before are there still.
    const options = await screen.findAllByTitle(title);
    await shown.user.click(options.at(-1) ?? document.body);
  };
  return { ...shown, onChange, choose };
}

test('what is asked brings the kinds that fit it, and keeps what they share', async () => {
  const { user, onChange, choose } = form(null);
  await choose('what is asked', 'due date');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'next', field: 'due', count: 14, unit: 'days' });
  await user.clear(screen.getByRole('spinbutton', { name: 'how many' }));
  await user.type(screen.getByRole('spinbutton', { name: 'how many' }), '3');
  await choose('how', 'is in the last …');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'last', field: 'due', count: 3, unit: 'days' });
  await choose('unit', 'working days');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'last', field: 'due', count: 3, unit: 'working days' });
  await choose('how', 'is before');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'before', field: 'due', day: '2026-11-24' });
});

test('values are chosen by their names where they are known, and nothing is a condition before', async () => {
  const { onChange, choose } = form(null);
  await choose('what is asked', 'project');
  expect(onChange).toHaveBeenLastCalledWith(null);
  await choose('values', 'Visits');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'is', field: 'project', values: ['p2'] });
});

test('what needs nothing more is a condition at once', async () => {
  const { onChange, choose } = form(null);
  await choose('what is asked', 'corrected by hand');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'corrected' });
  await choose('what is asked', 'has a gap');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'gap', field: null });
  await choose('which field', 'due date');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'gap', field: 'due' });
});

test('people, labels and words are written', async () => {
  const { user, onChange, choose } = form({ kind: 'askedBy', people: ['Marit'] });
  await choose('people', 'Orla Penhale');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'askedBy', people: ['Marit', 'Orla Penhale'] });
  await choose('what is asked', 'its mail had the label');
  await user.type(screen.getByRole('combobox', { name: 'labels' }), 'to do{Enter}');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'label', labels: ['to do'] });
  await choose('what is asked', 'title');
  await choose('how', 'has the words');
  await user.type(screen.getByRole('combobox', { name: 'words' }), 'sextant{Enter}');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'words', field: 'title', words: ['sextant'] });
});

test.each([
  ['due', null, 'next'],
  ['created', null, 'next'],
  ['reminders', null, 'next'],
  ['title', null, 'is'],
  ['own:Opening', 'date' as const, 'next'],
  ['own:Wished day', 'date and time' as const, 'next'],
  ['own:Value', 'money' as const, 'is'],
  ['own:Gone', null, 'is'],
])('of %s it is first asked: %s', (name, kind, first) => {
  expect(kindsOf(name, kind)[0]).toBe(first);
});

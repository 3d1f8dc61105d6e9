import { Context, RuleDefinition, type Misfit, type RuleInput } from '@hatband/core/rules';
import { screen, within } from '@testing-library/react';
import { useState } from 'react';
import { expect, test } from 'vitest';
import { show } from '../../../test/show.tsx';
import { EditingContext } from './editing.ts';
import { ReadTable } from './ReadTable.tsx';
import { RouteTable } from './RouteTable.tsx';
import { Problems } from './Row.tsx';
import { RuleSheet } from './RuleSheet.tsx';
import { rule } from '../../../test/made.ts';

const CONTEXT = Context.parse({
  projects: [
    { name: 'Loans in', sections: ['Abroad'], fields: [{ name: 'Weight', kind: 'number' }] },
    { name: 'Building' },
  ],
});

let written: RuleDefinition;

function Sheet({ of, problems = [] }: { of: RuleInput; problems?: Misfit[] }) {
  const [definition, setDefinition] = useState(() => RuleDefinition.parse(of));
  return (
    <RuleSheet
      rule={rule(of)}
      definition={definition}
      context={CONTEXT}
      problems={problems}
      sample={null}
      senders={[]}
      onChange={(next) => {
        written = next;
        setDefinition(next);
      }}
    />
  );
}

test('a field is read that no project has yet, under the name that was typed', async () => {
  const { user } = show(<Sheet of={{ name: 'Loans' }} />);
  await user.type(screen.getByRole('combobox', { name: 'read another field' }), 'Crates{Enter}');
  expect(written.read.map(({ field }) => field)).toEqual(['Crates']);
});

test('the decimal mark is asked of numbers alone', async () => {
  const read = [
    { field: 'Weight', otherwise: 1 },
    { field: 'Lender', otherwise: 'Cape' },
  ];
  const { user } = show(<Sheet of={{ name: 'Loans', read }} />);
  await user.click(screen.getByRole('button', { name: 'write: otherwise of Lender' }));
  expect(screen.queryByRole('combobox', { name: 'decimal mark of Lender' })).toBe(null);
  await user.click(screen.getByRole('button', { name: 'write: otherwise of Weight' }));
  await user.click(screen.getByRole('combobox', { name: 'decimal mark of Weight' }));
  await user.click(screen.getByTitle('comma, as in 1,50'));
  expect(written.read[0]?.decimal).toBe(',');
});

test('a project is chosen for a line of the route, or made where it is missed', async () => {
  const made: unknown[] = [];
  const { user, asked } = show(<Sheet of={{ name: 'Loans' }} />, {
    'POST /api/projects': ({ body }) => {
      made.push(body);
      return {
        id: 'p9',
        revision: 1,
        name: 'Signals',
        description: '',
        sections: [],
        fields: [],
        requirements: [],
      };
    },
  });
  await user.click(screen.getByRole('button', { name: 'write: where line 1 goes' }));
  await user.click(screen.getByRole('combobox', { name: 'project of line 1' }));
  await user.click(screen.getByTitle('Building'));
  expect(written.route[0]?.project).toBe('Building');
  await user.click(screen.getByRole('combobox', { name: 'project of line 1' }));
  await user.click(screen.getByTitle('a new project …'));
  await user.type(screen.getByRole('textbox', { name: 'name of the new project' }), 'Signals{Enter}');
  await screen.findByRole('combobox', { name: 'project of line 1' });
  expect(written.route[0]?.project).toBe('Signals');
  expect(made).toMatchObject([{ name: 'Signals' }]);
  expect(asked.map(({ method }) => method)).toContain('POST');
});

test('what is missing is told once, with the way to make it', async () => {
  const lacks = { what: 'project' as const, name: 'Signals' };
  const problem = { message: 'There is no project “Signals”.', lacks };
  const { user, asked } = show(<Problems problems={[problem, problem]} />, {
    'POST /api/projects': () => ({}),
  });
  const [alert, ...more] = screen.getAllByRole('alert');
  expect(more).toEqual([]);
  if (alert) await user.click(within(alert).getByRole('button', { name: 'Add the project “Signals”' }));
  expect(asked).toMatchObject([{ method: 'POST', path: '/api/projects', body: { name: 'Signals' } }]);
});

test('a line is added above the last, which stays the otherwise, and removed again', async () => {
  const { user } = show(<Sheet of={{ name: 'Loans', route: [{ project: 'Building' }] }} />);
  await user.click(screen.getByRole('button', { name: 'another line …' }));
  expect(written.route.map((line) => line.project)).toEqual([{ of: 'address' }, 'Building']);
  await user.click(screen.getByRole('button', { name: 'remove: line 1' }));
  expect(written.route.map((line) => line.project)).toEqual(['Building']);
});

test('readings are tried in another order', async () => {
  const read = [
    { field: 'due', from: [{ kind: 'deadline' as const }, { kind: 'pair' as const, labels: ['Due'] }] },
  ];
  const { user } = show(<Sheet of={{ name: 'Loans', read }} />);
  await user.click(screen.getByRole('button', { name: /^try earlier/ }));
  expect(written.read[0]?.from.map(({ kind }) => kind)).toEqual(['pair', 'deadline']);
});

test('tables outside of a sheet are a fault that says so', () => {
  expect(EditingContext).toBeTruthy();
  expect(() => show(<ReadTable rows={[]} onChange={() => undefined} />)).toThrow('outside of it');
  expect(() =>
    show(<RouteTable definition={RuleDefinition.parse({ name: 'r' })} onChange={() => undefined} />),
  ).toThrow('outside of it');
});

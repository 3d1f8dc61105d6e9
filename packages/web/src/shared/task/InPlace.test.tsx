import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { health } from '../../../test/made.ts';
import { refused, show } from '../../../test/show.tsx';
import { OffersContext } from './candidates.ts';
import { DayField } from './DayField.tsx';
import { ProjectField } from './ChoiceField.tsx';
import { TextField, TitleField } from './TextField.tsx';

test('a value turns into its editor, Enter keeps it and gives the focus back', async () => {
  const onChange = vi.fn();
  const { user } = show(<TitleField value="Return the form" onChange={onChange} />);
  await user.click(screen.getByRole('button', { name: 'Change title' }));
  const field = screen.getByRole('textbox', { name: 'title' });
  expect(document.activeElement).toBe(field);
  await user.clear(field);
  await user.type(field, 'Sign the form{Enter}');
  expect(onChange.mock.calls).toEqual([['Sign the form']]);
  await vi.waitFor(() => {
    expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Change title' }));
  });
});

test('Escape changes nothing and reaches nothing around it', async () => {
  const onChange = vi.fn();
  const around = vi.fn<(key: string) => void>();
  const { user } = show(
    <div
      onKeyDown={(event) => {
        if (!event.defaultPrevented) around(event.key);
      }}
    >
      <TitleField value="Return the form" onChange={onChange} />
    </div>,
  );
  await user.click(screen.getByRole('button', { name: 'Change title' }));
  await user.type(screen.getByRole('textbox', { name: 'title' }), ' soon{Escape}');
  expect(onChange).not.toHaveBeenCalled();
  expect(around.mock.calls.flat()).not.toContain('Escape');
  expect(screen.queryByRole('textbox')).toBe(null);
});

test('a title that is emptied stays as it was; words that are emptied are none', async () => {
  const title = vi.fn();
  const words = vi.fn();
  const { user } = show(
    <>
      <TitleField value="Return the form" onChange={title} />
      <TextField name="Lender" value="Cape" onChange={words} />
    </>,
  );
  await user.click(screen.getByRole('button', { name: 'Change title' }));
  await user.clear(screen.getByRole('textbox', { name: 'title' }));
  await user.tab();
  expect(title).not.toHaveBeenCalled();
  await user.click(screen.getByRole('button', { name: 'Change Lender' }));
  await user.clear(screen.getByRole('textbox', { name: 'Lender' }));
  await user.tab();
  expect(words.mock.calls).toEqual([['']]);
});

test('words of mail that would turn others show the letters that do it', () => {
  show(<TextField name="notes" value={'invoice\u202Efdp.exe'} onChange={vi.fn()} />);
  expect(screen.getByRole('button', { name: 'Change notes' }).textContent).toBe('invoice⟨U+202E⟩fdp.exe');
});

const offer = (words: string) => ({
  field: 'notes',
  words,
  change: { notes: words },
  spans: [{ part: 'text' as const, start: 0, end: 4, quote: `see ${words}` }],
});

test('what the mail holds is offered while its field is open, taken by a key or a click', async () => {
  const [take, onPoint, onChange] = [vi.fn(), vi.fn(), vi.fn()];
  const { user } = show(
    <OffersContext value={{ taskId: 7, candidates: [offer('SQ-0231'), offer('SQ-0232')], take, onPoint }}>
      <TextField name="notes" value="" onChange={onChange} />
      <TextField name="other" value="" onChange={onChange} />
    </OffersContext>,
  );
  await user.click(screen.getByRole('button', { name: 'Change other' }));
  expect(screen.queryByRole('list', { name: 'in the mail' })).toBe(null);
  await user.keyboard('half{Alt>}[Digit1]{/Alt}');
  // Where nothing is offered the key does nothing.
  expect(screen.getByRole('textbox', { name: 'other' })).toHaveProperty('value', 'half');
  await user.keyboard('{Escape}');
  await user.click(screen.getByRole('button', { name: 'Change notes' }));
  await user.hover(screen.getByRole('button', { name: /SQ-0231/ }));
  expect(onPoint.mock.lastCall).toEqual([offer('SQ-0231')]);
  await user.keyboard('{Alt>}[Digit2]{/Alt}');
  expect(take.mock.calls).toEqual([[{ notes: 'SQ-0232' }]]);
  expect(screen.queryByRole('list', { name: 'in the mail' })).toBe(null);
  await user.click(screen.getByRole('button', { name: 'Change notes' }));
  await user.click(screen.getByRole('button', { name: /SQ-0231/ }));
  expect(take.mock.lastCall).toEqual([{ notes: 'SQ-0231' }]);
  expect(onChange).not.toHaveBeenCalled();
});

test('a day is typed in words, with what they mean beside them; words that are no day change nothing', async () => {
  const onChange = vi.fn();
  const { user, asked } = show(<DayField name="due" value={null} onChange={onChange} />, {
    'GET /api/health': () => health,
    'GET /api/typed-day': ({ path }) => ({ day: path.includes('fri') ? '2026-11-27T17:00' : null }),
  });
  await user.click(screen.getByRole('button', { name: 'Change due' }));
  const field = screen.getByRole('textbox', { name: 'due' });
  await user.type(field, 'sometime');
  await screen.findByText('“sometime” is no day');
  await user.keyboard('{Enter}');
  expect(onChange).not.toHaveBeenCalled();
  await user.clear(field);
  await user.type(field, 'fri 17:00');
  await screen.findByText('Fri 27 Nov 17:00: Enter takes it');
  await user.keyboard('{Enter}');
  await vi.waitFor(() => {
    expect(onChange.mock.calls).toEqual([['2026-11-27T17:00']]);
  });
  expect(asked.some(({ path }) => path.includes('fri'))).toBe(true);
});

test('a project that is missed is made where it is missed; a refusal is told', async () => {
  const onChange = vi.fn();
  const { user, asked } = show(<ProjectField value={null} onChange={onChange} />, {
    'GET /api/projects': () => ({ items: [], inbox: [] }),
    'POST /api/projects': ({ body }) =>
      (body as { name: string }).name === 'Taken'
        ? refused(409, 'There is a project of this name.')
        : { id: 'p9', revision: 1, ...(body as object) },
  });
  await user.click(screen.getByRole('button', { name: 'Change project' }));
  await user.type(screen.getByRole('combobox', { name: 'project' }), 'Taken');
  await user.click(await screen.findByTitle('make “Taken”'));
  expect(await screen.findByText('There is a project of this name.')).toBeTruthy();
  await user.clear(screen.getByRole('combobox', { name: 'project' }));
  await user.type(screen.getByRole('combobox', { name: 'project' }), 'Night sky');
  await user.click(await screen.findByTitle('make “Night sky”'));
  await vi.waitFor(() => {
    expect(onChange.mock.calls).toEqual([['p9']]);
  });
  expect(asked.flatMap(({ method, body }) => (method === 'POST' ? body : []))).toMatchObject([
    { name: 'Taken' },
    { name: 'Night sky' },
  ]);
});

test('a day without its year is the one that the server reads, and is taken once', async () => {
  const onChange = vi.fn();
  const { user } = show(<DayField name="due" value={null} onChange={onChange} />, {
    'GET /api/health': () => health,
    'GET /api/typed-day': () => ({ day: '2027-01-03' }),
  });
  await user.click(screen.getByRole('button', { name: 'Change due' }));
  await user.type(screen.getByRole('textbox', { name: 'due' }), '3 Jan');
  await screen.findByText('Sun 3 Jan 2027: Enter takes it');
  await user.keyboard('{Enter}');
  await vi.waitFor(() => {
    expect(onChange).toHaveBeenCalled();
  });
  await user.click(document.body);
  expect(onChange.mock.calls).toEqual([['2027-01-03']]);
});

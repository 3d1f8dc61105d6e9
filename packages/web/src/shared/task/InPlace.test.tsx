import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { show } from '../../../test/show.tsx';
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

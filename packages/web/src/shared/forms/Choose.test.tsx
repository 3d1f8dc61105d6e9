import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { show } from '../../../test/show.tsx';
import { Choose, ChooseSeveral } from './Choose.tsx';

const OPTIONS = [
  { value: '9d3b568c-9bd2', label: 'Loans in' },
  { value: '1a2b3c4d-5e6f', label: 'Building' },
];

test('one is chosen by its label, and nothing behind a label is read out', async () => {
  const onChange = vi.fn();
  const { user, baseElement } = show(
    <Choose aria-label="project" value="9d3b568c-9bd2" options={OPTIONS} onChange={onChange} />,
  );
  await user.click(screen.getByRole('combobox', { name: 'project' }));
  expect(baseElement.textContent).not.toContain('9d3b568c');
  await user.click(screen.getByTitle('Building'));
  expect(onChange.mock.calls).toEqual([['1a2b3c4d-5e6f']]);
});

test('what is chosen already, chosen once more, changes nothing', async () => {
  const onChange = vi.fn();
  const { user } = show(
    <Choose aria-label="project" value="9d3b568c-9bd2" options={OPTIONS} onChange={onChange} />,
  );
  await user.click(screen.getByRole('combobox', { name: 'project' }));
  const [, inList] = screen.getAllByTitle('Loans in');
  if (inList) await user.click(inList);
  expect(onChange).not.toHaveBeenCalled();
});

test('several are chosen, and one that is not offered any more stays', async () => {
  const onChange = vi.fn();
  const { user } = show(
    <ChooseSeveral aria-label="projects" value={['1a2b3c4d-5e6f']} options={OPTIONS} onChange={onChange} />,
  );
  await user.click(screen.getByRole('combobox', { name: 'projects' }));
  await user.click(screen.getByTitle('Loans in'));
  expect(onChange.mock.calls).toEqual([[['1a2b3c4d-5e6f', '9d3b568c-9bd2']]]);
});

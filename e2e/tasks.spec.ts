import type { Page } from '@playwright/test';
import { expect, test } from './demoServer.ts';

const titles = (page: Page) => page.getByRole('grid').locator('a[href^="/tasks/"]').allInnerTexts();
const lineOf = (page: Page, title: string) => page.getByRole('row').filter({ hasText: title });

test('many tasks are changed at once by keys, stay where they were, and all is taken back', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/tasks`);
  const first = page.getByRole('link', { name: 'Case 5: lamp flickers' });
  await first.focus();
  const before = await titles(page);
  await page.keyboard.press('Space');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await expect(page.getByRole('toolbar')).toContainText('With these 3');
  await page.keyboard.press('m');
  await page.keyboard.type('Rope');
  await page.keyboard.press('Enter');
  await expect(lineOf(page, 'Case 5: lamp flickers')).toContainText('Rope');
  expect((await titles(page)).slice(0, 12)).toEqual(before.slice(0, 12));
  await page.getByRole('button', { name: 'What you did' }).click();
  await expect(page.getByText('Moved 3 tasks to Rope')).toBeVisible();
  await page.reload();
  await expect(lineOf(page, 'Case 5: lamp flickers')).toContainText('Rope');
  await page.getByRole('button', { name: 'take back the last' }).click();
  await expect(lineOf(page, 'Case 5: lamp flickers')).toContainText('Building');
  await expect(async () => {
    await page.keyboard.press('Control+y');
    await expect(lineOf(page, 'Case 5: lamp flickers')).toContainText('Rope', { timeout: 1500 });
  }).toPass();
});

test('a wrong task is deleted, lies in the bin, and comes back with one press', async ({ page, demo }) => {
  await page.goto(`${demo.url}/tasks`);
  await page.getByRole('link', { name: 'Case 5: lamp flickers' }).focus();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('button', { name: 'bin 3' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Case 5: lamp flickers' })).toBeHidden();
  await page.getByRole('button', { name: 'bin 3' }).click();
  await expect(page.getByRole('link', { name: 'Case 5: lamp flickers' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'bin 2' })).toBeVisible();
  await page.getByRole('button', { name: /^open/ }).click();
  await expect(page.getByRole('link', { name: 'Case 5: lamp flickers' })).toBeVisible();
});

test('a filter that is built in the sentence is saved as a view, whose address shows the same elsewhere', async ({
  page,
  demo,
  context,
}) => {
  await page.goto(`${demo.url}/tasks`);
  await page.getByRole('button', { name: 'choose which …' }).click();
  await page.getByRole('combobox', { name: 'what is asked' }).fill('overdue');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const filter = page.getByRole('region', { name: 'Filter' });
  await expect(filter).toContainText('overdue');
  await page.getByRole('button', { name: 'overdue', exact: true }).click();
  await page.getByRole('button', { name: 'or …' }).click();
  await page.getByRole('combobox', { name: 'what is asked' }).last().fill('unclaimed');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(filter).toContainText(/overdue\s*\d+\s*or\s*unclaimed\s*\d+/);
  await expect(page.getByText('Changed, not saved: the filter')).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  let total = '';
  await expect(async () => {
    total = await filter.getByText(/^\d+ tasks$/).innerText();
    await expect(other.getByRole('region', { name: 'Filter' })).toContainText(total, { timeout: 2000 });
  }).toPass();
  await page.getByRole('button', { name: 'Save as a view …' }).click();
  await page.getByRole('textbox', { name: 'name of the view' }).fill('To look at');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^To look at \d+/, pressed: true })).toBeVisible();
  // The other window hears of it.
  await expect(other.getByRole('button', { name: /^To look at/ })).toBeVisible();
  await filter.getByRole('button', { name: 'or', exact: true }).click();
  await page.getByRole('button', { name: 'Put back' }).click();
  await expect(filter).toContainText(total);
});

test('a group is folded, a column sorts, and what another window changes is seen within a second', async ({
  page,
  demo,
  context,
}) => {
  await page.goto(`${demo.url}/tasks`);
  await page.getByRole('button', { name: /^Loans, next two weeks/ }).click();
  await expect(page.getByRole('button', { name: /Northcape/ }).first()).toContainText('open');
  const group = page.getByRole('button', { expanded: true }).first();
  const shown = (await titles(page)).length;
  await group.click();
  expect((await titles(page)).length).toBeLessThan(shown);
  await page.getByRole('button', { name: /^open/ }).click();
  await page.getByRole('columnheader', { name: /task/i }).getByRole('button').click();
  await expect(page.getByRole('columnheader', { name: /task/i })).toHaveAttribute('aria-sort', 'ascending');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('grid').getByRole('link').first()).toBeVisible();
  const [first = ''] = await titles(other);
  await lineOf(other, first).first().getByRole('button', { name: 'Change priority' }).click();
  await other.getByTitle('high', { exact: true }).click();
  await expect(lineOf(page, first).first().getByRole('button', { name: 'Change priority' })).toHaveText(
    'high',
  );
});

test('gaps of mail that comes in are settled by keys alone, and settled lines stay until they are cleared', async ({
  page,
  demo,
}) => {
  // So tall that all lines are in sight.
  await page.setViewportSize({ width: 1280, height: 2600 });
  await page.goto(`${demo.url}/gaps`);
  await page.getByRole('button', { name: 'by sender' }).click();
  const rail = page.getByRole('link', { name: /^Gaps/ });
  await expect(rail).toContainText(/\d/);
  const before = Number((await rail.innerText()).replace(/\D/g, ''));
  const intake = (await (await page.request.get(`${demo.url}/api/addresses`)).json()) as {
    items: { address: string; target: { kind: string } }[];
  };
  const to = intake.items.find(({ target }) => target.kind === 'inbox')?.address ?? '';
  for (const what of ['brass lamp', 'ship’s bell', 'chart table'])
    await demo.send({
      to,
      from: 'nora.vale@harbour.example',
      subject: `Dust the ${what}`,
      text: `Please dust the ${what}.`,
    });
  await expect(rail).toContainText(String(before + 3));
  const projectOf = (what: string) =>
    lineOf(page, `Dust the ${what}`).getByRole('button', { name: 'Change project' });
  await projectOf('chart table').focus();
  await expect(page.getByRole('complementary', { name: 'The mail' })).toContainText(
    'Please dust the chart table.',
  );
  for (const what of ['chart table', 'ship’s bell', 'brass lamp']) {
    await expect(projectOf(what)).toBeFocused();
    await page.keyboard.type('Building');
    await page.keyboard.press('Enter');
    await expect(projectOf(what)).toHaveText('Building');
  }
  // The building's tasks need no date.
  await expect(rail).toContainText(String(before));
  await expect(lineOf(page, 'Dust the chart table')).toBeVisible();
  await page.getByRole('button', { name: 'Clear what is settled' }).click();
  await expect(lineOf(page, 'Dust the chart table')).toBeHidden();
  await page.getByRole('button', { name: 'take back the last' }).click();
  await expect(lineOf(page, 'Dust the brass lamp')).toBeVisible();
});

test('a gap is filled from the mail by one key, a day by words, and a project is made where it is missed', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 1280, height: 2600 });
  const intake = (await (await page.request.get(`${demo.url}/api/addresses`)).json()) as {
    items: { address: string; target: { kind: string } }[];
  };
  await demo.send({
    to: intake.items.find(({ target }) => target.kind === 'inbox')?.address ?? '',
    from: 'nora.vale@harbour.example',
    subject: 'Dust the brass lamp',
    text: 'Please dust the brass lamp. The lift was repaired on 9 December.',
  });
  await page.goto(`${demo.url}/gaps`);
  const cell = (field: string) =>
    lineOf(page, 'Dust the brass lamp').getByRole('button', { name: `Change ${field}` });
  await cell('due').click();
  const offered = page.getByRole('list', { name: 'in the mail' });
  await offered.getByRole('button', { name: /Wed 9 Dec/ }).hover();
  await expect(
    page.getByRole('complementary', { name: 'The mail' }).locator('mark[title=due]'),
  ).toContainText('9 December');
  await page.keyboard.press('Alt+1');
  await expect(cell('due')).toHaveText('Wed 9 Dec');
  await cell('due').focus();
  await page.keyboard.type('3 jan');
  await expect(page.getByText('Sun 3 Jan 2027: Enter takes it')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(cell('due')).toHaveText('Sun 3 Jan 2027');
  await cell('project').focus();
  await page.keyboard.type('Night sky');
  await expect(page.getByTitle('make “Night sky”')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(cell('project')).toHaveText('Night sky');
  await expect(page.getByText('was changed meanwhile')).toBeHidden();
});

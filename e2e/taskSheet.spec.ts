import { expect, test } from './demoServer.ts';

test('words are found, the task waits for a person, and their mail brings it back', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/tasks`);
  await page.getByRole('searchbox', { name: 'Find in mail and tasks' }).fill('chronom agreement');
  await page.keyboard.press('Enter');
  const found = page.getByRole('list', { name: 'Found' });
  await expect(found.getByText('mail', { exact: true })).toHaveCount(2);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  const sheet = page.getByRole('article', { name: 'Task' });
  await expect(sheet.getByRole('button', { name: 'Change title' })).toContainText('Loan agreement');
  await sheet.getByRole('combobox', { name: 'for whom it waits' }).fill('Jutta Brandes');
  await page.keyboard.press('Escape');
  await sheet.getByRole('button', { name: 'Wait', exact: true }).click();
  await expect(page.getByRole('button', { name: 'waiting 2' })).toBeVisible();
  await sheet.getByRole('button', { name: 'Show its address' }).click();
  const to = (await sheet.locator('code').textContent()) ?? '';
  const from = 'Jutta Brandes <brandes@kogge-archiv.example>';
  await demo.send({ to, from, subject: 'Re: Loan agreement', text: 'It is signed and on its way.' });
  await expect(page.getByRole('button', { name: 'waiting 1' })).toBeVisible();
  await expect(sheet.getByRole('region', { name: 'Comments' })).toContainText('on its way');
});

test('two tasks are merged by keys with a value of each, and taken apart again', async ({ page, demo }) => {
  await page.goto(`${demo.url}/tasks`);
  await page.getByRole('link', { name: 'Case 5: lamp flickers' }).click();
  const sheet = page.getByRole('article', { name: 'Task' });
  await expect(sheet.getByRole('region', { name: 'History' })).toBeVisible();
  await page.keyboard.press('g');
  await page.getByRole('combobox', { name: 'the task to merge with' }).fill('alarm at');
  await expect(page.getByTitle('Quay door: alarm at 02:14')).toBeVisible();
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: 'Mon 9 Nov' }).check();
  await page.getByRole('button', { name: 'Merge them' }).click();
  await expect(sheet.getByRole('button', { name: 'Change due' })).toContainText('Mon 9 Nov');
  await expect(sheet.getByRole('region', { name: 'Thread' })).toContainText('Quay door');
  await expect(page.getByRole('button', { name: 'bin 3' })).toBeVisible();
  await page.getByRole('button', { name: 'take back the last' }).click();
  await expect(page.getByRole('button', { name: 'bin 2' })).toBeVisible();
  await expect(sheet.getByRole('button', { name: 'Change due' })).toContainText('Fri 6 Nov');
});

test('proposals are settled by keys, and mail that is picked is worked by a rule by hand', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/proposals`);
  const proposals = page.getByRole('list', { name: 'Proposals' }).getByRole('listitem');
  await expect(proposals).toHaveCount(3);
  await page.keyboard.press('y');
  await expect(proposals).toHaveCount(2);
  await page.keyboard.press('n');
  await expect(proposals).toHaveCount(1);
  await page.goto(`${demo.url}/ledger`);
  const lines = page.getByRole('navigation', { name: 'Arrivals' }).getByRole('link');
  await lines.nth(1).focus();
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  const picked = page.getByRole('region', { name: 'Picked messages' });
  await picked.getByRole('button', { name: 'Write a thank-you' }).click();
  await expect(picked.getByRole('status')).toContainText('done with 3 messages');
});

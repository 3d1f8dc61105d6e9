import { expect, startDemo, test } from './demoServer.ts';

test('without demo data the screens say what to do', async ({ page }) => {
  const server = await startDemo('main');
  await page.goto(server.url);
  await expect(page.getByText('No mail yet')).toBeVisible();
  await page.getByRole('link', { name: 'Rules' }).click();
  await expect(page.getByText('No rules yet')).toBeVisible();
  await page.getByRole('link', { name: 'Tasks' }).click();
  await expect(page.getByText('Nothing is open')).toBeVisible();
  // From there to the first task and the first rule.
  await page.getByRole('link', { name: 'Ledger' }).click();
  await page.getByRole('button', { name: 'Send a practice letter' }).click();
  await page.getByRole('link', { name: /Loan form for the tide dial/ }).click();
  await expect(page.getByRole('article')).toContainText('Return the signed loan form');
  await page.getByRole('button', { name: 'Make a rule from this mail' }).click();
  await expect(page.getByRole('textbox', { name: 'name', exact: true })).toHaveValue(/Loan form for/);
  await expect(page.getByRole('complementary', { name: 'Proof' })).toContainText(
    'Proof on 1 message: takes 1',
  );
  await server.stop();
});

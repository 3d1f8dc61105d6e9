import { expect, test } from './demoServer.ts';

test('a mail becomes a traced task, is corrected, and a rule is changed, proved and put to work', async ({
  page,
  demo,
}) => {
  // What has already come in.
  await page.goto(demo.url);
  const ledger = page.getByRole('navigation', { name: 'Arrivals' });
  await expect(ledger.getByText('Crate dimensions, second try').first()).toBeVisible();

  // The inbox's address is copied and a mail sent to it with a real SMTP client.
  await page.getByRole('link', { name: 'Intake' }).click();
  await page.getByRole('link', { name: /^Inbox/ }).click();
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByRole('button', { name: 'Copied' })).toBeVisible();
  const to = await page.evaluate(() => navigator.clipboard.readText());
  expect(to).toMatch(/^inbox-[a-z2-7]{16}@hatband\.test$/);
  await page.getByRole('link', { name: 'Ledger' }).first().click();
  await demo.send({
    to,
    subject: 'Fwd: Crate for the log line',
    text: 'Please measure it by Friday 5pm.\n\n---------- Forwarded message ---------\nFrom: Orla Penhale <orla.penhale@northcape.example>\nDate: Mon, 23 Nov 2026 at 16:48\nSubject: Crate for the log line\n\nHow large is the crate?\n\nNeeded by: 9 December\n',
  });

  // It appears without reloading; the sheet shows the marked places, the rule and the reading.
  await ledger.getByText('Fwd: Crate for the log line').click();
  const sheet = page.getByRole('article', { name: 'Reading sheet' });
  await expect(sheet.locator('mark[title=due]')).toHaveText('by Friday 5pm');
  await expect(sheet.locator('mark[title=title]')).toHaveText('Crate for the log line');
  const task = sheet.getByRole('region', { name: 'Task' });
  await expect(task).toContainText('Fri 27 Nov 17:00');
  await expect(task).toContainText('Loans: the deadline in the words');
  await expect(task).toContainText('Loans: the subject');
  await sheet.getByRole('button', { name: 'why?' }).click();
  await expect(sheet).toContainText('Loans, version 1, took it.');
  await expect(sheet).toContainText('“by Friday 5pm”: Fri 27 Nov 17:00, the deadline');

  // Title and due date are corrected in place.
  await task.getByRole('button', { name: 'Change title' }).click();
  await task.getByRole('textbox', { name: 'title' }).fill('Measure the crate');
  await page.keyboard.press('Enter');
  await expect(task).toContainText('changed by you, read as “Crate for the log line”');
  await task.getByRole('button', { name: 'Change due' }).click();
  await task.getByRole('textbox', { name: 'due', exact: true }).fill('2 Dec 2026');
  await page.keyboard.press('Enter');
  await expect(task).toContainText('Wed 2 Dec 17:00');
  await expect(task).toContainText('changed by you, read as Fri 27 Nov 17:00');
  await expect(ledger).toContainText('→ Measure the crate in Loans in, Wed 2 Dec 17:00');

  // The rule: one reading is changed, and the proof tells what that would do.
  await sheet.getByRole('link', { name: 'Open the rule' }).click();
  const proof = page.getByRole('complementary', { name: 'Proof' });
  await expect(proof).toContainText('Proof on 125 messages: takes 19');
  await page.getByRole('combobox', { name: 'add a reading for due' }).click();
  await page.getByRole('combobox', { name: 'add a reading for due' }).fill('a labelled line');
  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: 'label of due, a labelled line' }).fill('Needed by,');
  await page.getByRole('button', { name: 'try earlier: a labelled line' }).click();
  await expect(proof.getByRole('status')).toHaveText(
    'Proof on 125 messages: takes 19, 1 gets another due date, 1 near miss',
  );
  await expect(proof).toContainText('Fri 27 Nov 17:00 Wed 9 Dec');

  // Going live shows the effect first.
  await page.getByRole('button', { name: 'Go live …' }).click();
  const effect = page.getByRole('alertdialog', { name: 'Going live' });
  await expect(effect).toContainText('takes 19; 1 gets another due date');
  await effect.getByRole('button', { name: 'Put version 2 to work' }).click();
  await expect(page.getByRole('region', { name: 'Rule' })).toContainText('version 2');

  // The next mail is read by it; the task made before stays as it was.
  await demo.send({
    to,
    from: 'orla.penhale@northcape.example',
    subject: 'Log line, papers',
    text: 'Please answer by 4 December.\n\nNeeded by: 10 December\n',
  });
  await page.getByRole('link', { name: 'Ledger' }).click();
  await ledger.getByText('Log line, papers').click();
  await expect(task).toContainText('Thu 10 Dec');
  await expect(task).toContainText('Loans: a labelled line');
  await expect(sheet).toContainText('rule Loans, version 2');
  await ledger.getByText('Fwd: Crate for the log line').click();
  await expect(task).toContainText('Wed 2 Dec 17:00');
});

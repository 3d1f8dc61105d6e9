import type { Page } from '@playwright/test';
import { expect, test } from './demoServer.ts';

const openAddress = async (page: Page, url: string, name: string) => {
  await page.goto(`${url}/intake`);
  await page.getByRole('link', { name: new RegExp(`^${name}`) }).click();
  return page.getByRole('article', { name: `The address of ${name}` });
};

test('a practice letter is forwarded with a note and becomes a task', async ({ page, demo }) => {
  await page.goto(`${demo.url}/practice`);
  await page.getByText('Certificate for the figurehead').click();
  await page.getByRole('button', { name: 'Forward it with a note' }).click();
  await page.getByRole('combobox', { name: 'to', exact: true }).fill('inbox');
  await page.getByText('Hatband, Inbox').click();
  await page.getByLabel('your note').fill('Have the value sheet signed, it is urgent.');
  await page.getByRole('button', { name: 'Send it' }).click();
  await expect(page.getByText('What happened to it')).toBeVisible();
  await expect(page.getByText(/The message is stored/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to the letters' }).click();
  await page.getByRole('link', { name: 'Ledger' }).click();
  await page.getByText('Fwd: Certificate for the figurehead').click();
  const sheet = page.getByRole('article', { name: 'Reading sheet' });
  await expect(sheet.getByText('your note')).toBeVisible();
  await expect(sheet.getByRole('region', { name: 'Task' })).toContainText('high');
  await expect(sheet.getByRole('region', { name: 'Task' })).toContainText('Mon 30 Nov');
});

test('a letter that was labelled and then forwarded too is added to its first task; another day is proposed there', async ({
  page,
  workedIn,
}) => {
  await page.goto(`${workedIn.url}/practice`);
  await page.getByText('Certificate for the figurehead').click();
  await page.getByRole('combobox', { name: 'labels' }).click();
  await page.locator('.ant-select-item').filter({ hasText: 'todo' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText('by the label todo')).toBeVisible();
  await page.getByRole('button', { name: 'Forward it with a note' }).click();
  await page.getByRole('combobox', { name: 'to', exact: true }).fill('inbox');
  await page.getByText('Hatband, Inbox').click();
  await page.getByLabel('your note').fill('Please have it signed by 27 November.');
  await page.getByRole('button', { name: 'Send it' }).click();
  await expect(page.getByText(/The message is stored/)).toBeVisible();
  await page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Ledger' }).click();
  await page.getByText('Fwd: Certificate for the figurehead').click();
  const before = page.getByRole('region', { name: 'Came before' });
  await expect(before).toContainText('Mon 30 Nov');
  await before.getByRole('button', { name: 'Merge with the earlier task' }).click();
  await page.getByText('A comment on').getByRole('link').click();
  const proposed = page.getByRole('region', { name: 'Proposed' });
  await expect(proposed).toContainText('ines.tavare@saltmarsh.example writes “by 27 November”');
  await expect(page.getByRole('article', { name: 'Task' })).toContainText('Mon 30 Nov');
  await proposed.getByRole('button', { name: 'Make it due Fri 27 Nov' }).click();
  await expect(page.getByRole('article', { name: 'Task' })).toContainText('Fri 27 Nov');
});

test('a letter that is refused says so in the words of the post', async ({ page, workedIn }) => {
  await page.goto(`${workedIn.url}/practice`);
  await page.getByRole('button', { name: 'write a letter …' }).click();
  await page.getByRole('combobox', { name: 'to', exact: true }).fill('nobody@hatband.test');
  await page.getByLabel('subject').fill('To nobody');
  await page.getByRole('button', { name: 'Send it' }).click();
  await expect(page.getByText('There is no such intake address here.')).toBeVisible();
});

test('a label makes a task, and the label of its rule is set back', async ({ page, workedIn }) => {
  await page.goto(`${workedIn.url}/practice`);
  await page.getByText('Loan of the tide dial').click();
  const letter = page.getByRole('article', { name: 'Letter' });
  await letter.getByRole('combobox', { name: 'labels' }).click();
  await page.locator('.ant-select-item').filter({ hasText: 'todo' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('link', { name: /Loan of the tide dial/ })).toContainText('noted');
  await expect(page.getByRole('link', { name: /Loan of the tide dial/ })).not.toContainText('todo');
  await letter.getByRole('link', { name: 'by the label todo' }).click();
  const sheet = page.getByRole('article', { name: 'Reading sheet' });
  await expect(sheet).toContainText('fetched from Practice by the label todo');
  await expect(sheet.getByRole('region', { name: 'Task' })).toContainText('Fri 20 Nov');
  await expect(sheet).toContainText('✓ done in its mailbox');
});

test('a letter is shown, and a rule by hand makes its task', async ({ page, workedIn }) => {
  await page.goto(`${workedIn.url}/practice`);
  await page.getByText('Cake on Friday').click();
  await page.getByRole('button', { name: 'Show it to Hatband' }).click();
  const sheet = page.getByRole('article', { name: 'Reading sheet' });
  const byHand = sheet.getByRole('region', { name: 'Rules by hand' });
  await expect(byHand).toContainText('Thank Tomas Quill for “Cake on Friday”');
  await byHand.getByRole('button', { name: 'Write a thank-you' }).click();
  await expect(sheet.getByRole('region', { name: 'Task' })).toContainText('Thank Tomas Quill');
});

test('an address is renewed after a question, and the old one is refused', async ({ page, workedIn }) => {
  const sheet = await openAddress(page, workedIn.url, 'Visits');
  const address = sheet.locator('header code').first();
  const old = (await address.textContent()) ?? '';
  await sheet.getByRole('button', { name: 'Renew …' }).click();
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(address).toHaveText(old);
  await sheet.getByRole('button', { name: 'Renew …' }).click();
  await sheet.getByRole('button', { name: 'Renew it' }).click();
  await expect(address).not.toHaveText(old);
  await expect(address).toHaveText(/^visits-[a-z2-7]{16}@hatband\.test$/);
  await expect(workedIn.send({ to: old, subject: 'x', text: 'x' })).rejects.toThrow('550 5.1.6');
  await sheet.getByRole('button', { name: 'Pause' }).click();
  await expect(sheet).toContainText('paused: its mail is asked to come later');
  await expect(
    workedIn.send({ to: (await address.textContent()) ?? '', subject: 'x', text: 'x' }),
  ).rejects.toThrow('450 4.2.1');
});

test('a project gets an address of its own; a name that is taken is refused', async ({ page, workedIn }) => {
  await page.goto(`${workedIn.url}/intake`);
  await page.getByLabel('A new project').fill('Visits');
  await page.getByRole('button', { name: 'Add the project' }).click();
  await expect(page.getByRole('alert')).toHaveText('There is a project Visits already.');
  await page.getByLabel('A new project').fill('Couriers');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listitem').filter({ hasText: 'Couriers' })).toContainText('couriers-');
});

test('who is not named is held; he is let in from now on, and another is blocked', async ({
  page,
  workedIn,
}) => {
  const sheet = await openAddress(page, workedIn.url, 'Publications');
  const to = (await sheet.locator('header code').first().textContent()) ?? '';
  await sheet.getByRole('combobox', { name: 'who may send' }).click();
  await page.locator('.ant-select-item').filter({ hasText: 'only these' }).click();
  await sheet
    .getByRole('combobox', { name: 'senders that are taken' })
    .fill('Fenna Roos <fenna@pelikan-print.example>, ');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(sheet.getByRole('button', { name: 'Save' })).toBeDisabled();
  const text = 'Please send us the proofs by 4 December.';
  await workedIn.send({ to, from: 'ada@inkwell.example', subject: 'Proofs for Ada', text });
  await workedIn.send({ to, from: 'pushy@inkwell.example', subject: 'Proofs for Pushy', text });
  await page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Ledger' }).click();
  await page.getByText('Proofs for Ada').click();
  const reading = page.getByRole('article', { name: 'Reading sheet' });
  await expect(reading.getByRole('region', { name: 'As it would be' })).toContainText('Fri 4 Dec');
  await reading.getByRole('button', { name: 'Let ada@inkwell.example in from now on' }).click();
  await expect(reading.getByRole('region', { name: 'Task' })).toContainText('Fri 4 Dec');
  await page.getByText('Proofs for Pushy').click();
  await reading.getByRole('button', { name: 'Block this sender' }).click();
  await expect(reading).toContainText('you have blocked its sender');
  await workedIn.send({ to, from: 'ada@inkwell.example', subject: 'Once more', text });
  await expect(workedIn.send({ to, from: 'pushy@inkwell.example', subject: 'x', text })).rejects.toThrow(
    '550 5.7.1',
  );
  await page.getByText('Once more').click();
  await expect(reading.getByRole('region', { name: 'Task' })).toBeVisible();
});

test('an mbox that is dropped on the Ledger comes in, with a result for each message', async ({
  page,
  workedIn,
}) => {
  await page.goto(`${workedIn.url}/ledger`);
  const mbox = ['Ropes', 'Anchors', 'Ropes']
    .map(
      (subject) =>
        `From a@quay.example Tue Nov 24 10:00:00 2026\nFrom: a@quay.example\nSubject: About ${subject}\n\nPlease list the ${subject} by 3 December.\n\n`,
    )
    .join('');
  const files = await page.evaluateHandle((text) => {
    const transfer = new DataTransfer();
    transfer.items.add(new File([text], 'old mail.mbox'));
    return transfer;
  }, mbox);
  const target = page.getByRole('navigation', { name: 'Arrivals' });
  await target.dispatchEvent('dragover', { dataTransfer: files });
  await expect(page.getByText('Let go: messages')).toBeVisible();
  await target.dispatchEvent('drop', { dataTransfer: files });
  const line = page.getByRole('region', { name: 'file old mail.mbox' });
  await expect(line).toContainText('2 new, 1 that had come before');
  await line.getByRole('button', { name: 'each of them' }).click();
  await expect(line.getByRole('listitem')).toHaveText([
    'old mail.mbox #1: new',
    'old mail.mbox #2: new',
    'old mail.mbox #3: had come before',
  ]);
  await line.getByRole('link', { name: 'old mail.mbox #2' }).click();
  await expect(page.getByRole('article', { name: 'Reading sheet' })).toContainText('About Anchors');
});

test('a reply to a task’s own address is a comment, and what it asks for is done only by the user', async ({
  page,
  workedIn,
}) => {
  const filter = { kind: 'words', field: 'title', words: ['send your order', 'sign', 'return', 'check'] };
  await page.goto(`${workedIn.url}/tasks?as=${encodeURIComponent(JSON.stringify({ filter }))}`);
  await page.getByRole('grid').getByRole('link').first().click();
  await page.getByRole('button', { name: 'Show its address' }).click();
  const to = (await page.locator('section code').textContent()) ?? '';
  await workedIn.send({ to, from: 'orla@northcape.example', subject: 'Re: that', text: 'It is done.' });
  const proposed = page.getByRole('region', { name: 'Proposed' });
  await expect(proposed).toContainText('It is done.');
  await expect(page.getByRole('button', { name: 'Complete', exact: true })).toBeVisible();
  await proposed.getByRole('button', { name: 'Mark it done' }).click();
  await expect(page.getByRole('button', { name: 'Open it again' })).toBeVisible();
  await expect(proposed).toBeHidden();
});

import { expect, startDemo, test } from './demoServer.ts';

test('with a passphrase the page asks for it, wherever one signs out everywhere', async ({ browser }) => {
  const demo = await startDemo('main', { HATBAND_PASSPHRASE: 'lantern and rope' });
  const open = async () => {
    const page = await (await browser.newContext()).newPage();
    await page.goto(`${demo.url}/ledger`);
    const passphrase = page.getByLabel('The passphrase that this Hatband was started with');
    await passphrase.fill('lantern');
    await page.getByRole('button', { name: 'Open it' }).click();
    await expect(page.getByRole('alert')).toHaveText('This is not the passphrase.');
    await passphrase.fill('lantern and rope');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Ledger' })).toBeVisible();
    return page;
  };
  const here = await open();
  const elsewhere = await open();
  await here.goto(`${demo.url}/settings/you`);
  await here.getByRole('button', { name: 'Sign out everywhere' }).click();
  await expect(here.getByRole('button', { name: 'Open it' })).toBeVisible();
  await elsewhere.reload();
  await expect(elsewhere.getByRole('button', { name: 'Open it' })).toBeVisible();
  await demo.stop();
});

test('how days are written is a setting, and holds for the next mail', async ({ page, demo }) => {
  await page.goto(`${demo.url}/intake`);
  await page.getByRole('link', { name: /^Inbox/ }).click();
  const to = (await page.locator('header code').first().textContent()) ?? '';
  await page.goto(`${demo.url}/settings/you`);
  const you = page.getByRole('region', { name: 'You' });
  await you.getByRole('combobox', { name: 'order of dates' }).click();
  await page.getByTitle('the 5th of April').click();
  await you.getByRole('combobox', { name: 'closed days' }).fill('2026-12-24');
  await page.keyboard.press('Enter');
  await you.getByRole('button', { name: 'Save' }).click();
  await expect(you.getByRole('button', { name: 'Save' })).toBeDisabled();
  await page.reload();
  await expect(you).toContainText('the 5th of April');
  await expect(you).toContainText('2026-12-24');
  await demo.send({ to, from: 'bo@quay.example', subject: 'Ropes', text: 'Please send the ropes by 12/1.' });
  await page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Ledger' }).click();
  await page.getByText('Ropes', { exact: true }).click();
  await expect(page.getByRole('region', { name: 'Task' })).toContainText('Tue 1 Dec');
});

test('people come in as vCards; an unknown sender is made one where his mail is read', async ({
  page,
  workedIn,
}) => {
  await page.goto(`${workedIn.url}/settings/people`);
  const card = (name: string, address: string) =>
    `BEGIN:VCARD\r\nVERSION:4.0\r\nFN:${name}\r\nEMAIL:${address}\r\nEND:VCARD\r\n`;
  const cards = card('Bo Ropewalk', 'bo@ropewalk.example') + card('Orla Penhale', 'orla@northcape.example');
  const file = { name: 'people.vcf', mimeType: 'text/vcard', buffer: Buffer.from(cards) };
  await page.getByLabel('a file of vCards').setInputFiles(file);
  await expect(page.getByRole('status').filter({ hasText: 'new' })).toHaveText('1 new, 1 known already');
  await expect(page.getByRole('button', { name: /^Bo Ropewalk/ })).toBeVisible();
  await page.goto(`${workedIn.url}/ledger`);
  await page.getByText('Your galleries deserve').click();
  await page.getByRole('button', { name: 'make a person of them' }).click();
  await expect(page.getByRole('button', { name: 'make a person of them' })).toBeHidden();
  await page.goto(`${workedIn.url}/settings/people`);
  await expect(page.getByRole('button', { name: /^Brightwick Lamps/ })).toBeVisible();
});

test('a mailbox is tested, watched although its server is away, paused and watched no more', async ({
  page,
  workedIn,
}) => {
  await page.goto(`${workedIn.url}/intake/mailbox/new`);
  const sheet = page.getByRole('article', { name: 'A new mailbox' });
  await sheet.getByRole('textbox', { name: 'A name for it' }).fill('Museum');
  await sheet.getByRole('textbox', { name: 'Server' }).fill('127.0.0.1');
  await sheet.getByRole('spinbutton', { name: 'Port' }).fill('1');
  await sheet.getByRole('textbox', { name: 'User' }).fill('ines');
  await sheet.getByLabel('Password').fill('lantern');
  await sheet.getByRole('button', { name: 'Test the connection' }).click();
  const words = '127.0.0.1 answers, but nothing takes mail connections at port 1.';
  await expect(sheet.getByRole('status')).toContainText(words);
  await sheet.getByRole('button', { name: 'Watch it' }).click();
  const museum = page.getByRole('article', { name: 'The mailbox Museum' });
  await expect(museum).toContainText(`trouble: ${words}`);
  await museum.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByRole('link', { name: /^Museum/ })).toContainText('paused');
  await museum.getByRole('button', { name: 'stop watching it' }).click();
  await expect(page.getByRole('link', { name: /^Museum/ })).toBeHidden();
});

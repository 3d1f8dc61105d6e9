import { expect, test } from './demoServer.ts';

test('a rule with a nested group, a labelled line, a lookup table, a counted day and two routes is written; the next mail becomes its task', async ({
  page,
  demo,
}) => {
  // The lookup table, pasted into its grid as a spreadsheet copies it.
  await page.goto(`${demo.url}/tables`);
  await page.getByRole('button', { name: 'New table' }).click();
  const table = page.getByRole('region', { name: 'Lookup table' });
  await expect(table.getByRole('textbox', { name: 'name of the table' })).toHaveValue('New table');
  await table.getByRole('textbox', { name: 'name of the table' }).fill('Crate sizes');
  await table.getByRole('textbox', { name: 'words 1' }).evaluate((cell) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text', 'sounding lead\tsmall\nship’s wheel\tlarge\n');
    cell.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  });
  await expect(table.getByRole('textbox', { name: 'value 2' })).toHaveValue('large');
  await table.getByRole('textbox', { name: 'value 2' }).press('Enter');
  await page.keyboard.type('medium');
  await expect(table.getByRole('textbox', { name: 'value 3' })).toHaveValue('medium');
  await table.getByRole('button', { name: 'remove row 3' }).click();
  await table.getByRole('button', { name: 'Save the table' }).click();
  await expect(page.getByRole('navigation', { name: 'Lookup tables' })).toContainText('Crate sizes2 rows');

  // When: one of two words in the subject, and none of two things.
  await page.getByRole('link', { name: 'rules', exact: true }).click();
  await page.getByRole('button', { name: 'New rule', exact: true }).click();
  const rule = page.getByRole('region', { name: 'Rule', exact: true });
  await expect(rule).toContainText('a draft, not at work yet');
  await rule.getByRole('textbox', { name: 'name', exact: true }).fill('Crates to build');
  await rule.getByRole('button', { name: 'remove: arrives at' }).click();
  const choose = async (box: string, option: string) => {
    await rule.getByRole('combobox', { name: box, exact: true }).click();
    await rule.getByRole('combobox', { name: box, exact: true }).fill(option);
    await page.keyboard.press('Enter');
  };
  await choose('add a condition to When', 'words');
  await rule.getByRole('combobox', { name: 'words of words' }).fill('crate wanted,box wanted,');
  await choose('add a condition to When', 'a group of');
  await choose('add a condition to When, 2', 'forward');
  await choose('add a condition to When, 2', 'has a labelled');
  await rule.getByRole('combobox', { name: 'label of has a labelled line' }).fill('Object,');
  await expect(rule).toContainText(
    'has “crate wanted” or “box wanted” in the subject, your note or the newest words and (is a forward or has a line labelled Object)',
  );

  // Read: a labelled line, the table, and four working days after arrival.
  await rule.getByRole('combobox', { name: 'read another field' }).fill('Object no.');
  await page.keyboard.press('Enter');
  await choose('add a reading for Object no.', 'a labelled line');
  await rule.getByRole('combobox', { name: 'label of Object no., a labelled line' }).fill('Object,');
  await rule.getByRole('combobox', { name: 'read another field' }).fill('Size');
  await page.keyboard.press('Enter');
  await choose('add a reading for Size', 'a lookup table');
  await rule.getByRole('combobox', { name: 'table of Size, a lookup table' }).fill('Crate sizes');
  await page.keyboard.press('Escape');
  await choose('add a reading for due', 'a date calc');
  await rule.getByRole('combobox', { name: /^start from of due/ }).fill('arrival');
  await page.keyboard.press('Escape');
  await rule.getByRole('spinbutton', { name: /of due, a date calculated/ }).fill('4');
  await rule.getByRole('combobox', { name: 'unit of due, a date calculated from another' }).click();
  await page.getByTitle('working days', { exact: true }).click();
  await expect(rule).toContainText('or 4 working days after arrival');

  // Route: large ones to one place, all others to another.
  await rule.getByRole('button', { name: 'another line …' }).click();
  await choose('add a condition to line 1', 'value read');
  await rule.getByRole('combobox', { name: 'field of value read' }).fill('Size');
  await page.keyboard.press('Escape');
  await rule.getByRole('combobox', { name: 'any of of value read' }).fill('large,');
  await rule.getByRole('button', { name: 'close: value read' }).click();
  await rule.getByRole('button', { name: 'write: where line 1 goes' }).click();
  await rule.getByRole('combobox', { name: 'project of line 1' }).click();
  await page.getByTitle('Loans in', { exact: true }).click();
  await rule.getByRole('combobox', { name: 'section of line 1' }).click();
  await page.getByTitle('On the road', { exact: true }).click();
  await rule.getByRole('button', { name: 'write: where line 2 goes' }).click();
  await choose('project of line 2', 'Building');
  await expect(rule).toContainText('in Loans in, section On the road');

  // To work, in front of the others.
  await page.getByRole('button', { name: 'Go live …' }).click();
  await page.getByRole('button', { name: 'Put version 1 to work' }).click();
  await expect(rule).toContainText('version 1');
  await page.goto(`${demo.url}/intake`);
  await page.getByRole('link', { name: /^Inbox/ }).click();
  const to = (await page.locator('article header code').first().textContent()) ?? '';
  await demo.send({
    to,
    from: 'workshop@harbour-society.example',
    subject: 'Crate wanted for the ship’s wheel',
    text: 'Hello,\n\nthe ship’s wheel needs a crate.\n\nObject: SQ-0301\n',
  });
  await page.goto(demo.url);
  await page
    .getByRole('navigation', { name: 'Arrivals' })
    .getByText('Crate wanted for the ship’s wheel')
    .click();
  const task = page.getByRole('region', { name: 'Task' });
  await expect(task).toContainText('Mon 30 Nov');
  await expect(task).toContainText('SQ-0301');
  await expect(task).toContainText('large');
  await expect(task).toContainText('Loans in');
  await expect(task).toContainText('On the road');
  await expect(task).toContainText('Crates to build: a lookup table');
  await expect(page.locator('mark[title="Object no."]')).toHaveText('SQ-0301');
});

test('a rule is moved by keys, and the new order is proved before it holds', async ({ page, demo }) => {
  await page.goto(`${demo.url}/rules`);
  const stack = page.getByRole('navigation', { name: 'Rules in order' });
  const names = () => stack.getByRole('link').locator('b').allTextContents();
  await expect(stack.getByRole('link').first()).toBeVisible();
  const before = await names();
  const handle = stack.getByRole('button', { name: `move: ${before[2] ?? ''}` });
  const move = async () => {
    await handle.focus();
    await page.keyboard.press('Space');
    // The list takes a moment for each step of a move.
    for (const key of ['ArrowUp', 'ArrowUp', 'Space']) {
      await page.waitForTimeout(400);
      await page.keyboard.press(key);
    }
  };
  await move();
  const note = page.getByRole('alertdialog', { name: 'Another order' });
  await expect(note).toContainText(`${before[2] ?? ''} would stand at place 1 of ${String(before.length)}`);
  await note.getByRole('button', { name: 'Keep the old order' }).click();
  expect(await names()).toEqual(before);
  await move();
  await expect(note).toContainText('messages already here');
  await note.getByRole('button', { name: 'Ask in this order' }).click();
  await expect(note).toBeHidden();
  await page.reload();
  await expect(stack.getByRole('link').first()).toContainText(before[2] ?? '');
});

test('a project that is missed is made within the rule', async ({ page, workedIn }) => {
  await page.goto(`${workedIn.url}/rules`);
  await page.getByRole('button', { name: 'New rule', exact: true }).click();
  const rule = page.getByRole('region', { name: 'Rule', exact: true });
  await expect(rule).toContainText('a draft, not at work yet');
  await rule.getByRole('textbox', { name: 'name', exact: true }).fill('Signs');
  await rule.getByRole('button', { name: 'write: where line 1 goes' }).click();
  await rule.getByRole('combobox', { name: 'project of line 1' }).click();
  await page.getByRole('option', { name: 'a new project …' }).locator('visible=true').click({ force: true });
  await rule.getByRole('textbox', { name: 'name of the new project' }).fill('Signals');
  await page.keyboard.press('Enter');
  await expect(rule).toContainText('in Signals');
});

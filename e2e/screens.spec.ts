import { expect, test } from './demoServer.ts';

test.describe('Ledger', () => {
  test('a value and its words are tied while either is pointed at', async ({ page, lookedAt }) => {
    await page.goto(lookedAt.url);
    await page.getByText('Fwd: Tide gauge no. 4').click();
    const mark = page.locator('mark[title=due]');
    await expect(mark).toHaveText('no later than Monday, 7 December');
    const line = page.locator('article svg path').last();
    await expect(line).toHaveAttribute('d', '');
    await mark.hover();
    await expect(line).toHaveAttribute('d', /^M /);
    await expect(page.getByText('signature, 5 lines')).toBeVisible();
    await expect(page.getByText('4 Harbour Steps')).toBeHidden();
    await page.getByText('signature, 5 lines').click();
    await expect(page.getByText('4 Harbour Steps')).toBeVisible();
  });

  test('arrow keys go from line to line, Enter opens', async ({ page, lookedAt }) => {
    await page.goto(lookedAt.url);
    const lines = page.getByRole('navigation', { name: 'Arrivals' }).getByRole('link');
    await lines.first().focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(lines.nth(2)).toHaveAttribute('aria-current', 'true');
    const subject = await page.getByRole('article').getByRole('heading').first().innerText();
    await expect(lines.nth(2)).toContainText(subject);
  });

  test('tabs show one kind of outcome; mail that answers itself has no task and says why', async ({
    page,
    lookedAt,
  }) => {
    await page.goto(lookedAt.url);
    await page.getByRole('button', { name: /nothing to do/ }).click();
    await expect(page.getByRole('navigation', { name: 'Arrivals' }).getByRole('link')).toHaveCount(7);
    await page.getByText('Automatic reply: Loan agreement').click();
    await expect(page.getByRole('article')).toContainText('No task: this is an automatic reply.');
    await page.getByRole('button', { name: /failed/ }).click();
    await expect(page.getByText('None of these')).toBeVisible();
  });

  test('why a message was read so tells its events too', async ({ page, lookedAt }) => {
    await page.goto(lookedAt.url);
    await page.getByText('School visit request: Class 5b').click();
    await page.getByRole('button', { name: 'why?' }).click();
    const sheet = page.getByRole('article', { name: 'Reading sheet' });
    await expect(sheet).toContainText('Events in the message');
    await expect(sheet).toContainText('Thu 17 Dec 10:00 to 12:00');
  });

  test('HTML mail is shown as text, runs nothing and loads nothing', async ({ page, lookedAt }) => {
    const foreign: string[] = [];
    page.on('request', (request) => {
      if (!request.url().startsWith(lookedAt.url) && !request.url().startsWith('data:'))
        foreign.push(request.url());
    });
    await page.goto(lookedAt.url);
    await page.getByText('Lecture evening on old pilots').first().click();
    await expect(page.getByRole('article')).toContainText('Captain Ulla Marsh');
    await expect(page).toHaveTitle('Hatband');
    expect(foreign).toEqual([]);
  });

  test('priority and project are changed in place; Escape changes nothing', async ({ page, workedIn }) => {
    await page.goto(workedIn.url);
    await page.getByText('Fwd: Crate dimensions, second try').click();
    const task = page.getByRole('region', { name: 'Task' });
    const title = task.getByRole('button', { name: 'Change title' });
    await expect(title).toContainText('Crate dimensions, second try');
    const before = await title.innerText();
    await title.click();
    await task.getByRole('textbox', { name: 'title' }).fill('Something else');
    await page.keyboard.press('Escape');
    await expect(title).toHaveText(before);
    await task.getByRole('button', { name: 'Change priority' }).click();
    await page.getByTitle('high', { exact: true }).click();
    await expect(task.getByRole('button', { name: 'Change priority' })).toHaveText('high');
    await task.getByRole('button', { name: 'Change project' }).click();
    await page.getByTitle('Loans in', { exact: true }).click();
    await expect(task.getByRole('button', { name: 'Change project' })).toHaveText('Loans in');
    await page.reload();
    await expect(task).toContainText('set by you');
    await expect(page.getByRole('navigation', { name: 'Arrivals' })).toContainText(
      'second try in Loans in, Thu 26 Nov',
    );
  });
});

test('Tasks are ticked and unticked; one has a page of its own, where its fields are changed and comments written', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/tasks`);
  const box = page.getByRole('checkbox', { name: 'done: Case 5: lamp flickers' });
  const open = page.getByRole('button', { name: /^open \d+$/ });
  const before = await open.innerText();
  await box.check();
  await expect(open).not.toHaveText(before);
  await page.getByRole('button', { name: 'done', exact: true }).click();
  await expect(box).toBeChecked();
  await box.uncheck();
  await expect(open).toHaveText(before);
  await expect(box).toBeVisible();
  await open.click();
  await page.getByRole('link', { name: 'Case 5: lamp flickers' }).click();
  const task = page.getByRole('article', { name: 'Task' });
  await expect(task).toContainText('BLD-0396');
  await task.getByRole('button', { name: 'Change Case' }).click();
  await task.getByRole('textbox', { name: 'Case' }).fill('BLD-0397');
  await page.keyboard.press('Enter');
  await expect(task.getByRole('button', { name: 'Change Case' })).toHaveText('BLD-0397');
  await task.getByRole('button', { name: 'Change section' }).click();
  await page.getByTitle('At once', { exact: true }).click();
  await expect(task.getByRole('button', { name: 'Change section' })).toHaveText('At once');
  await page.getByRole('textbox', { name: 'a new comment' }).fill('The lamp is ordered.');
  await page.getByRole('button', { name: 'Add the comment' }).click();
  await expect(page.getByRole('region', { name: 'Comments' })).toContainText('The lamp is ordered.');
  await page.reload();
  await expect(task).toContainText('BLD-0397');
});

test('a mail that a rule holds says why; a reply stands as a comment on its task', async ({
  page,
  lookedAt,
}) => {
  await page.goto(lookedAt.url);
  await page.getByRole('button', { name: /^held/ }).click();
  await page.getByText('Confidential: the director’s contract').click();
  const held = page.getByRole('region', { name: 'Held' });
  await expect(held).toContainText('In confidence held it for you: Read it alone first.');
  await page.getByRole('button', { name: /^comments/ }).click();
  await page.getByText('Re: Two sextants more').click();
  await page
    .getByRole('article')
    .getByRole('link', { name: /Two sextants more/ })
    .click();
  await expect(page.getByRole('region', { name: 'Comments' })).toContainText('one crate is enough for both');
});

test('projects, people and templates are written in Settings; a new name goes into the rules', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/settings/projects`);
  await page.getByRole('button', { name: /^Visits/ }).click();
  const form = page.getByRole('region', { name: 'Visits' });
  await form.getByRole('combobox', { name: 'name of project' }).fill('School visits');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('button', { name: /^School visits/ })).toBeVisible();
  await page.getByRole('link', { name: 'people', exact: true }).click();
  await page.getByRole('button', { name: 'another person …' }).click();
  const person = page.getByRole('region', { name: 'a new person' });
  await person.getByRole('combobox', { name: 'name of person' }).fill('Orla Penhale');
  await person.getByRole('button', { name: 'Add the person' }).click();
  await expect(page.getByRole('alert').first()).toHaveText('There is a person Orla Penhale already.');
  await page.getByRole('link', { name: 'Rules' }).click();
  await page.getByRole('navigation', { name: 'Rules in order' }).getByText('Visit form').click();
  await expect(page.getByRole('region', { name: 'Rule', exact: true })).toContainText(
    'in School visits, section Two groups',
  );
  await expect(page.getByRole('region', { name: 'Rule', exact: true })).toContainText('version 2');
  await page.getByRole('button', { name: 'versions' }).click();
  const versions = page.getByRole('dialog', { name: 'Versions' });
  await versions.getByRole('combobox', { name: 'version', exact: true }).click();
  await page
    .getByTitle(/^version 1,/)
    .first()
    .click();
  await expect(versions).toContainText('in Visits, section Two groups');
  await versions.getByRole('button', { name: 'Write version 1 here again' }).click();
  await expect(page.getByRole('region', { name: 'Rule', exact: true })).toContainText(
    'There is no project “Visits”.',
  );
  await expect(page.getByRole('button', { name: 'Go live …' })).toBeDisabled();
});

test('rules go out to a file and come in from one; a file that is wrong changes nothing and says where', async ({
  page,
  workedIn,
}) => {
  await page.goto(`${workedIn.url}/rules`);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'export' }).click();
  expect((await download).suggestedFilename()).toBe('hatband-rules.json');
  const file = (rule: object) => ({
    name: 'rules.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ version: 1, rules: [rule] })),
  });
  const input = page.getByLabel('a file of rules');
  await input.setInputFiles(file({ name: 'Tides', when: { all: [{ kind: 'tide' }] } }));
  await expect(page.getByRole('alert')).toContainText('Nothing was changed.');
  await expect(page.getByRole('alert')).toContainText(
    'rules[0].when.all[0].kind Hatband knows no such kind.',
  );
  await input.setInputFiles(file({ name: 'Tides', when: { all: [{ kind: 'words', words: ['tide*'] }] } }));
  await expect(page.getByRole('status').filter({ hasText: 'draft' })).toContainText(
    '1 rule is a draft now: Tides.',
  );
  await expect(page.getByRole('navigation', { name: 'Rules in order' })).toContainText('Tidesdraft');
});

test.describe('Rules', () => {
  test('a new rule is a draft that is proved, saved, and put to work; then paused and deleted', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/rules`);
    await page.getByRole('button', { name: 'New rule', exact: true }).click();
    const sheet = page.getByRole('region', { name: 'Rule', exact: true });
    await expect(sheet).toContainText('a draft, not at work yet');
    await sheet.getByRole('textbox', { name: 'name', exact: true }).fill('River couriers');
    await page.getByRole('combobox', { name: 'add a condition to When' }).click();
    await page.getByRole('combobox', { name: 'add a condition to When' }).fill('sender');
    await page.keyboard.press('Enter');
    await expect(sheet.getByText('Name a sender.', { exact: true })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Go live …' })).toBeDisabled();
    await page.getByRole('combobox', { name: 'any of of sender' }).fill('lowtide.example,');
    const proof = page.getByRole('complementary', { name: 'Proof' });
    await expect(proof.getByRole('status')).toContainText('takes 3, 3 taken by another rule than now');
    await page.getByRole('button', { name: 'Save as draft' }).click();
    const stack = page.getByRole('navigation', { name: 'Rules in order' });
    await expect(stack.getByRole('link', { name: 'River couriers' })).toContainText('draft');
    await page.getByRole('button', { name: 'Go live …' }).click();
    await page.getByRole('button', { name: 'Put version 1 to work' }).click();
    await expect(stack.getByRole('link', { name: 'River couriers' })).toContainText('live');
    await page.getByRole('button', { name: 'pause' }).click();
    await expect(stack.getByRole('link', { name: 'River couriers' })).toContainText('paused');
    await page.getByRole('button', { name: 'delete …' }).click();
    await page.getByRole('button', { name: 'Delete the rule' }).click();
    await expect(page.getByText('This rule was deleted')).toBeVisible();
  });

  test('unsaved changes survive leaving and a reload, and can be undone', async ({ page, lookedAt }) => {
    await page.goto(`${lookedAt.url}/rules`);
    const name = page.getByRole('textbox', { name: 'name', exact: true });
    await expect(name).toHaveValue('Letters and lists');
    await name.fill('Another name');
    await page.getByRole('link', { name: 'Tasks' }).click();
    await expect(page.getByRole('heading', { name: 'Tasks' })).toBeVisible();
    await page.goto(`${lookedAt.url}/rules`);
    await expect(page.getByText('You have changes to this rule that are not saved')).toBeVisible();
    await page.getByRole('button', { name: 'Continue with them' }).click();
    await expect(name).toHaveValue('Another name');
    await page.getByRole('button', { name: 'Undo my changes' }).click();
    await page.reload();
    await expect(name).toHaveValue('Letters and lists');
    await expect(page.getByText('that are not saved')).toBeHidden();
  });

  test('a template half written is told at its place, and the page stays', async ({ page, lookedAt }) => {
    await page.goto(`${lookedAt.url}/rules`);
    const rule = page.getByRole('region', { name: 'Rule', exact: true });
    await rule.getByRole('combobox', { name: 'read another field' }).fill('notes');
    await page.keyboard.press('Enter');
    const add = rule.getByRole('combobox', { name: 'add a reading for notes' });
    await add.click();
    await add.fill('a text made');
    await page.keyboard.press('Enter');
    const text = rule.getByRole('textbox', { name: /^text of notes/ });
    await text.fill('See {{');
    await expect(rule).toContainText('This text cannot be read');
    await text.fill('See ');
    await rule.getByRole('combobox', { name: /^insert a field into text of notes/ }).click();
    await page.getByTitle('title', { exact: true }).last().click();
    await expect(text).toHaveValue('See {{ title }}');
    await expect(rule).not.toContainText('This text cannot be read');
  });

  test('a draft of a live rule that changed elsewhere is refused in words and not lost', async ({
    page,
    demo,
    context,
  }) => {
    await page.goto(`${demo.url}/rules`);
    const name = page.getByRole('textbox', { name: 'name', exact: true });
    await name.fill('Mine');
    const other = await context.newPage();
    await other.goto(`${demo.url}/rules`);
    await other.getByRole('textbox', { name: 'name', exact: true }).fill('Theirs');
    await other.getByRole('button', { name: 'Save as draft' }).click();
    await expect(other.getByRole('button', { name: 'Throw the draft away' })).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Rules in order' })).toContainText('Theirs');
    await expect(name).toHaveValue('Mine');
  });
});

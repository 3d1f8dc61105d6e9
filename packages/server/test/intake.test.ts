import * as contract from '@hatband/contract';
import { Policy } from '@hatband/core/intake';
import type { z } from 'zod';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { settled, startTestServer, until, type TestServer } from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

async function inbox() {
  const [first] = (await server.ask(contract.listAddresses)).items;
  if (!first) throw new Error('There is no address.');
  return first;
}

async function treat(policy: z.input<typeof Policy>) {
  const { id, revision, plusWord } = await inbox();
  return server.ask(contract.saveAddress, {
    params: { id },
    revision,
    body: { policy: Policy.parse(policy), plusWord },
  });
}

const onlyNorthcape = { senders: { kind: 'these' as const, who: ['northcape.example'] } };
const stranger = 'quill@ropewalk.example';

describe('who may send', () => {
  test('a sender who is not named waits at the door, with no rule asked, and is let in once', async () => {
    await treat(onlyNorthcape);
    await server.send({ from: stranger, subject: 'Let me in', text: 'Please send the list by 3 December.' });
    await server.send({ subject: 'Welcome' });
    const [welcome, held] = (await settled(server, 2)).items;
    expect(welcome?.outcome.kind).toBe('unclaimed');
    expect(held).toMatchObject({ outcome: { kind: 'held', gate: { why: 'unwelcome sender' } }, tasks: [] });
    const id = held?.id ?? 0;
    const possible = await server.ask(contract.listPossible, { params: { id } });
    expect(possible.asItWouldBe).toMatchObject([{ fields: { due: '2026-12-03' } }]);
    await server.ask(contract.letIn, { params: { id }, body: { sender: 'once' } });
    const { items } = await settled(server, 2);
    expect(items[1]).toMatchObject({
      outcome: { kind: 'unclaimed', gate: null },
      tasks: [{ due: '2026-12-03' }],
    });
    await server.send({ from: stranger, subject: 'Again' });
    expect((await settled(server, 3)).items[0]?.outcome.kind).toBe('held');
  });

  test('a sender is let in from now on, or blocked from now on', async () => {
    await treat(onlyNorthcape);
    await server.send({ from: stranger, subject: 'One' });
    await server.send({ from: 'peddler@trinkets.example', subject: 'Two' });
    const [two, one] = (await settled(server, 2)).items;
    await server.ask(contract.letIn, { params: { id: one?.id ?? 0 }, body: { sender: 'from now on' } });
    const blocked = await server.ask(contract.blockSender, { params: { id: two?.id ?? 0 } });
    expect(blocked.outcome).toMatchObject({ kind: 'nothing', reason: 'its sender is blocked' });
    await server.send({ from: stranger, subject: 'Three' });
    await expect(server.send({ from: 'peddler@trinkets.example' })).rejects.toMatchObject({
      response: '550 5.7.1 This sender is blocked here.',
    });
    expect((await settled(server, 3)).items[0]).toMatchObject({
      subject: 'Three',
      outcome: { kind: 'unclaimed' },
    });
    expect((await inbox()).turnedAway).toMatchObject([
      { sender: 'peddler@trinkets.example', what: 'refused', times: 1 },
    ]);
  });

  test.each(['refuse', 'drop'] as const)('%s leaves no arrival, and is counted', async (remedy) => {
    await treat({ ...onlyNorthcape, failures: { 'unwelcome sender': remedy } });
    for (let i = 0; i < 2; i += 1) {
      const sending = server.send({ from: stranger });
      if (remedy === 'drop') await sending;
      else
        await expect(sending).rejects.toMatchObject({
          response: '550 5.7.1 This address takes mail only from people who were named for it.',
        });
    }
    expect((await server.ask(contract.listArrivals)).items).toEqual([]);
    expect((await inbox()).turnedAway).toMatchObject([
      { sender: stranger, what: remedy === 'drop' ? 'dropped' : 'refused', times: 2 },
    ]);
  });

  test('report tells of it by a task, which is done once the message was let in', async () => {
    await treat({ ...onlyNorthcape, failures: { 'unwelcome sender': 'report' } });
    await server.send({ from: stranger, subject: 'Look at me' });
    const [held] = (await settled(server, 1)).items;
    expect(held?.tasks).toMatchObject([{ title: 'Held at the door: Look at me', status: 'needs action' }]);
    await server.ask(contract.letIn, { params: { id: held?.id ?? 0 }, body: { sender: 'once' } });
    const [after] = (await settled(server, 1)).items;
    expect(after?.tasks.map(({ title, status }) => [title, status])).toEqual([
      ['Held at the door: Look at me', 'completed'],
      ['Look at me', 'needs action'],
    ]);
  });

  test('where one of two addresses takes it, it is taken, and at the other it waits', async () => {
    await treat({ ...onlyNorthcape, failures: { 'unwelcome sender': 'refuse' } });
    await server.ask(contract.addProject, { body: { name: 'Open one' } });
    const to = (await server.ask(contract.listAddresses)).items.map(({ address }) => address);
    await server.send({ to, from: stranger });
    const { items } = await settled(server, 1);
    expect(items).toHaveLength(1);
    expect(items[0]?.tasks).toMatchObject([{ project: { name: 'Open one' } }]);
  });
});

describe('limits', () => {
  test('beyond the messages of a day the sender is asked to try again, or it is held', async () => {
    await treat({ perDay: 1 });
    await server.send({ subject: 'One' });
    await expect(server.send({ subject: 'Two' })).rejects.toMatchObject({
      response: '452 4.2.2 This address takes at most 1 messages a day. Try again tomorrow.',
    });
    await treat({ perDay: 1, failures: { 'over a limit': 'hold' } });
    await server.send({ subject: 'Three' });
    expect((await settled(server, 2)).items[0]).toMatchObject({
      outcome: { kind: 'held', gate: { why: 'over a limit' } },
    });
  });

  test('a message larger than its address takes is refused for good', async () => {
    await treat({ largest: 0.1 });
    await expect(server.send({ text: 'x '.repeat(100_000) })).rejects.toMatchObject({
      response: '552 5.3.4 This address takes messages of at most 0.1 MB.',
    });
  });

  test('attachments are dropped where they are not wanted, the words stay', async () => {
    await treat({ attachments: 'drop' });
    const raw = [
      'From: orla@northcape.example',
      'Subject: With a list',
      'MIME-Version: 1.0',
      'Content-Type: multipart/mixed; boundary="b"',
      '',
      '--b',
      'Content-Type: text/plain',
      '',
      'Please check the list by 3 December.',
      '--b',
      'Content-Type: application/pdf; name="list.pdf"',
      'Content-Disposition: attachment; filename="list.pdf"',
      'Content-Transfer-Encoding: base64',
      '',
      'SECRETSECRETSECRET',
      '--b--',
      '',
    ].join('\r\n');
    await server.send({ raw });
    const [arrival] = (await settled(server, 1)).items;
    expect(arrival?.tasks).toMatchObject([{ due: '2026-12-03' }]);
    const stored = await fetch(`http://127.0.0.1:${server.port}/api/arrivals/${arrival?.id ?? 0}/raw`);
    const text = await stored.text();
    expect(text).toContain('filename="list.pdf"');
    expect(text).not.toContain('SECRET');
    expect(text).toMatch(/\r\n--b--/);
  });
});

describe('an address', () => {
  test('that is renewed is refused from then on; with a grace its mail still comes, and says so', async () => {
    const first = await inbox();
    const second = await server.ask(contract.renewAddress, {
      params: { id: first.id },
      body: { graceDays: 7, prefix: 'desk' },
    });
    expect(second.address).toMatch(/^desk-[a-z2-7]{16}@/);
    expect(second.old).toMatchObject([{ address: first.address }]);
    await server.send({ to: first.address, subject: 'To the old one' });
    const [arrival] = (await settled(server, 1)).items;
    const sheet = await server.ask(contract.getArrival, { params: { id: arrival?.id ?? 0 } });
    expect(sheet.address).toMatchObject({ address: first.address, retired: true });
    await server.ask(contract.renewAddress, { params: { id: second.id }, body: { graceDays: 0 } });
    await expect(server.send({ to: second.address })).rejects.toMatchObject({
      response: '550 5.1.6 This address was renewed; ask its owner for the new one.',
    });
  });

  test('that is paused asks to try again, until it goes on', async () => {
    const { id } = await inbox();
    await server.ask(contract.pauseAddress, { params: { id }, body: { paused: true } });
    await expect(server.send({})).rejects.toMatchObject({
      response: '450 4.2.1 This address is paused; try again later.',
    });
    await server.ask(contract.pauseAddress, { params: { id }, body: { paused: false } });
    await server.send({});
    await settled(server, 1);
  });

  test('is a contact', async () => {
    const { id, address } = await inbox();
    const card = await fetch(
      `http://127.0.0.1:${server.port}${contract.vcardPath.replace(':id', String(id))}`,
    );
    expect(card.headers.get('content-type')).toContain('text/vcard');
    const text = (await card.text()).replace(/\r\n /g, '');
    expect(text).toContain('FN:Hatband Inbox');
    expect(text).toContain(`EMAIL:${address}`);
  });
});

describe('over HTTP', () => {
  const hand = (
    address: string,
    token: string | null,
    body = 'From: a@quay.example\r\nSubject: Handed in\r\n\r\nhello\r\n',
  ) =>
    fetch(`http://127.0.0.1:${server.port}${contract.intakePath.replace(':address', address)}`, {
      method: 'POST',
      body,
      headers: {
        'Content-Type': 'message/rfc822',
        ...(token === null ? {} : { Authorization: `Bearer ${token}` }),
      },
    });

  test('a message with the token of its address is an arrival; without it nothing is', async () => {
    const { id, address } = await inbox();
    expect((await hand(address, null)).status).toBe(401);
    const { token } = await server.ask(contract.makeToken, { params: { id } });
    expect((await hand(address, 'wrong')).status).toBe(401);
    expect((await hand('nobody@hatband.test', token)).status).toBe(401);
    const answer = await hand(address, token);
    expect(answer.status).toBe(202);
    expect(contract.HandedIn.parse(await answer.json())).toMatchObject({ isNew: true, held: false });
    expect(contract.HandedIn.parse(await (await hand(address, token)).json())).toMatchObject({
      isNew: false,
    });
    expect((await settled(server, 1)).items).toMatchObject([
      { source: 'http', subject: 'Handed in', deliveries: 2 },
    ]);
    expect((await hand(address, token, '')).status).toBe(400);
    await server.ask(contract.dropToken, { params: { id } });
    expect((await hand(address, token)).status).toBe(401);
  });

  test('the policy of the address holds there too', async () => {
    await treat({ ...onlyNorthcape, failures: { 'unwelcome sender': 'refuse' }, largest: 0.1 });
    const { id, address } = await inbox();
    const { token } = await server.ask(contract.makeToken, { params: { id } });
    expect((await hand(address, token)).status).toBe(403);
    const large = `From: a@northcape.example\r\n\r\n${'x '.repeat(100_000)}`;
    expect((await hand(address, token, large)).status).toBe(413);
  });
});

describe('one message that came twice', () => {
  const words =
    'Please return the signed form for the tide dial by 3 December, and tell us who will collect it.';
  const original = (more = '') =>
    `From: Orla <orla@northcape.example>\r\nTo: ines.tavare@saltmarsh.example\r\nSubject: The form\r\nMessage-ID: <form-1@northcape.example>\r\n${more}\r\n${words}\r\n`;

  test('with other bytes at the same address it is one arrival that says so', async () => {
    await server.send({ raw: original() });
    await settled(server, 1);
    await server.send({ raw: original('X-Way: another\r\n') });
    const { items } = await until(
      () => server.ask(contract.listArrivals),
      (all) => all.items.some(({ deliveries }) => deliveries === 2),
    );
    expect(items).toHaveLength(1);
    expect((await server.ask(contract.listTasks)).items).toHaveLength(1);
  });

  test('other words under the same Message-ID are another message', async () => {
    await server.send({ raw: original() });
    await server.send({ raw: original().replace('tide dial', 'sextant') });
    const { items } = await settled(server, 2);
    expect(items.map(({ deliveries, tasks }) => [deliveries, tasks.length])).toEqual([
      [1, 1],
      [1, 1],
    ]);
  });

  const forward = `From: ines.tavare@saltmarsh.example\r\nSubject: Fwd: The form\r\nMessage-ID: <fwd-1@saltmarsh.example>\r\n\r\nUrgent, for the board.\r\n\r\n---------- Forwarded message ----------\r\nFrom: Orla <orla@northcape.example>\r\nDate: Tue, 24 Nov 2026 10:00:00 +0000\r\nSubject: The form\r\nTo: ines.tavare@saltmarsh.example\r\n\r\n${words}\r\n`;

  test('by two ways its task is offered to be added to the first, not made twice', async () => {
    await server.send({ raw: original() });
    await settled(server, 1);
    await server.send({ raw: forward });
    const [second] = (await settled(server, 2)).items;
    expect(second).toMatchObject({ outcome: { kind: 'again' }, tasks: [] });
    const id = second?.id ?? 0;
    const { before } = await server.ask(contract.getArrival, { params: { id } });
    const [task] = before?.tasks ?? [];
    expect((await server.ask(contract.listPossible, { params: { id } })).asItWouldBe).toHaveLength(1);
    const merged = await server.ask(contract.settleAgain, {
      params: { id },
      body: { how: 'add to the first' },
    });
    expect(merged.outcome.kind).toBe('comment');
    const comments = await server.ask(contract.listComments, { params: { id: task?.id ?? 0 } });
    expect(comments.items).toMatchObject([{ text: 'Urgent, for the board.' }]);
    expect((await server.ask(contract.listTasks)).items).toHaveLength(1);
  });

  test('or its own is made, at once where the rule says so', async () => {
    await server.send({ raw: original() });
    await settled(server, 1);
    await server.send({ raw: forward });
    const [second] = (await settled(server, 2)).items;
    const params = { id: second?.id ?? 0 };
    await server.ask(contract.settleAgain, { params, body: { how: 'make its own' } });
    expect((await server.ask(contract.listTasks)).items).toHaveLength(2);
    const { id, revision } = await server.ask(contract.addRule, {
      body: { definition: { name: 'Each of them', again: 'make' } },
    });
    await server.ask(contract.goLive, { params: { id }, revision });
    await server.send({ raw: forward.replace('Urgent', 'Very urgent').replace('fwd-1', 'fwd-2') });
    expect((await settled(server, 3)).items[0]).toMatchObject({ outcome: { kind: 'tasks' } });
  });
});

describe('by hand', () => {
  test('a rule that takes the message is shown as the task that it would make, and makes it when told to', async () => {
    const add = async (definition: object) => {
      const { id, revision } = await server.ask(contract.addRule, { body: { definition } });
      await server.ask(contract.goLive, { params: { id }, revision });
      return id;
    };
    const byHand = await add({
      name: 'Call back',
      start: { kind: 'hand' },
      read: [{ field: 'title', otherwise: 'Call back' }],
    });
    await add({
      name: 'Only loans',
      start: { kind: 'hand' },
      when: { all: [{ kind: 'words', in: ['subject'], words: ['loan'] }] },
    });
    await add({ name: 'Takes all', makes: { kind: 'nothing' } });
    await server.send({ subject: 'Your call' });
    const [arrival] = (await settled(server, 1)).items;
    const params = { id: arrival?.id ?? 0 };
    const { byHand: shown } = await server.ask(contract.listPossible, { params });
    expect(shown).toMatchObject([{ name: 'Call back', tasks: [{ fields: { title: 'Call back' } }] }]);
    const after = await server.ask(contract.startByHand, { params, body: { ruleId: byHand } });
    expect(after).toMatchObject({ outcome: { kind: 'tasks' }, tasks: [{ title: 'Call back' }] });
    // Pressed twice it is there once.
    await server.ask(contract.startByHand, { params, body: { ruleId: byHand } });
    expect((await server.ask(contract.listTasks)).items).toHaveLength(1);
  });
});

describe('a task’s own address', () => {
  test('makes mail a comment with its attachments; a moved deadline and “done” are proposed, never done', async () => {
    await server.send({ subject: 'Loan form', text: 'Please return the form by 3 December.' });
    const [first] = (await settled(server, 1)).items;
    const id = first?.tasks[0]?.id ?? 0;
    const { address } = await server.ask(contract.taskAddress, { params: { id } });
    expect((await server.ask(contract.taskAddress, { params: { id } })).address).toBe(address);
    await server.send({
      to: address,
      raw: [
        'From: Orla <orla@northcape.example>',
        'Subject: Re: Loan form',
        'Content-Type: multipart/mixed; boundary="b"',
        '',
        '--b',
        'Content-Type: text/plain',
        '',
        'Please return it by 10 December instead.',
        '--b',
        'Content-Type: text/html; name="form.html"',
        'Content-Disposition: attachment; filename="form.html"',
        '',
        '<script>alert(1)</script>',
        '--b--',
        '',
      ].join('\r\n'),
    });
    await server.send({ to: address, subject: 'Re: Loan form', text: 'It is done.' });
    const { items } = await settled(server, 3);
    expect(items.map(({ outcome }) => outcome.kind)).toEqual(['comment', 'comment', 'unclaimed']);
    const comments = (await server.ask(contract.listComments, { params: { id } })).items;
    expect(comments.map(({ text }) => text)).toEqual([
      'Please return it by 10 December instead.',
      'It is done.',
    ]);
    expect(comments[0]?.attachments).toMatchObject([{ name: 'form.html' }]);
    const file = await fetch(
      `http://127.0.0.1:${server.port}${contract.attachmentPath.replace(':id', String(items[1]?.id)).replace(':n', '0')}`,
    );
    expect(file.headers.get('content-disposition')).toBe('attachment; filename=form.html');
    expect(file.headers.get('content-type')).toBe('application/octet-stream');
    expect(await file.text()).toContain('<script>');
    const proposals = (await server.ask(contract.listProposals, { params: { id } })).items;
    expect(proposals).toMatchObject([
      { field: 'due', value: '2026-12-10', from: 'Orla' },
      { field: 'status', value: 'completed', words: 'It is done.' },
    ]);
    expect(await server.ask(contract.getTask, { params: { id } })).toMatchObject({
      due: '2026-12-03',
      status: 'needs action',
    });
    const [due, done] = proposals;
    await server.ask(contract.settleProposal, { params: { id: due?.id ?? 0 }, body: { accept: true } });
    await server.ask(contract.settleProposal, { params: { id: done?.id ?? 0 }, body: { accept: false } });
    expect(await server.ask(contract.getTask, { params: { id } })).toMatchObject({
      due: '2026-12-10',
      status: 'needs action',
    });
    expect((await server.ask(contract.listProposals, { params: { id } })).items).toEqual([]);
  });

  test('a reply in the thread of an open task is a comment where the user wants it', async () => {
    const raw = (subject: string, id: string, more = '') =>
      `From: orla@northcape.example\r\nSubject: ${subject}\r\nMessage-ID: <${id}@northcape.example>\r\n${more}\r\nPlease send the list of crates.\r\n`;
    await server.send({ raw: raw('Crates', 'a') });
    await settled(server, 1);
    const { settings, revision } = await server.ask(contract.getSettings);
    await server.ask(contract.saveSettings, { body: { ...settings, replies: 'comment' }, revision });
    await server.send({ raw: raw('Re: Crates', 'b', 'In-Reply-To: <a@northcape.example>\r\n') });
    expect((await settled(server, 2)).items[0]?.outcome.kind).toBe('comment');
  });
});

test('settings that were saved hold from the next message on', async () => {
  const { settings, revision } = await server.ask(contract.getSettings);
  const body = { ...settings, workdays: [1, 2, 3], holidays: ['DE'], closed: ['2026-12-01'] };
  const saved = await server.ask(contract.saveSettings, { body, revision });
  expect(saved.known).toEqual({ from: '2025-01-01', to: '2029-12-31' });
  await expect(server.ask(contract.saveSettings, { body, revision })).rejects.toThrow('changed elsewhere');
  await expect(
    server.ask(contract.saveSettings, { body: { ...body, holidays: ['XX'] }, revision: revision + 1 }),
  ).rejects.toThrow('No public holidays are known of XX.');
  // Tuesday; Wednesday, Monday and, the Tuesday being closed, Wednesday are the three working days.
  await server.send({ subject: 'Form', text: 'Please sign it within three working days.' });
  expect((await settled(server, 1)).items[0]?.tasks).toMatchObject([{ due: '2026-12-02' }]);
});

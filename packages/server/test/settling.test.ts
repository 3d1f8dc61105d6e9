import * as contract from '@hatband/contract';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import {
  goLive,
  settled,
  startTestServer,
  until,
  type TestServer,
  openTasks,
  tasksOf,
} from './testServer.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

describe('one message that came twice', () => {
  const words =
    'Please return the signed form for the tide dial by 3 December, and tell us who will collect it.';
  const original = (more = '') =>
    `Date: Tue, 24 Nov 2026 10:00:00 +0000\r\nFrom: Orla <orla@northcape.example>\r\nTo: ines.tavare@saltmarsh.example\r\nSubject: The form\r\nMessage-ID: <form-1@northcape.example>\r\n${more}\r\n${words}\r\n`;

  test('with other bytes at the same address it is one arrival that says so', async () => {
    await server.send({ raw: original() });
    await settled(server, 1);
    await server.send({ raw: original('X-Way: another\r\n') });
    const { items } = await until(
      () => server.ask(contract.listArrivals),
      (all) => all.items.some(({ deliveries }) => deliveries === 2),
    );
    expect(items).toHaveLength(1);
    expect(await tasksOf(server)).toHaveLength(1);
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

  test('is not merged with a task that was deleted meanwhile, so that nothing is lost', async () => {
    await server.send({ raw: original() });
    await settled(server, 1);
    await server.send({ raw: forward });
    const [second] = (await settled(server, 2)).items;
    const params = { id: second?.id ?? 0 };
    const { before } = await server.ask(contract.getArrival, { params });
    const ids = before?.tasks.map(({ id }) => id) ?? [];
    await server.ask(contract.changeTasks, { body: { ids, change: { deleted: true } } });
    expect((await server.ask(contract.getArrival, { params })).before?.tasks).toEqual([]);
    const body = { how: 'add to the first' as const };
    await expect(server.ask(contract.settleAgain, { params, body })).rejects.toMatchObject({
      problem: { status: 409, detail: expect.stringContaining('was deleted') as string },
    });
    expect(await openTasks(server)).toMatchObject([{ arrivalId: params.id, status: 'needs action' }]);
    await server.ask(contract.settleAgain, { params, body: { how: 'make its own' } });
    expect(await openTasks(server)).toHaveLength(1);
  });

  test('with a note above it has its own task, which is merged with the first when told to', async () => {
    await server.send({ raw: original() });
    await settled(server, 1);
    await server.send({ raw: forward });
    const [second] = (await settled(server, 2)).items;
    expect(second).toMatchObject({ outcome: { kind: 'unclaimed' }, tasks: [{ status: 'needs action' }] });
    const id = second?.id ?? 0;
    const { before } = await server.ask(contract.getArrival, { params: { id } });
    const [task] = before?.tasks ?? [];
    const merged = await server.ask(contract.settleAgain, {
      params: { id },
      body: { how: 'add to the first' },
    });
    expect(merged).toMatchObject({ outcome: { kind: 'comment' }, tasks: [{ status: 'cancelled' }] });
    const comments = await server.ask(contract.listComments, { params: { id: task?.id ?? 0 } });
    expect(comments.items).toMatchObject([{ text: 'Urgent, for the board.' }]);
    expect(await openTasks(server)).toHaveLength(1);
    const after = await server.ask(contract.getArrival, { params: { id } });
    expect(after.before).toBeNull();
  });

  test('another day in what was written above it is proposed on the first task, which keeps its own', async () => {
    await server.send({ raw: original() });
    await settled(server, 1);
    await server.send({ raw: forward.replace('Urgent, for the board.', 'Please do it by 30 November.') });
    const [second] = (await settled(server, 2)).items;
    const params = { id: second?.id ?? 0 };
    await server.ask(contract.settleAgain, { params, body: { how: 'add to the first' } });
    const [task] = await openTasks(server);
    expect(task?.due).toBe('2026-12-03');
    const { items } = await server.ask(contract.listProposals, { query: { task: task?.id ?? 0 } });
    expect(items).toMatchObject([
      { field: 'due', value: '2026-11-30', words: 'by 30 November', from: 'ines.tavare@saltmarsh.example' },
    ]);
    const [proposal] = items;
    await server.ask(contract.settleProposal, { params: { id: proposal?.id ?? 0 }, body: { accept: true } });
    expect(await openTasks(server)).toMatchObject([{ due: '2026-11-30' }]);
  });

  test('what the first task has not yet is filled from the second, a new project’s field too', async () => {
    const project = { name: 'Loans in', fields: [{ name: 'Lender', kind: 'text' as const }] };
    await server.ask(contract.addProject, { body: project });
    await server.send({ raw: original() });
    await settled(server, 1);
    await goLive(server, {
      name: 'Loans',
      read: [
        { field: 'Lender', from: [{ kind: 'fixed', value: 'Northcape' }] },
        { field: 'tags', from: [{ kind: 'fixed', value: ['loan'] }] },
        { field: 'title', from: [{ kind: 'fixed', value: 'Another title' }] },
      ],
      route: [{ project: 'Loans in' }],
    });
    const [before] = await openTasks(server);
    await server.send({ raw: forward });
    const [second] = (await settled(server, 2)).items;
    const params = { id: second?.id ?? 0 };
    await server.ask(contract.settleAgain, { params, body: { how: 'add to the first' } });
    const [task] = await openTasks(server);
    expect(task).toMatchObject({
      title: before?.title,
      project: { name: 'Loans in' },
      tags: ['loan'],
      fields: { Lender: 'Northcape' },
      evidence: { Lender: { by: 'rule', ruleName: 'Loans' } },
    });
    await expect(server.ask(contract.settleAgain, { params, body: { how: 'make its own' } })).rejects.toThrow(
      'settled already',
    );
  });

  test('a reminder of the same words a week later is another', async () => {
    await server.send({ raw: original() });
    await settled(server, 1);
    await server.send({ raw: original().replace('24 Nov', '17 Nov').replace('form-1', 'form-2') });
    await settled(server, 2);
    expect(await tasksOf(server)).toHaveLength(2);
  });

  test('or its own is made, at once where the rule says so', async () => {
    await server.send({ raw: original() });
    await settled(server, 1);
    await server.send({ raw: forward });
    const [second] = (await settled(server, 2)).items;
    const params = { id: second?.id ?? 0 };
    await server.ask(contract.settleAgain, { params, body: { how: 'make its own' } });
    expect(await tasksOf(server)).toHaveLength(2);
    await goLive(server, { name: 'Each of them', again: 'make' });
    await server.send({ raw: forward.replace('Urgent', 'Very urgent').replace('fwd-1', 'fwd-2') });
    expect((await settled(server, 3)).items[0]).toMatchObject({ outcome: { kind: 'tasks' } });
  });
});

describe('by hand', () => {
  test('a rule that takes the message is shown as the task that it would make, and makes it when told to', async () => {
    const { id: byHand } = await goLive(server, {
      name: 'Call back',
      start: { kind: 'hand' },
      read: [{ field: 'title', otherwise: 'Call back' }],
    });
    await goLive(server, {
      name: 'Only loans',
      start: { kind: 'hand' },
      when: { all: [{ kind: 'words', in: ['subject'], words: ['loan'] }] },
    });
    await goLive(server, { name: 'Takes all', makes: { kind: 'nothing' } });
    await server.send({ subject: 'Your call' });
    const [arrival] = (await settled(server, 1)).items;
    const params = { id: arrival?.id ?? 0 };
    const { byHand: shown } = await server.ask(contract.listPossible, { params });
    expect(shown).toMatchObject([{ name: 'Call back', tasks: [{ fields: { title: 'Call back' } }] }]);
    const after = await server.ask(contract.startByHand, { params, body: { ruleId: byHand } });
    expect(after).toMatchObject({ outcome: { kind: 'tasks' }, tasks: [{ title: 'Call back' }] });
    // Pressed twice it is there once.
    await server.ask(contract.startByHand, { params, body: { ruleId: byHand } });
    expect(await tasksOf(server)).toHaveLength(1);
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
    const proposals = (await server.ask(contract.listProposals, { query: { task: id } })).items;
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
    expect((await server.ask(contract.listProposals, { query: { task: id } })).items).toEqual([]);
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

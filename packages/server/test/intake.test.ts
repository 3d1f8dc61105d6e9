import * as contract from '@hatband/contract';
import { Policy } from '@hatband/core/intake';
import type { z } from 'zod';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { settled, startTestServer, type TestServer } from './testServer.ts';

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

  test('is renewed once, and a change of what changed meanwhile is refused', async () => {
    const { id, revision, policy } = await inbox();
    await treat({ perDay: 5 });
    await expect(
      server.ask(contract.saveAddress, { params: { id }, revision, body: { policy, plusWord: null } }),
    ).rejects.toThrow('changed elsewhere meanwhile');
    await server.ask(contract.renewAddress, { params: { id }, body: { graceDays: 0 } });
    expect((await inbox()).policy.perDay).toBe(5);
    await expect(
      server.ask(contract.renewAddress, { params: { id }, body: { graceDays: 0 } }),
    ).rejects.toThrow('renewed already');
  });

  test('has a plus-word of its own', async () => {
    const { policy } = await treat({});
    const save = async (name: string, plusWord: string) => {
      const { id } = await server.ask(contract.addProject, { body: { name } });
      const { items } = await server.ask(contract.listAddresses);
      const of = items.find(({ target }) => target.kind === 'project' && target.id === id);
      const params = { id: of?.id ?? 0 };
      await server.ask(contract.saveAddress, {
        params,
        revision: of?.revision ?? 0,
        body: { policy, plusWord },
      });
    };
    await save('Loans in', 'loans');
    await expect(save('Loans out', 'Loans')).rejects.toThrow('+loans means another address already.');
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

  test('what is dropped is taken without an arrival; paused and renewed addresses say so', async () => {
    await treat({ ...onlyNorthcape, failures: { 'unwelcome sender': 'drop' } });
    const { id, address } = await inbox();
    const { token } = await server.ask(contract.makeToken, { params: { id } });
    const dropped = await hand(address, token);
    expect(contract.HandedIn.parse(await dropped.json())).toMatchObject({ arrivalId: null });
    await server.ask(contract.pauseAddress, { params: { id }, body: { paused: true } });
    expect((await hand(address, token)).status).toBe(503);
    await server.ask(contract.renewAddress, { params: { id }, body: { graceDays: 0 } });
    const answer = await hand(address, token);
    expect(answer.status).toBe(409);
    expect(await answer.text()).toContain('This address was renewed.');
  });
});

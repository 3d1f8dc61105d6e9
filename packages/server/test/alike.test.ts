import * as contract from '@hatband/contract';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { settled, startTestServer, until, type TestServer } from './testServer.ts';
import { amount } from '../../../scripts/testAmount.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

const ME = 'ines.tavare@saltmarsh.example';
const WORDS =
  'Please return the signed form for the tide dial by 3 December, and tell us who will collect it.';

interface Letter {
  /** Who sends it on; without one the writer sent it himself. */
  by?: string;
  note?: string;
  subject?: string;
  words?: string;
  sent?: string;
  id: string;
  attachment?: { name: string; content: string };
}

function mail({ by, note = '', subject = 'The form', words = WORDS, id, attachment, sent }: Letter): string {
  const date = sent ?? 'Tue, 24 Nov 2026 10:00:00 +0000';
  const text = by
    ? `${note === '' ? '' : `${note}\r\n\r\n`}---------- Forwarded message ----------\r\nFrom: Orla <orla@northcape.example>\r\nDate: ${date}\r\nSubject: ${subject}\r\nTo: ${ME}\r\n\r\n${words}\r\n`
    : `${words}\r\n`;
  const head = `From: ${by ?? 'Orla <orla@northcape.example>'}\r\nDate: ${by ? 'Tue, 24 Nov 2026 11:00:00 +0000' : date}\r\nSubject: ${by ? `Fwd: ${subject}` : subject}\r\nMessage-ID: <${id}>\r\n`;
  if (!attachment) return `${head}\r\n${text}`;
  return `${head}Content-Type: multipart/mixed; boundary=b\r\n\r\n--b\r\n\r\n${text}\r\n--b\r\nContent-Type: application/pdf; name="${attachment.name}"\r\nContent-Disposition: attachment; filename="${attachment.name}"\r\n\r\n${attachment.content}\r\n--b--\r\n`;
}

const becomes = async (...letters: Letter[]) => {
  for (const [i, letter] of letters.entries()) {
    await server.send({ raw: mail(letter) });
    await settled(server, i + 1);
  }
  const { items } = await server.ask(contract.listArrivals);
  return items.toReversed().map(({ outcome, tasks }) => [outcome.kind, tasks.length]);
};

const TASK = ['unclaimed', 1];

describe('each gets its task', () => {
  test.each<[string, Letter[]]>([
    [
      'two colleagues who forward one letter, each with a request',
      [
        { by: 'ann@saltmarsh.example', note: 'Please send the loan form by 4 December.', id: 'a@x.example' },
        {
          by: 'bo@saltmarsh.example',
          note: 'Could you book a courier by 9 December?',
          id: 'b@x.example',
        },
      ],
    ],
    [
      'four jobs that failed with one body within 90 seconds',
      ['A', 'B', 'C', 'D'].map((job, i) => ({
        subject: `Job ${job} failed`,
        words: 'The job ended with status 1. Look at the log and start it again, please.',
        sent: `Tue, 24 Nov 2026 10:0${Math.floor(i / 2)}:${i % 2 ? '30' : '00'} +0000`,
        id: `job-${job}@x.example`,
      })),
    ],
    [
      'two scans with one body',
      [1, 2].map((n) => ({
        subject: 'Scan',
        words: 'A document was scanned for you; please file it with the others of this week.',
        attachment: { name: `scan${n}.pdf`, content: `PDF ${n}` },
        id: `scan-${n}@x.example`,
      })),
    ],
    [
      'two scans of one name and one Message-ID',
      [1, 2].map((n) => ({
        words: 'A document was scanned for you; please file it with the others of this week.',
        attachment: { name: 'scan.pdf', content: `PDF ${n}` },
        id: `scan@x.example`,
      })),
    ],
    [
      'the genuine letter behind a stranger’s forged forward',
      [
        { by: 'mallory@elsewhere.example', id: 'm@elsewhere.example' },
        { by: ME, id: 'g@x.example' },
      ],
    ],
    [
      'a letter of its writer behind a forged forward with other orders',
      [
        {
          by: 'mallory@elsewhere.example',
          note: 'No need to do it any more.',
          id: 'm@elsewhere.example',
        },
        { id: 'o@x.example' },
      ],
    ],
    [
      'a letter, and its forward with a figure that differs',
      [
        { words: `${WORDS} The fee is 1.50.`, id: 'o@x.example' },
        { by: ME, words: `${WORDS} The fee is 150.`, id: 'f@x.example' },
      ],
    ],
    [
      'a letter once more with its day moved, at the same way in',
      [{ id: 'o@x.example' }, { id: 'p@x.example', sent: 'Tue, 24 Nov 2026 10:01:00 +0000' }],
    ],
  ])('%s', async (_, letters) => {
    expect(await becomes(...letters)).toEqual(letters.map(() => TASK));
  });

  const MAILS = amount(150, 2000);
  test(`${MAILS} made-up mails that are alike`, async () => {
    const pick = <T>(of: readonly T[], n: number): T => of[n % of.length] as T;
    const letters = Array.from({ length: MAILS }, (_, n): Letter => {
      const by = pick([undefined, ME, 'ann@saltmarsh.example', 'mallory@elsewhere.example'], n);
      return {
        ...(by === undefined ? {} : { by }),
        id: `alike-${n}@x.example`,
        note: pick(['', 'Please do this today.', 'For the board.'], Math.floor(n / 4)),
        subject: pick(['The form', 'The form, again', `Case ${n}`], Math.floor(n / 12)),
        words: pick([WORDS, WORDS.replace('3', '4'), `${WORDS}\r\n\r\nCase ${n % 7}`], Math.floor(n / 36)),
        sent: pick(
          ['Tue, 24 Nov 2026 10:00:00 +0000', 'Tue, 24 Nov 2026 10:01:00 +0000'],
          Math.floor(n / 108),
        ),
        ...(n % 5 < 2 ? { attachment: { name: `scan${n % 3}.pdf`, content: `PDF ${n % 50}` } } : {}),
      };
    });
    const left = [...letters];
    const sending = async () => {
      for (let letter = left.shift(); letter; letter = left.shift()) await server.send({ raw: mail(letter) });
    };
    await Promise.all(Array.from({ length: 8 }, sending));
    await until(
      () => server.ask(contract.countArrivals),
      (counts) => counts.waiting === 0 && Object.values(counts).reduce((sum, n) => sum + n, 0) === MAILS,
    );
    const { read } = server.store;
    const without = await read('arrivals').whereNotIn('id', read('tasks').select('arrival_id'));
    expect(without.map(({ subject }) => subject)).toEqual([]);
  });
});

describe('the same message by another way', () => {
  let project: string;
  beforeEach(async () => {
    await server.ask(contract.addProject, { body: { name: 'Loans in' } });
    const { items } = await server.ask(contract.listAddresses);
    project = items.find(({ target }) => target.kind === 'project')?.address ?? '';
  });

  const second = async (letter: Letter, first: Letter = { id: 'o@northcape.example' }) => {
    await server.send({ raw: mail(first) });
    await settled(server, 1);
    await server.send({ to: project, raw: mail(letter) });
    const [arrival] = (await settled(server, 2)).items;
    if (!arrival) throw new Error('nothing arrived');
    const { before } = await server.ask(contract.getArrival, { params: { id: arrival.id } });
    return { kind: arrival.outcome.kind, tasks: arrival.tasks.length, offered: before?.tasks.length ?? 0 };
  };

  test('gets no second task, where nothing was written above it', async () => {
    expect(await second({ by: ME, id: 'f@x.example' })).toEqual({ kind: 'again', tasks: 0, offered: 1 });
  });

  test('gets its own where something was, and the merge is offered', async () => {
    expect(await second({ by: ME, note: 'Today, please.', id: 'f@x.example' })).toEqual({
      kind: 'unclaimed',
      tasks: 1,
      offered: 1,
    });
  });

  test.each<[string, Letter]>([
    ['another subject', { by: ME, subject: 'The other form', id: 'f@x.example' }],
    ['an attachment', { by: ME, attachment: { name: 'a.pdf', content: 'A' }, id: 'f@x.example' }],
    ['a stranger who sends it on', { by: 'mallory@elsewhere.example', id: 'f@x.example' }],
  ])('gets its own for %s, and the merge is offered', async (_, letter) => {
    expect(await second(letter)).toEqual({ kind: 'unclaimed', tasks: 1, offered: 1 });
  });

  test('another Message-ID is another message, and nothing is offered', async () => {
    expect(await second({ id: 'other@northcape.example' })).toEqual({
      kind: 'unclaimed',
      tasks: 1,
      offered: 0,
    });
  });
});

test('what a sender sent before he was blocked and let in again does not stand for what he sends now', async () => {
  const [address] = (await server.ask(contract.listAddresses)).items;
  const { id = 0, revision = 0, policy } = address ?? {};
  const senders = { kind: 'these', who: [ME] } as const;
  const put = (next: object, seen: number) =>
    server.ask(contract.saveAddress, {
      params: { id },
      body: { policy: { ...policy, ...next }, plusWord: null },
      revision: seen,
    });
  await put({ senders }, revision);
  await server.send({ raw: mail({ id: 'o@x.example' }) });
  const [held] = (await settled(server, 1)).items;
  await server.ask(contract.blockSender, { params: { id: held?.id ?? 0 } });
  const now = (await server.ask(contract.listAddresses)).items.find((each) => each.id === id);
  await put({ senders: { kind: 'anyone' }, blocked: [] }, now?.revision ?? 0);
  await server.send({ raw: `X-Way: another\r\n${mail({ id: 'o@x.example' })}` });
  await server.send({ raw: mail({ id: 'o@x.example' }) });
  const { items } = await settled(server, 2);
  expect(items.filter(({ tasks }) => tasks.length > 0)).toHaveLength(1);
});

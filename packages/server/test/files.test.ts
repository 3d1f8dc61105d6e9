import * as contract from '@hatband/contract';
import { execFileSync } from 'node:child_process';
import { mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { newFolder, settled, startTestServer, until, type TestServer } from './testServer.ts';
import { amount } from '../../../scripts/testAmount.ts';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.end());

async function drop(name: string, body: Uint8Array) {
  const query = new URLSearchParams({ name });
  const answer = await fetch(`http://127.0.0.1:${server.port}${contract.importPath}?${query.toString()}`, {
    method: 'POST',
    body: Buffer.from(body),
  });
  const { id } = contract.Import.parse(await answer.json());
  const { items } = await until(
    () => server.ask(contract.listImports),
    (all) => all.items.find((each) => each.id === id)?.state !== 'running',
  );
  const done = items.find((each) => each.id === id);
  const results = await server.ask(contract.listImportItems, { params: { id } });
  return { ...done, items: results.items };
}

const mail = (subject: string) =>
  `From: orla@northcape.example\r\nSubject: ${subject}\r\n\r\nPlease send it by 3 December.\r\n`;

const mbox = (subjects: readonly string[]) =>
  Buffer.from(
    subjects
      .map(
        (s) =>
          `From orla@northcape.example Tue Nov 24 10:00:00 2026\n${mail(s).replaceAll('\r\n', '\n')}>From now on.\n\n`,
      )
      .join(''),
  );

/** Made by another program than the one that reads it. */
async function zipped(files: Record<string, Buffer>): Promise<Buffer> {
  const folder = await newFolder();
  await mkdir(path.join(folder, 'in'));
  for (const [name, bytes] of Object.entries(files)) await writeFile(path.join(folder, 'in', name), bytes);
  execFileSync('python3', ['-m', 'zipfile', '-c', path.join(folder, 'all.zip'), path.join(folder, 'in')]);
  const zip = await readFile(path.join(folder, 'all.zip'));
  await rm(folder, { recursive: true, force: true });
  return zip;
}

const inOrder = <T>(lines: readonly T[]) => lines.toSorted((a, b) => (String(a) < String(b) ? -1 : 1));

test('a message, an mbox and a zip of them come in, each message with its result', async () => {
  expect(await drop('one.eml', Buffer.from(mail('One')))).toMatchObject({
    state: 'done',
    counts: { new: 1, known: 0, refused: 0 },
  });
  expect((await drop('some.mbox', mbox(['Two', 'Three']))).items).toMatchObject([
    { n: 1, name: 'some.mbox #1', result: 'new' },
    { n: 2, name: 'some.mbox #2', result: 'new' },
  ]);
  const zip = await zipped({
    'a.eml': Buffer.from(mail('One')),
    'b.mbox': mbox(['Four', 'Five']),
    'c.txt': Buffer.from('This is no message at all.'),
  });
  const result = await drop('all.zip', zip);
  expect(inOrder(result.items.map(({ name, result: what, words }) => [name, what, words]))).toEqual([
    ['a.eml', 'known', null],
    ['b.mbox #1', 'new', null],
    ['b.mbox #2', 'new', null],
    ['c.txt', 'refused', 'This is no message: it does not begin with a header.'],
  ]);
  const { items } = await settled(server, 5);
  expect(inOrder(items.map(({ subject, source }) => [subject, source]))).toEqual(
    ['Five', 'Four', 'One', 'Three', 'Two'].map((subject) => [subject, 'file']),
  );
  expect(items.find(({ subject }) => subject === 'One')?.deliveries).toBe(2);
});

test.each([
  ['nothing.mbox', Buffer.from(''), 'failed'],
  ['broken.zip', Buffer.from('PK\u0003\u0004 and then nothing that is one'), 'failed'],
])('%s fails in words and does no harm', async (name, bytes, state) => {
  const result = await drop(name, bytes);
  expect(result.state === state || result.items.every((item) => item.result === 'refused')).toBe(true);
  expect(result.problem ?? result.items[0]?.words).toMatch(/\w+/);
  await server.send({ subject: 'Still there' });
  await settled(server, 1);
});

test('what an archive should not hold is told, each by its name, and the rest comes in', async () => {
  const inner = await zipped({ 'x.eml': Buffer.from(mail('Too deep')) });
  const large = Buffer.from(`${mail('Too large')}${'All about tides.\r\n'.repeat(1_500_000)}`);
  const zip = await zipped({
    'a.eml': Buffer.from(mail('Before')),
    'b.zip': inner,
    'c.eml': large,
    'd.eml': Buffer.from(mail('Spoilt')),
    'e.eml': Buffer.from(mail('Locked')),
    'f.eml': Buffer.from(mail('After')),
  });
  spoil(zip, 'in/d.eml');
  lock(zip, 'in/e.eml');
  const { items } = await drop('odd.zip', zip);
  expect(items.map(({ name, result, words }) => [name, result, words?.split(':')[0] ?? null])).toEqual([
    ['a.eml', 'new', null],
    ['b.zip', 'refused', 'An archive within an archive is not looked into.'],
    ['c.eml', 'refused', 'It is larger than 25 MB.'],
    ['d.eml', 'refused', 'It could not be unpacked'],
    ['e.eml', 'refused', 'It is encrypted.'],
    ['f.eml', 'new', null],
  ]);
  expect((await settled(server, 2)).items).toHaveLength(2);
});

test('a name that leads out of an archive spoils its own entry only', async () => {
  const script = `import zipfile, sys
with zipfile.ZipFile(sys.argv[1], 'w') as z:
    for name in ['a.eml', '../out.eml', '/etc/out.eml', 'C:\\\\out.eml', 'b.eml']: z.writestr(name, sys.argv[2] + name)`;
  const folder = await newFolder();
  const file = path.join(folder, 'paths.zip');
  execFileSync('python3', ['-c', script, file, 'From: a@b.example\r\nSubject: x\r\n\r\n']);
  const { items } = await drop('paths.zip', await readFile(file));
  expect(items.map(({ result, words }) => [result, words])).toEqual([
    ['new', null],
    ['refused', 'Its name leads out of the archive.'],
    ['refused', 'Its name leads out of the archive.'],
    ['refused', 'Its name leads out of the archive.'],
    ['new', null],
  ]);
  await rm(folder, { recursive: true, force: true });
});

test('an endless line, and a message without an end, hold up nothing beside them', async () => {
  const endless = Buffer.concat([
    mbox(['Before']),
    Buffer.from('From a@b.example Tue Nov 24 10:00:00 2026\nFrom: a@b.example\nSubject: Endless\n\n'),
    Buffer.alloc(40 * 1024 * 1024, 120),
    Buffer.from('\n\n'),
    mbox(['After']),
  ]);
  const [long, short] = await Promise.all([
    drop('endless.mbox', endless),
    drop('short.mbox', mbox(['Beside'])),
  ]);
  expect(short.counts).toMatchObject({ new: 1 });
  expect(long.items.map(({ result, words }) => [result, words])).toEqual([
    ['new', null],
    ['refused', 'It is larger than 25 MB.'],
    ['new', null],
  ]);
});

test('an import that is cancelled keeps what it has brought in and ends', async () => {
  const subjects = Array.from({ length: 5000 }, (_, i) => `Number ${i}`);
  const dropping = drop('many.mbox', mbox(subjects));
  const { items } = await until(
    () => server.ask(contract.listImports),
    (all) => (all.items[0]?.counts.new ?? 0) > 0,
  );
  await server.ask(contract.cancelImport, { params: { id: items[0]?.id ?? 0 } });
  const { state, counts } = await dropping;
  expect(state).toBe('cancelled');
  expect(await server.store.read('arrivals').count({ n: '*' }).first()).toEqual({ n: counts?.new });
  await expect(server.ask(contract.cancelImport, { params: { id: items[0]?.id ?? 0 } })).rejects.toThrow(
    'through already',
  );
});

/** Spoils the first packed bytes of an entry (APPNOTE 4.3.7: its name ends 30 bytes and itself behind the header). */
function spoil(zip: Buffer, name: string): void {
  zip.fill(0xff, zip.indexOf(name) + name.length, zip.indexOf(name) + name.length + 12);
}

/** Says that an entry is encrypted (APPNOTE 4.4.4), where the archive lists it. */
function lock(zip: Buffer, name: string): void {
  const listed = zip.lastIndexOf(name) - 46;
  zip.writeUInt16LE(zip.readUInt16LE(listed + 8) | 1, listed + 8);
}

test('a name with a way in it is a name only', async () => {
  expect((await drop('../../etc/<b>x</b>.eml', Buffer.from(mail('Odd')))).name).toBe('b>.eml');
});

test('an import that was broken off by the end of the process is told', async () => {
  const { folder } = server;
  await server.store.write((trx) =>
    trx('imports').insert({
      address_id: 1,
      name: 'x.mbox',
      state: 'running',
      size: 1,
      begun_at: '2026-11-24',
    }),
  );
  await server.stop();
  server = await startTestServer({}, folder);
  expect((await server.ask(contract.listImports)).items).toMatchObject([
    { state: 'failed', problem: 'Hatband was stopped meanwhile; drop the file once more.' },
  ]);
});

const MESSAGES = amount(600, 10_000);
test(`${MESSAGES} messages come in while the page is answered`, async () => {
  const subjects = Array.from({ length: MESSAGES }, (_, i) => `Number ${i}`);
  const dropping = drop('many.mbox', mbox(subjects));
  const state = { answered: 0, isOver: false };
  void dropping.finally(() => (state.isOver = true));
  while (!state.isOver) {
    await server.ask(contract.listArrivals, { query: { limit: 60 } });
    state.answered += 1;
  }
  expect((await dropping).counts).toEqual({ new: MESSAGES, known: 0, refused: 0 });
  expect(state.answered).toBeGreaterThan(5);
  const stored = await server.store.read('arrivals').count({ n: '*' }).first();
  expect(stored).toEqual({ n: MESSAGES });
}, 600_000);

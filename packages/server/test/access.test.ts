import { request } from 'node:http';
import { afterEach, expect, test } from 'vitest';
import { readConfig } from '../src/config.ts';
import { newFolder, settings, startTestServer, until, type TestServer } from './testServer.ts';

let server: TestServer | null = null;
afterEach(async () => {
  await server?.end();
  server = null;
});

const PASSPHRASE = 'lanterns at low tide';

interface Answer {
  status: number;
  cookie: string;
  /** All that were set, as a browser sends them back. */
  cookies: string;
  cache: string;
  body: string;
}

/** As a browser asks, or somebody who pretends to be one. */
function ask(path: string, headers: Record<string, string> = {}, method = 'GET', body = ''): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const asked = request(
      {
        port: server?.port,
        host: '127.0.0.1',
        path,
        method,
        headers: { 'Content-Type': 'application/json', ...headers },
      },
      (response) => {
        let text = '';
        response.on('data', (data: Buffer) => (text += data.toString()));
        response.on('end', () => {
          resolve({
            status: response.statusCode ?? 0,
            cookie: response.headers['set-cookie']?.[0] ?? '',
            cookies: (response.headers['set-cookie'] ?? [])
              .map((each) => each.split(';')[0] ?? '')
              .join('; '),
            cache: response.headers['cache-control'] ?? '',
            body: text,
          });
        });
      },
    );
    asked.on('error', reject).end(body);
  });
}

const signIn = (passphrase: string) => ask('/api/session', {}, 'POST', JSON.stringify({ passphrase }));
const cookieOf = ({ cookie }: Answer) => cookie.split(';')[0] ?? '';

async function start(more: Record<string, string> = {}, folder?: string) {
  server = await startTestServer({}, folder, more);
}

test('on this machine alone nobody has to sign in', async () => {
  await start();
  expect(JSON.parse((await ask('/api/session')).body)).toEqual({ needsPassphrase: false, signedIn: true });
});

test('with a passphrase nothing is told without a session', async () => {
  await start({ HATBAND_PASSPHRASE: PASSPHRASE });
  for (const path of [
    '/api/arrivals',
    '/api/arrivals/1/raw',
    '/api/events',
    '/api/rules',
    '/api/addresses/1/vcard',
    '/api/imports',
  ])
    expect([path, (await ask(path)).status]).toEqual([path, 401]);
  expect((await ask('/api/imports?name=x', {}, 'POST', 'From: x')).status).toBe(401);
  expect((await signIn('wrong')).status).toBe(401);
  const first = await signIn(PASSPHRASE);
  expect(first.cookie).toMatch(/; HttpOnly; SameSite=Strict$/);
  expect((await ask('/api/arrivals', { Cookie: cookieOf(first) })).status).toBe(200);
  const second = await signIn(PASSPHRASE);
  await ask('/api/session', { Cookie: cookieOf(first) }, 'DELETE');
  expect((await ask('/api/arrivals', { Cookie: cookieOf(first) })).status).toBe(401);
  expect((await ask('/api/arrivals', { Cookie: cookieOf(second) })).status).toBe(200);
  const third = await signIn(PASSPHRASE);
  await ask('/api/session?everywhere=yes', { Cookie: cookieOf(third) }, 'DELETE');
  expect((await ask('/api/arrivals', { Cookie: cookieOf(second) })).status).toBe(401);
});

test('who guesses is stopped after ten tries', async () => {
  await start({ HATBAND_PASSPHRASE: PASSPHRASE });
  const statuses: number[] = [];
  for (let i = 0; i < 12; i += 1) statuses.push((await signIn(`guess ${i}`)).status);
  expect(statuses).toEqual([...Array<number>(10).fill(401), 429, 429]);
  expect((await signIn(PASSPHRASE)).status).toBe(429);
});

test('who guesses from the same address does not lock out a browser that has signed in before', async () => {
  await start({ HATBAND_PASSPHRASE: PASSPHRASE });
  const { cookies } = await signIn(PASSPHRASE);
  for (let i = 0; i < 12; i += 1) await signIn(`guess ${i}`);
  expect((await signIn(PASSPHRASE)).status).toBe(429);
  const owner = await ask(
    '/api/session',
    { Cookie: cookies },
    'POST',
    JSON.stringify({ passphrase: PASSPHRASE }),
  );
  expect(owner.status).toBe(200);
  const forged = { Cookie: 'hatband-known=AAAA' };
  expect((await ask('/api/session', forged, 'POST', JSON.stringify({ passphrase: PASSPHRASE }))).status).toBe(
    429,
  );
});

test('behind a proxy that is trusted visitors are told apart, and the cookie goes over TLS only', async () => {
  await start({ HATBAND_PASSPHRASE: PASSPHRASE, HATBAND_PROXIES: '127.0.0.1' });
  const from = (visitor: string, passphrase: string) =>
    ask(
      '/api/session',
      { 'X-Forwarded-For': visitor, 'X-Forwarded-Proto': 'https' },
      'POST',
      JSON.stringify({ passphrase }),
    );
  for (let i = 0; i < 11; i += 1) await from('192.0.2.1', `guess ${i}`);
  expect((await from('192.0.2.1', PASSPHRASE)).status).toBe(429);
  const other = await from('192.0.2.2', PASSPHRASE);
  expect(other.status).toBe(200);
  expect(other.cookie).toMatch(/; Secure/);
});

test('nothing of the interface is kept by a cache', async () => {
  await start();
  for (const path of ['/api/session', '/api/arrivals', '/api/rules.json', '/api/nothing'])
    expect([path, (await ask(path)).cache]).toEqual([path, 'no-store']);
});

test('a stream of events ends with the session that it was opened in', async () => {
  await start({ HATBAND_PASSPHRASE: PASSPHRASE });
  const [one, two] = [cookieOf(await signIn(PASSPHRASE)), cookieOf(await signIn(PASSPHRASE))];
  const ended: string[] = [];
  const openAnd = async (cookie: string, opened: () => void) => {
    const response = await fetch(`http://127.0.0.1:${server?.port ?? 0}/api/events`, {
      headers: { Cookie: cookie },
    });
    opened();
    await response.text().catch(() => undefined);
    ended.push(cookie);
  };
  await Promise.all([one, two].map((cookie) => new Promise<void>((opened) => void openAnd(cookie, opened))));
  await ask('/api/session', { Cookie: one }, 'DELETE');
  await until(
    () => Promise.resolve(ended),
    (all) => all.length > 0,
  );
  expect(ended).toEqual([one]);
});

test('another passphrase ends all sessions, the same keeps them', async () => {
  const folder = await newFolder();
  await start({ HATBAND_PASSPHRASE: PASSPHRASE }, folder);
  const cookie = cookieOf(await signIn(PASSPHRASE));
  await server?.stop();
  await start({ HATBAND_PASSPHRASE: PASSPHRASE }, folder);
  expect((await ask('/api/arrivals', { Cookie: cookie })).status).toBe(200);
  await server?.stop();
  await start({ HATBAND_PASSPHRASE: `${PASSPHRASE}!` }, folder);
  expect((await ask('/api/arrivals', { Cookie: cookie })).status).toBe(401);
});

test('a page that others can reach has to have a passphrase', async () => {
  const folder = await newFolder();
  expect(() => readConfig({ ...settings(folder), HATBAND_HOST: '0.0.0.0' })).toThrow(
    'The page can be reached from other machines at 0.0.0.0, so it needs a passphrase: set HATBAND_PASSPHRASE.',
  );
});

test.each([
  ['a foreign name', { Host: 'evil.example' }, 403],
  ['a name that stands for this machine', { Host: '127.0.0.1.evil.example' }, 403],
  ['a foreign page', { Origin: 'http://evil.example' }, 403],
  ['a page of another port', { Origin: 'http://127.0.0.1:1' }, 403],
  ['no page at all', { Origin: 'null' }, 403],
  ['a name that was given to it', { Host: 'desk.quay.test' }, 200],
])('asked for under %s', async (_, headers, status) => {
  await start({ HATBAND_NAMES: 'desk.quay.test' });
  expect((await ask('/api/session', headers)).status).toBe(status);
});

test('a session ends after thirty days', async () => {
  const folder = await newFolder();
  await start({ HATBAND_PASSPHRASE: PASSPHRASE }, folder);
  const cookie = cookieOf(await signIn(PASSPHRASE));
  const statusAt = async (now: string) => {
    await server?.stop();
    await start({ HATBAND_PASSPHRASE: PASSPHRASE, HATBAND_NOW: now }, folder);
    return (await ask('/api/arrivals', { Cookie: cookie })).status;
  };
  expect(await statusAt('2026-12-24T14:00:00Z')).toBe(200);
  expect(await statusAt('2026-12-24T14:11:00Z')).toBe(401);
});

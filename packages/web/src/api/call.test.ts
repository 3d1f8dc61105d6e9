import { endpoint } from '@hatband/contract';
import { afterEach, expect, test, vi } from 'vitest';
import { z } from 'zod';
import { call, ProblemError } from './call.ts';

const save = endpoint({
  method: 'put',
  path: '/api/things/:id',
  params: z.object({ id: z.string() }),
  query: z.object({ part: z.string().optional() }),
  body: z.object({ name: z.string() }),
  revision: true,
  answer: z.object({ name: z.string() }),
});

const answering = (status: number, body: unknown) => {
  const fetched = vi.fn(() => Promise.resolve(new Response(JSON.stringify(body), { status })));
  vi.stubGlobal('fetch', fetched);
  return fetched;
};
afterEach(() => {
  vi.unstubAllGlobals();
});

test('a call names what it was made for: path, query, body and the revision that was seen', async () => {
  const fetched = answering(200, { name: 'b' });
  const asked = { params: { id: 'a/b' }, query: { part: 'x y' }, body: { name: 'b' }, revision: 3 };
  expect(await call(save, asked)).toEqual({ name: 'b' });
  expect(fetched.mock.calls).toEqual([
    [
      '/api/things/a%2Fb?part=x+y',
      {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json', 'If-Match': '"3"' },
        body: '{"name":"b"}',
      },
    ],
  ]);
});

test('a refusal comes in the words of the server', async () => {
  answering(409, { type: 'about:blank', title: 'Stale', status: 409, detail: 'It was changed elsewhere.' });
  const refused = call(save, { params: { id: 'a' }, body: { name: 'b' } });
  await expect(refused).rejects.toThrow('It was changed elsewhere.');
  await expect(refused).rejects.toBeInstanceOf(ProblemError);
});

test('an answer that is not as the contract says is no answer', async () => {
  answering(200, { name: 7 });
  await expect(call(save, { params: { id: 'a' }, body: { name: 'b' } })).rejects.toThrow();
});

test('a server that is away is said to be', async () => {
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
  await expect(call(save, { params: { id: 'a' }, body: { name: 'b' } })).rejects.toThrow(
    'Hatband does not answer. Is it still running?',
  );
});

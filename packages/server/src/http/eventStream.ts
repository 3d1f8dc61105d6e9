import type { Request, Response } from 'express';
import type { Access } from '../access/access.ts';
import type { Background } from '../background.ts';
import type { Events } from '../events.ts';
import { tokenOf } from './session.ts';

const KEEP_ALIVE_MS = 25_000;

interface Streaming {
  events: Events;
  access: Access;
  background: Background;
}

/**
 * Server-sent events; a page that comes back names the last one it saw in Last-Event-ID. A stream ends with the session
 * that it was opened in.
 */
export function streamEvents(
  { events, access, background }: Streaming,
  request: Request,
  response: Response,
): void {
  const token = tokenOf(request);
  response.writeHead(200, { 'Content-Type': 'text/event-stream', Connection: 'keep-alive' });
  response.write('retry: 1000\n\n');
  const seen = Number(request.get('Last-Event-ID') ?? Number.NaN);
  const stop = events.subscribe(Number.isSafeInteger(seen) ? seen : null, (changes) => {
    response.write(`id: ${String(changes.at(-1)?.seq ?? 0)}\ndata: ${JSON.stringify(changes)}\n\n`);
  });
  const end = () => response.end();
  const forget = access.onEnd(token, end);
  const keepAlive = setInterval(() => {
    response.write(': \n\n');
    background('looking after a session', async () => {
      if (!(await access.isSignedIn(token))) end();
    });
  }, KEEP_ALIVE_MS);
  response.on('close', () => {
    clearInterval(keepAlive);
    forget();
    stop();
  });
}

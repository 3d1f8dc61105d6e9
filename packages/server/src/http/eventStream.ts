import type { Request, Response } from 'express';
import type { Events } from '../events.ts';

const KEEP_ALIVE_MS = 25_000;

/** Server-sent events; a page that comes back names the last one it saw in Last-Event-ID. */
export function streamEvents(events: Events, request: Request, response: Response): void {
  response.writeHead(200, {
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-store',
    Connection: 'keep-alive',
  });
  response.write('retry: 1000\n\n');
  const seen = Number(request.get('Last-Event-ID') ?? Number.NaN);
  const stop = events.subscribe(Number.isSafeInteger(seen) ? seen : null, (changes) => {
    response.write(`id: ${String(changes.at(-1)?.seq ?? 0)}\ndata: ${JSON.stringify(changes)}\n\n`);
  });
  const keepAlive = setInterval(() => response.write(': \n\n'), KEEP_ALIVE_MS);
  request.on('close', () => {
    clearInterval(keepAlive);
    stop();
  });
}

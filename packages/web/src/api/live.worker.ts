import { ChangeEvents, eventsPath } from '@hatband/contract';
import type { LiveNews } from './liveNews.ts';

/** Shared by all tabs of a browser, which opens few connections to one server: one stream of events for all of them. */
declare const self: { onconnect: ((event: MessageEvent) => void) | null };

const RETRY_MS = 2000;
const ports = new Set<MessagePort>();
let source: EventSource | null = null;
let listening = false;
let retry: ReturnType<typeof setTimeout> | undefined;

const tell = (news: LiveNews) => {
  for (const port of ports) port.postMessage(news);
};

function open(): void {
  clearTimeout(retry);
  if (source !== null && source.readyState !== EventSource.CLOSED) return;
  source = new EventSource(eventsPath);
  source.onopen = () => {
    listening = true;
    tell({ kind: 'listening' });
  };
  source.onerror = () => {
    listening = false;
    tell({ kind: 'lost' });
    // A refused stream is not tried again by the browser: the page may be about to sign in.
    if (source?.readyState === EventSource.CLOSED) retry = setTimeout(open, RETRY_MS);
  };
  source.onmessage = (message: MessageEvent<string>) => {
    tell({ kind: 'changes', changes: ChangeEvents.parse(JSON.parse(message.data)) });
  };
}

function leave(port: MessagePort): void {
  ports.delete(port);
  if (ports.size > 0) return;
  clearTimeout(retry);
  source?.close();
  source = null;
  listening = false;
}

self.onconnect = ({ ports: [port] }) => {
  if (!port) return;
  port.onmessage = ({ data }: MessageEvent<unknown>) => {
    if (data === 'leave') {
      leave(port);
      return;
    }
    ports.add(port);
    open();
    if (listening) port.postMessage({ kind: 'listening' } satisfies LiveNews);
  };
  port.start();
};

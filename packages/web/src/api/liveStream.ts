import { ChangeEvents, eventsPath } from '@hatband/contract';
import { LiveNews } from './liveNews.ts';

/**
 * Listens to the server's events, all tabs together over one connection; where a browser shares no workers, this page has
 * one of its own. A page that is hidden away leaves, and joins again when it comes back. The answer ends it.
 */
export function listen(onNews: (news: LiveNews) => void): () => void {
  return 'SharedWorker' in window ? listenTogether(onNews) : listenAlone(onNews);
}

function listenTogether(onNews: (news: LiveNews) => void): () => void {
  const { port } = new SharedWorker(new URL('./live.worker.ts', import.meta.url), { type: 'module' });
  port.onmessage = ({ data }: MessageEvent<unknown>) => {
    onNews(LiveNews.parse(data));
  };
  const join = () => {
    port.postMessage('join');
  };
  const leave = () => {
    port.postMessage('leave');
  };
  join();
  return whileShown(join, leave);
}

function listenAlone(onNews: (news: LiveNews) => void): () => void {
  let source: EventSource | null = null;
  const join = () => {
    source = new EventSource(eventsPath);
    source.onopen = () => {
      onNews({ kind: 'listening' });
    };
    source.onerror = () => {
      onNews({ kind: 'lost' });
    };
    source.onmessage = (message: MessageEvent<string>) => {
      onNews({ kind: 'changes', changes: ChangeEvents.parse(JSON.parse(message.data)) });
    };
  };
  const leave = () => source?.close();
  join();
  return whileShown(join, leave);
}

/** A page that the browser keeps for the way back holds no connection meanwhile. */
function whileShown(join: () => void, leave: () => void): () => void {
  const onShow = (event: PageTransitionEvent) => {
    if (event.persisted) join();
  };
  window.addEventListener('pagehide', leave);
  window.addEventListener('pageshow', onShow);
  return () => {
    window.removeEventListener('pagehide', leave);
    window.removeEventListener('pageshow', onShow);
    leave();
  };
}

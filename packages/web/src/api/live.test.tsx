import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { act, render, screen } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import { useLive } from './live.ts';
import type { LiveNews } from './liveNews.ts';
import { RAIL_COUNTS } from './stale.ts';

let tell: (news: LiveNews) => void;
vi.mock('./liveStream.ts', () => ({
  listen: (onNews: (news: LiveNews) => void) => {
    tell = onNews;
    return () => undefined;
  },
}));

const asked = { tasks: 0, settings: 0 };
beforeEach(() => {
  asked.tasks = 0;
  asked.settings = 0;
});

function Part() {
  const listening = useLive();
  useQuery({ queryKey: ['tasks', 'list'], queryFn: () => (asked.tasks += 1) });
  useQuery({ queryKey: ['settings'], queryFn: () => (asked.settings += 1) });
  return <p>{listening ? 'listening' : 'lost'}</p>;
}

async function shown() {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Part />
    </QueryClientProvider>,
  );
  await vi.waitFor(() => {
    expect(asked).toEqual({ tasks: 1, settings: 1 });
  });
}

const news = (kind: LiveNews) =>
  act(async () => {
    tell(kind);
    await new Promise((resolve) => setTimeout(resolve, 20));
  });

test('a change asks anew for what it makes stale, and for nothing else', async () => {
  await shown();
  await news({ kind: 'changes', changes: [{ seq: 1, kind: 'task', id: '1' }] });
  expect(asked).toEqual({ tasks: 2, settings: 1 });
});

test('after a gap of events everything is asked anew', async () => {
  await shown();
  await news({ kind: 'changes', changes: [{ seq: 9, kind: 'everything', id: null }] });
  expect(asked).toEqual({ tasks: 2, settings: 2 });
});

test('what came while the stream was lost is asked for once it is back', async () => {
  await shown();
  await news({ kind: 'lost' });
  expect(screen.getByText('lost')).toBeTruthy();
  expect(asked).toEqual({ tasks: 1, settings: 1 });
  await news({ kind: 'listening' });
  expect(screen.getByText('listening')).toBeTruthy();
  expect(asked).toEqual({ tasks: 2, settings: 2 });
});

test('the gaps are counted once for many changes', async () => {
  let counted = 0;
  function Rail() {
    useLive();
    useQuery({ queryKey: [RAIL_COUNTS], queryFn: () => (counted += 1) });
    return null;
  }
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Rail />
    </QueryClientProvider>,
  );
  await vi.waitFor(() => {
    expect(counted).toBe(1);
  });
  for (let seq = 1; seq <= 10; seq += 1)
    await news({ kind: 'changes', changes: [{ seq, kind: 'task', id: '1' }] });
  expect(counted).toBe(1);
  await vi.waitFor(() => {
    expect(counted).toBe(2);
  }, 20_000);
});

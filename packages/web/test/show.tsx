import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';

/** A call that a part of the page made. */
interface Asked {
  method: string;
  path: string;
  body: unknown;
  revision: string | null;
}

export type Answer = (asked: Asked) => unknown;

/** What a server answers that refuses. */
export const refused = (status: number, detail: string) =>
  new Response(JSON.stringify({ type: 'about:blank', title: detail, status, detail }), { status });

/** The part in a page whose server answers by path; a path without an answer is not found. */
export function show(part: ReactNode, answers: Record<string, Answer> = {}, url = '/') {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', (url: string, init: RequestInit = {}) => {
    const headers = new Headers(init.headers);
    const one: Asked = {
      method: init.method ?? 'GET',
      path: url,
      body: typeof init.body === 'string' ? JSON.parse(init.body) : undefined,
      revision: headers.get('If-Match'),
    };
    asked.push(one);
    const answer = answers[`${one.method} ${url.split('?')[0] ?? ''}`];
    const body = answer ? answer(one) : refused(404, `There is no ${url}.`);
    return Promise.resolve(body instanceof Response ? body : new Response(JSON.stringify(body)));
  });
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const shown = render(
    <ConfigProvider theme={{ zeroRuntime: true }}>
      <QueryClientProvider client={client}>
        <MemoryRouter initialEntries={[url]}>{part}</MemoryRouter>
      </QueryClientProvider>
    </ConfigProvider>,
  );
  return { ...shown, asked, client, user: userEvent.setup() };
}

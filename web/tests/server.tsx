import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { vi } from 'vitest';

/** What the page asked: how, where, with what. */
export interface Asked {
  method: string;
  path: string;
  query: string;
  body: unknown;
  headers: Headers;
}

type Reply = { status?: number; body?: unknown; headers?: Record<string, string> } | 'away';

/** A server of one's own: it answers as it is told, and remembers what it was asked. */
export function server(answer: (asked: Asked, n: number) => Reply | Promise<Reply>) {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (input: string | URL | Request, init: RequestInit = {}) => {
    const url = new URL(input instanceof Request ? input.url : input, 'http://shop.test/');
    const sent = init.body instanceof ArrayBuffer ? new TextDecoder().decode(init.body) : String(init.body ?? '');
    const one: Asked = {
      method: init.method ?? 'GET',
      path: url.pathname,
      query: url.search,
      body: sent.startsWith('{') ? JSON.parse(sent) : sent,
      headers: new Headers(init.headers),
    };
    const reply = await answer(one, asked.push(one) - 1);
    if (reply === 'away') {
      throw new TypeError('Failed to fetch');
    }
    return new Response(JSON.stringify(reply.body ?? {}), {
      status: reply.status ?? 200,
      headers: {
        'Content-Type': (reply.status ?? 200) < 400 ? 'application/json' : 'application/problem+json',
        ...reply.headers,
      },
    });
  });
  return asked;
}

/** What a hook needs around it, with the queries that the page would have. */
export function around() {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false }, mutations: { retry: false } } });
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  );
  return { queries, wrapper };
}

/** An answer that comes when it is let go. */
export function held<T>() {
  let give: (value: T) => void = () => {};
  const coming = new Promise<T>((resolve) => {
    give = resolve;
  });
  return { coming, give };
}

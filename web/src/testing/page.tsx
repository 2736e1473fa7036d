import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, configure, render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { App } from 'antd';
import type { ReactElement } from 'react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, vi } from 'vitest';
import type { Board, Button, VocabularyView } from '../api/types';
import { Themed } from '../Themed';

/** On a busy machine a first view can take seconds to stand. */
configure({ asyncUtilTimeout: 20_000 });

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

/** What the server was asked for, by method and path. */
export interface Asked {
  method: string;
  path: string;
  body?: unknown;
}

type Answering = (asked: URLSearchParams) => unknown;

/**
 * A view on a page of its own, with a server that answers what is said here and nothing else.
 *
 * @param answers by method and path, such as `GET /api/lists`; a function answers by what stands behind the path
 */
export function onPage(view: ReactElement, { answers = {}, at = '/', route = '*' }: { answers?: Record<string, unknown>; at?: string; route?: string } = {}) {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (request: Request | string) => {
    const { method, url } = typeof request === 'string' ? { method: 'GET', url: request } : request;
    const { pathname, searchParams } = new URL(url, window.location.origin);
    const text = typeof request === 'string' ? '' : await request.text();
    asked.push({ method, path: pathname, body: text ? JSON.parse(text) : undefined });
    const known = answers[`${method} ${pathname}`];
    const answer: unknown = typeof known === 'function' ? (known as Answering)(searchParams) : known;
    if (answer === undefined) return new Response(JSON.stringify({ detail: `nobody answers ${method} ${pathname}` }), { status: 404 });
    return new Response(JSON.stringify(answer), { status: 200, headers: { 'Content-Type': 'application/json' } });
  });
  // What a page has, and the simulated one has not.
  Element.prototype.scrollTo ??= () => undefined;
  vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener() {}, removeEventListener() {} }));
  for (const watching of ['ResizeObserver', 'IntersectionObserver'])
    vi.stubGlobal(
      watching,
      class {
        observe() {}
        disconnect() {}
        unobserve() {}
      },
    );
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const shown = render(
    <QueryClientProvider client={queries}>
      <Themed>
        <MemoryRouter initialEntries={[at]}>
          <App>
            <Routes>
              <Route path={route} element={view} />
            </Routes>
          </App>
        </MemoryRouter>
      </Themed>
    </QueryClientProvider>,
  );
  return { ...shown, user: userEvent.setup(), asked };
}

export { button } from './plain';

export const board = (id: string, rows: number, columns: number, ...buttons: Button[]): Board => ({
  id,
  name: id,
  rows,
  columns,
  heights: [],
  widths: [],
  look: {},
  buttons,
});

export const vocabulary = (...boards: Board[]): VocabularyView =>
  ({
    id: 7,
    name: 'Ilse’s words',
    version: 3,
    home: boards[0].id,
    locale: 'en',
    may: ['SEE', 'TALK', 'LOOK', 'PRINT', 'TAKE', 'KNOW', 'CHANGE', 'OWN'],
    look: {},
    papers: {},
    plan: { at: 0, steps: [] },
    art: 'colour.yellow.usual',
    layout: { screenWidthMm: 200, screenHeightMm: 150, margin: 0.01, message: 0.12 },
    boards: boards.map((b) => ({ id: b.id, name: b.name, rows: b.rows, columns: b.columns, revision: 1, keptFree: [] })),
  }) as unknown as VocabularyView;

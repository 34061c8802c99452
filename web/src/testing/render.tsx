import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { vi } from 'vitest';
import { OutboxProvider } from '../api/OutboxProvider';
import { Dressed } from '../design/page/Dressed';
import { NotesHost } from '../design/page/NotesHost';
import { lockingNavigator } from './locks';
import { athleteTerms } from './people';
import { terms } from './ropes';
import { FakeUpload } from './upload';

type Answer = unknown;

/** What the server answers, by "METHOD path"; the words of forms always, any other path not listed never. */
export type Answers = Record<string, Answer>;

/** An answer that is a refusal. */
export class Refused {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly errors?: { field: string; value: string; accepted: string; message: string }[],
  ) {}
}

export interface Sent {
  method: string;
  path: string;
  body: unknown;
  headers: Record<string, string>;
}

/** Of a row that was made meanwhile: `{id}` in the answers. */
const ANY_ID = /[0-9a-f]{8}-[0-9a-f-]{27}/;

/** Later than any revision that a made-up answer was read at. */
const FIRST_OWN_REVISION = 1000;

/** What forms ask for, whatever the page. */
const words: Answers = { 'GET /api/athlete-terms': athleteTerms, 'GET /api/rope-terms': terms };

/** Stands in for the network, at fetch itself: everything above it is the real thing. Returns what was sent. */
export function answerWith(answers: Answers): Sent[] {
  const sent: Sent[] = [];
  vi.stubGlobal('XMLHttpRequest', FakeUpload);
  vi.stubGlobal('fetch', (path: string, init: RequestInit = {}) => {
    const method = init.method ?? 'GET';
    sent.push({
      method,
      path,
      body: typeof init.body === 'string' ? JSON.parse(init.body) : undefined,
      headers: init.headers as Record<string, string>,
    });
    const asked = `${method} ${path}`;
    const plain = asked.split('?')[0] ?? '';
    const answer = answers[asked] ?? answers[plain] ?? answers[plain.replace(ANY_ID, '{id}')] ?? words[asked];
    if (answer === undefined) {
      return new Promise<Response>(() => undefined);
    }
    const headers = { 'Zumbo-Revision': String(FIRST_OWN_REVISION + sent.length) };
    return Promise.resolve(
      answer instanceof Refused
        ? refusal(answer)
        : Response.json(answer, method === 'GET' ? {} : { headers }),
    );
  });
  return sent;
}

function refusal({ status, detail, errors }: Refused): Response {
  return new Response(JSON.stringify({ type: 'about:blank', title: 'Refused', status, detail, errors }), {
    status,
    headers: { 'Content-Type': 'application/problem+json' },
  });
}

/** Each rendered page has a user of its own, so that nothing waits from the test before. */
let users = 0;

/** Renders a page at a path, with all that surrounds it in the app. */
export function renderPage(page: ReactNode, pattern = '/', at = pattern): void {
  lockingNavigator();
  // Nobody is carried over from the test before.
  sessionStorage.removeItem('zumbo-athlete');
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  render(
    <QueryClientProvider client={client}>
      <Dressed>
        <NotesHost />
        <OutboxProvider userId={`user-${(users += 1)}`}>
          <MemoryRouter initialEntries={[at]}>
            <Routes>
              <Route path={pattern} element={page} />
              <Route path="*" element={<p>elsewhere</p>} />
            </Routes>
          </MemoryRouter>
        </OutboxProvider>
      </Dressed>
    </QueryClientProvider>,
  );
}

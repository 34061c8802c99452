// A screen of Class without a browser: the app's own query layer and its feed of changes, in a thread of their own. Tells
// what it shows whenever that changes, and at the end how much it asked.
import { QueryObserver } from '@tanstack/react-query';
import http from 'node:http';
import { createInterface } from 'node:readline';
import { parentPort, workerData } from 'node:worker_threads';
import { changeFeed } from '../../src/api/changes';
import { tonightQuery } from '../../src/api/classHour';
import { makeQueryClient } from '../../src/api/queryClient';

const { address, cookie } = workerData as { address: string; cookie: string };
const reads = { class: 0, changes: 0, hints: 0 };
const fetched = globalThis.fetch;

/** As a browser's own cache does: what was not modified is not sent again. */
const had = new Map<string, { tag: string; body: string }>();
globalThis.fetch = async (path, init) => {
  const at = String(path);
  reads[at.startsWith('/api/class') ? 'class' : 'changes'] += 1;
  const before = had.get(at);
  const tag = before === undefined ? {} : { 'If-None-Match': before.tag };
  const answer = await fetched(`${address}${at}`, { ...init, headers: { ...init?.headers, ...tag, cookie } });
  if (answer.status === 304) {
    return new Response(before?.body, { headers: { 'Content-Type': 'application/json' } });
  }
  const body = await answer.text();
  had.set(at, { tag: answer.headers.get('ETag') ?? '', body });
  return new Response(body, { status: answer.status, headers: answer.headers });
};

const client = makeQueryClient();
const feed = changeFeed(client);
const screen = new QueryObserver(client, tonightQuery);
screen.subscribe(({ data }) => {
  if (data !== undefined) {
    parentPort?.postMessage({ shows: data.revision, entries: data.justNow.map((entry) => entry.id) });
  }
});
// As useLive does with the browser's own stream.
http.get(`${address}/api/live`, { headers: { cookie, Accept: 'text/event-stream' } }, (stream) => {
  feed.hint('changed');
  createInterface(stream).on('line', (line) => {
    if (line.startsWith('data:')) {
      reads.hints += 1;
      feed.hint(line.slice('data:'.length).trim());
    }
  });
});
parentPort?.on('message', () => {
  parentPort?.postMessage({ reads });
  feed.end();
});

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
globalThis.fetch = (path, init) => {
  reads[String(path).startsWith('/api/class') ? 'class' : 'changes'] += 1;
  return fetched(`${address}${String(path)}`, { ...init, headers: { ...init?.headers, cookie } });
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

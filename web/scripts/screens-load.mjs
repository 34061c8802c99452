// A class on twenty screens that refetch as the app does, and one real page, while ten writers log five entries a second
// together. Prints the time of a write, how soon after the last one every screen was right, and what they asked.
// Usage: screens-load.mjs ADDRESS EMAIL PASSWORD NAME [SECONDS]
import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import { v7 } from 'uuid';
import { build } from 'vite';
import { signedIn } from './signedIn.mjs';

const [address, email, password, name, seconds = '120'] = process.argv.slice(2);
const SCREENS = 20;
const WRITERS = 10;
const PER_SECOND = 5;
const LATE_MS = 5000;
const web = resolve(import.meta.dirname, '..');
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

const { cookie, call, get } = await signedIn(address, email, password);
const athletes = await get('/api/athletes');
const built = mkdtempSync(join(web, 'node_modules', '.screens-'));
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  await build({
    root: web,
    configFile: false,
    logLevel: 'error',
    build: {
      ssr: 'scripts/screens/screen.ts',
      outDir: built,
      rollupOptions: { output: { entryFileNames: 'screen.mjs' } },
    },
  });
  process.exitCode = (await run()) ? 0 : 1;
} finally {
  await browser.close();
  rmSync(built, { recursive: true });
}

function open() {
  const worker = new Worker(join(built, 'screen.mjs'), { workerData: { address, cookie } });
  const screen = { shows: [], entries: [], reads: undefined, worker };
  worker.on('message', ({ shows, entries, reads }) => {
    if (reads === undefined) {
      screen.shows.push({ revision: shows, at: performance.now() });
      screen.entries = entries;
    } else {
      screen.reads = reads;
    }
  });
  return screen;
}

async function openPage() {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const [key, value] = cookie.split('=');
  await context.addCookies([{ name: key, value, url: address }]);
  const page = await context.newPage();
  await page.goto(`${address}/class`);
  await page.locator('button[aria-pressed]').first().waitFor();
  return page;
}

async function run() {
  const screens = Array.from({ length: SCREENS }, open);
  const page = await openPage();
  await pause(2000);
  const before = (await get('/api/changes')).revision;

  const ids = [];
  const times = [];
  let refused = 0;
  async function write(i, reps) {
    const id = v7();
    ids.push(id);
    const { id: athleteId } = athletes[i % athletes.length];
    const body = JSON.stringify({ athleteId, drill: 'hundred', kind: 'sum', reps, misses: i % 3 });
    const began = performance.now();
    const answer = await call('PUT', `/api/attempts/${id}`, body);
    times.push(performance.now() - began);
    refused += answer.status === 201 ? 0 : 1;
    await answer.arrayBuffer();
  }
  const gap = (1000 * WRITERS) / PER_SECOND;
  const began = performance.now();
  await Promise.all(
    Array.from({ length: WRITERS }, async (_, writer) => {
      for (let i = 0; i < (PER_SECOND * Number(seconds)) / WRITERS; i += 1) {
        await pause(began + writer * (gap / WRITERS) + i * gap - performance.now());
        await write(writer + i * WRITERS, 20 + (i % 30));
      }
    }),
  );
  await write(0, 8888);
  const last = performance.now();
  const onPage = await page
    .getByRole('region', { name: 'Just now' })
    .getByText('8888')
    .or(page.getByRole('region', { name: 'Just now' }).getByText('8,888'))
    .first()
    .waitFor({ timeout: LATE_MS })
    .then(
      () => performance.now() - last,
      () => Infinity,
    );
  await pause(LATE_MS);

  const { revision } = await get('/api/changes');
  const truth = JSON.stringify((await get('/api/class')).justNow.map((entry) => entry.id));
  const right = screens.filter((one) => JSON.stringify(one.entries) === truth);
  const settled = right.map((one) => one.shows.find((shown) => shown.revision >= revision).at - last);
  screens.forEach((one) => one.worker.postMessage('end'));
  await pause(500);
  screens.forEach((one) => void one.worker.terminate());
  const log = await (await call('GET', '/api/export/attempts.csv')).text();
  const found = ids.map((id) => log.split(id).length - 1);
  const sum = (list) => list.reduce((a, b) => a + b, 0);
  const asked = (kind) => (sum(screens.map((one) => one.reads[kind])) / SCREENS / ids.length).toFixed(2);
  times.sort((a, b) => a - b);
  const at = (share) => times[Math.floor(share * (times.length - 1))].toFixed(0);
  console.log(
    `screens: ${name}, ${athletes.length} athletes: ${ids.length} entries, write p50 ${at(0.5)}, p95 ${at(0.95)}, slowest ${at(1)} ms; ` +
      `${right.length} of ${SCREENS} screens right, the last ${Math.max(0, ...settled).toFixed(0)} ms and the real page ${onPage.toFixed(0)} ms after the last write; ` +
      `an entry costs a screen ${asked('class')} readings and ${asked('changes')} questions; ${revision - before} revisions, ${refused} refused, ` +
      `${found.filter((n) => n === 0).length} lost, ${found.filter((n) => n > 1).length} doubled`,
  );
  return right.length === SCREENS && refused === 0 && found.every((n) => n === 1) && onPage < LATE_MS;
}

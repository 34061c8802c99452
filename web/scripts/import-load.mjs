// A file of 100,000 log entries comes in while six writers log. Prints how long reading and writing took, what the
// worker's memory grew to, and how long a write of the class waited meanwhile beside one before.
// Usage: import-load.mjs ADDRESS EMAIL PASSWORD WORKER_PID [ROWS]
import { readFileSync } from 'node:fs';
import { v7 } from 'uuid';
import { signedIn } from './signedIn.mjs';

const [address, email, password, worker, count = '100000'] = process.argv.slice(2);
const ROWS = Number(count);
const ATHLETES = 20;
const WRITERS = 6;
const MOST_S = 300;
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

const { call, get } = await signedIn(address, email, password);
const memory = () => Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${worker}/status`, 'utf8'))[1]) / 1000;

/** Three years of twenty who are new here. */
function file() {
  const people = Array.from({ length: ATHLETES }, () => v7());
  const day = (back) => new Date(Date.now() - 86_400_000 * back).toISOString().slice(0, 10);
  const athletes = people.map((id, i) => ({
    id,
    name: `Newcomer ${i}`,
    stature_m: 1.7,
    dominant_hand: 'right',
    experience: 'none',
    stage: 'singles',
    guardian_consent: false,
    added_at: `${day(1100)}T10:00:00Z`,
  }));
  const attempts = Array.from({ length: ROWS }, (_, i) => ({
    id: v7(),
    athlete_id: people[i % ATHLETES],
    drill: 'hundred',
    stage: 'singles',
    kind: 'sum',
    reps: 20 + (i % 60),
    misses: i % 4,
    ended: null,
    clean: true,
    logged_at: `${day(Math.floor(i / (ROWS / 1095)))}T18:${String(i % 60).padStart(2, '0')}:00Z`,
  }));
  return JSON.stringify({ format: 'zumbo', version: 1, athletes, attempts });
}

// Whoever may not jump today is offered no drill.
const athletes = (await get('/api/class')).athletes.filter((one) => one.drill !== null);
let number = 0;
let refused = 0;
async function write(times) {
  const athlete = athletes[(number += 1) % athletes.length];
  const entry = {
    athleteId: athlete.id,
    drill: athlete.drill.code,
    kind: 'sum',
    reps: 20,
    misses: number % 3,
  };
  const began = performance.now();
  const answer = await call('PUT', `/api/attempts/${v7()}`, JSON.stringify(entry));
  times.push(performance.now() - began);
  refused += answer.status === 201 ? 0 : 1;
  await answer.arrayBuffer();
}

// Made first: it keeps this process busy, and with it the writers.
const body = file();
const before = [];
for (let i = 0; i < 40; i += 1) {
  await write(before);
  await pause(100);
}
const during = [];
let goes = true;
const writers = Array.from({ length: WRITERS }, async () => {
  while (goes) {
    await write(during);
    await pause(800);
  }
});

const id = v7();
const own = memory();
const sent = performance.now();
const put = await call('PUT', `/api/imports/${id}`, body);
if (put.status !== 201) throw new Error(`not taken: ${put.status} ${await put.text()}`);
const took = { send: performance.now() - sent };
let steps = 0;
async function until(state) {
  const began = performance.now();
  let last = -1;
  for (;;) {
    const one = await get(`/api/imports/${id}`);
    steps += one.done === last ? 0 : 1;
    last = one.done;
    if (one.state === state) {
      took[state] = performance.now() - began;
      return one;
    }
    if (['refused', 'failed', 'cancelled'].includes(one.state) || performance.now() - began > MOST_S * 1000) {
      throw new Error(`the import is ${one.state}: ${one.fault ?? one.errors[0]?.message}`);
    }
    await pause(250);
  }
}
const preview = await until('preview');
const yes = { 'If-Match': `"${preview.version}"`, 'Mutation-Id': v7() };
const agreed = await call('POST', `/api/imports/${id}/agree`, undefined, yes);
if (agreed.status !== 200) throw new Error(`not agreed: ${agreed.status} ${await agreed.text()}`);
const done = await until('done');
goes = false;
await Promise.all(writers);

const added = done.counts.reduce((sum, one) => sum + one.add, 0);
const at = (times, share) => times.sort((a, b) => a - b)[Math.floor(share * (times.length - 1))];
const s = (ms) => (ms / 1000).toFixed(1);
console.log(
  `import: ${added} rows (${(body.length / 1e6).toFixed(0)} MB) sent in ${s(took.send)} s, read in ${s(took.preview)} s, ` +
    `written in ${s(took.done)} s, told ${steps} times how far; worker at most ${memory().toFixed(0)} MB (${own.toFixed(0)} before); ` +
    `a write meanwhile p50 ${at(during, 0.5).toFixed(0)} ms, p95 ${at(during, 0.95).toFixed(0)} ms, slowest ${at(during, 1).toFixed(0)} ms of ${during.length}, ` +
    `before p50 ${at(before, 0.5).toFixed(0)} ms; ${refused} refused`,
);
process.exit(added === ROWS + ATHLETES && refused === 0 ? 0 : 1);

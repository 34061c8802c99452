// A busy class: 10 writers log 5 entries a second for a minute while 20 screens listen. Prints the time of a write, and
// whether every entry arrived once and every screen knows the last revision.
// Usage: class-load.mjs ADDRESS EMAIL PASSWORD [SECONDS]
import http from 'node:http';
import { v7 } from 'uuid';
import { signedIn } from './signedIn.mjs';

const [address, email, password, seconds = '60'] = process.argv.slice(2);
const WRITERS = 10;
const LISTENERS = 20;
const PER_SECOND = 5;
const GAP_MS = 200; // as web/src/api/live.ts
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

const { cookie, call, get } = await signedIn(address, email, password);

const start = await get('/api/changes');
// Whoever may not jump today is offered no drill.
const athletes = (await get('/api/class')).athletes.filter((one) => one.drill !== null);

/** A screen: a stream of hints, and a question for each, at most every 200 ms. */
function listen() {
  const screen = { revision: start.revision, hints: 0, questions: 0, close: () => undefined };
  let busy = false;
  let again = false;
  const ask = async () => {
    if (busy) {
      again = true;
      return;
    }
    busy = true;
    screen.questions += 1;
    screen.revision = (await get(`/api/changes?since=${screen.revision}`)).revision;
    await pause(GAP_MS);
    busy = false;
    if (again) {
      again = false;
      void ask();
    }
  };
  const request = http.get(
    `${address}/api/live`,
    { headers: { cookie, Accept: 'text/event-stream' } },
    (response) => {
      response.on('data', (chunk) => {
        if (String(chunk).includes('data:')) {
          screen.hints += 1;
          void ask();
        }
      });
      response.on('error', () => undefined);
    },
  );
  request.on('error', () => undefined);
  screen.close = () => request.destroy();
  return screen;
}

const screens = Array.from({ length: LISTENERS }, listen);
await pause(500);

const times = [];
let refused = 0;
async function write(i) {
  const athlete = athletes[i % athletes.length];
  const body = JSON.stringify({
    athleteId: athlete.id,
    drill: athlete.drill.code,
    kind: 'sum',
    reps: 20 + (i % 30),
    misses: i % 3,
  });
  const began = performance.now();
  const response = await call('PUT', `/api/attempts/${v7()}`, body);
  times.push(performance.now() - began);
  refused += response.status === 201 ? 0 : 1;
  await response.arrayBuffer();
}
async function writer(number) {
  const began = performance.now();
  for (let i = 0; i < PER_SECOND * Number(seconds); i += 1) {
    const due = began + (number * 1000) / (WRITERS * PER_SECOND) + (i * 1000) / PER_SECOND;
    await pause(Math.max(0, due - performance.now()));
    await write(number + i * WRITERS);
  }
}
await Promise.all(Array.from({ length: WRITERS }, (_, number) => writer(number)));
await pause(1500);

const end = await get('/api/changes');
const sent = WRITERS * PER_SECOND * Number(seconds);
const arrived = end.revision - start.revision;
const agreeing = screens.filter((screen) => screen.revision === end.revision).length;
times.sort((a, b) => a - b);
const at = (share) => times[Math.floor(share * (times.length - 1))].toFixed(0);
console.log(
  `class: ${sent} entries from ${WRITERS} writers in ${seconds} s, write p50 ${at(0.5)} ms, p95 ${at(0.95)} ms, slowest ${at(1)} ms; ` +
    `${arrived} arrived, ${refused} refused; ${agreeing} of ${LISTENERS} screens agree on the last revision ` +
    `(median ${screens.map((one) => one.hints).sort((a, b) => a - b)[LISTENERS / 2]} hints, ${screens.map((one) => one.questions).sort((a, b) => a - b)[LISTENERS / 2]} questions each)`,
);
screens.forEach((screen) => screen.close());
process.exit(arrived === sent && refused === 0 && agreeing === LISTENERS ? 0 : 1);

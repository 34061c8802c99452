// A class while the programs behind it are killed one after the other: ten writers log five entries a second together and
// send again what had no answer, as the app's outbox does. Prints what each death cost, and whether anything was lost.
// Usage: dying-load.mjs ADDRESS EMAIL PASSWORD NAME=PID…
import { v7 } from 'uuid';
import { signedIn } from './signedIn.mjs';

const [address, email, password, ...programs] = process.argv.slice(2);
const WRITERS = 10;
const PER_SECOND = 5;
const BETWEEN_MS = 12_000;
const AGAIN_MS = 300;
const MOST_TRIES = 200;
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

const { call, get } = await signedIn(address, email, password);
const athletes = await get('/api/athletes');
const before = (await get('/api/changes')).revision;
const began = performance.now();
const arrived = [];
let unanswered = 0;
let running = true;

async function write(i) {
  const id = v7();
  const { id: athleteId } = athletes[i % athletes.length];
  const body = JSON.stringify({
    athleteId,
    drill: 'hundred',
    kind: 'sum',
    reps: 20 + (i % 30),
    misses: i % 3,
  });
  const asked = performance.now();
  for (let time = 0; time < MOST_TRIES; time += 1) {
    const status = await call('PUT', `/api/attempts/${id}`, body).then(
      async (answer) => {
        await answer.arrayBuffer();
        return answer.status;
      },
      () => 0,
    );
    if (status === 201 || status === 200) {
      arrived.push({ id, asked: asked - began, waited: performance.now() - asked });
      return;
    }
    if (status !== 0 && status < 500 && status !== 429) throw new Error(`a write was refused: ${status}`);
    unanswered += 1;
    await pause(AGAIN_MS);
  }
  throw new Error('a write never arrived');
}

async function writer(number) {
  const gap = (1000 * WRITERS) / PER_SECOND;
  for (let i = 0; running; i += 1) {
    await pause(began + number * (gap / WRITERS) + i * gap - performance.now());
    await write(number + i * WRITERS);
  }
}

const writers = Array.from({ length: WRITERS }, (_, number) => writer(number));
const deaths = [];
for (const program of programs) {
  const [name, pid] = program.split('=');
  await pause(BETWEEN_MS);
  deaths.push({ name, at: performance.now() - began });
  process.kill(Number(pid), 'SIGKILL');
}
await pause(BETWEEN_MS);
running = false;
await Promise.all(writers);

const log = await (await call('GET', '/api/export/attempts.csv')).text();
const found = arrived.map(({ id }) => log.split(id).length - 1);
const { revision } = await get('/api/changes');
for (const { name, at } of deaths) {
  const hit = arrived.filter(({ asked, waited }) => asked + waited > at && asked < at + BETWEEN_MS);
  const longest = Math.max(0, ...hit.map(({ waited }) => waited));
  console.log(
    `dying: ${name} killed: the slowest write of the next ${BETWEEN_MS / 1000} s waited ${(longest / 1000).toFixed(1)} s`,
  );
}
console.log(
  `dying: ${arrived.length} entries, ${unanswered} tries without an answer, ${found.filter((n) => n === 0).length} lost, ` +
    `${found.filter((n) => n > 1).length} doubled, ${revision - before} revisions; it went on without anybody`,
);
process.exit(found.every((n) => n === 1) ? 0 : 1);

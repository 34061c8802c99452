// The main routes of a gym that bench/growth.php made, one request after the other: each round a write, then each route
// worked out anew, then again. Prints the p95 and the median of each in milliseconds.
// Usage: growth-load.mjs ADDRESS PASSWORD GYM
import { v7 } from 'uuid';
import { signedIn } from './signedIn.mjs';

const [address, password, gym] = process.argv.slice(2);
const ROUNDS = 60;

const { call, get } = await signedIn(address, `${gym}grown@saltmarsh.example`, password);

let times = {};
async function timed(name, method, path, body) {
  const began = performance.now();
  const answer = await call(method, path, body);
  await answer.arrayBuffer();
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}`);
  (times[name] ??= []).push(performance.now() - began);
}

const athletes = await get('/api/athletes');
const placeAt = (ms) =>
  encodeURIComponent(`${new Date(ms).toISOString().slice(0, 19)}Z,ffffffff-ffff-7fff-bfff-ffffffffffff`);
const now = placeAt(Date.now());
const deep = placeAt(Date.now() - 2.5 * 365 * 86_400_000);
async function round(i) {
  const { id } = athletes[i % athletes.length];
  const routes = {
    class: '/api/class',
    athletes: '/api/athletes',
    athlete: `/api/athletes/${id}`,
    today: `/api/athletes/${id}/today`,
  };
  const body = JSON.stringify({ athleteId: id, drill: 'hundred', kind: 'sum', reps: 20, misses: 1 });
  await timed('write', 'PUT', `/api/attempts/${v7()}`, body);
  for (const [name, path] of Object.entries(routes)) {
    await timed(`${name}-anew`, 'GET', path);
    await timed(`${name}-again`, 'GET', path);
  }
  // What looks over months, and the log from its beginning and from deep within.
  await timed('story', 'GET', `/api/athletes/${id}/story`);
  await timed('question', 'GET', `/api/questions/${['stuck', 'trimmed', 'record'][i % 3]}`);
  await timed('class-story', 'GET', '/api/class-story');
  await timed('log', 'GET', `/api/entries?after=${now}`);
  await timed('log-deep', 'GET', `/api/entries?after=${deep}`);
  await timed('log-sums', 'GET', '/api/entries');
  await timed('empty', 'GET', '/api/health');
}
for (let i = 0; i < 5; i += 1) await round(i);
// The first ones warm what is kept.
times = {};
for (let i = 0; i < ROUNDS; i += 1) await round(i);
for (const [name, of] of Object.entries(times)) {
  of.sort((a, b) => a - b);
  const at = (share) => of[Math.floor(share * (of.length - 1))].toFixed(1);
  console.log(`${name} ${at(0.95)} ${at(0.5)}`);
}

// The main routes of a gym that bench/growth.php made, one request after the other, each round after a write.
// Prints the p95 of each in milliseconds. Usage: growth-load.mjs ADDRESS PASSWORD GYM
import { v7 } from 'uuid';
import { signedIn } from './signedIn.mjs';

const [address, password, gym] = process.argv.slice(2);
const ROUNDS = 60;

const { call, get } = await signedIn(address, `${gym}grown@saltmarsh.example`, password);

const times = {};
async function timed(name, method, path, body) {
  const began = performance.now();
  const answer = await call(method, path, body);
  await answer.arrayBuffer();
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}`);
  (times[name] ??= []).push(performance.now() - began);
}

const athletes = await get('/api/athletes');
for (let i = 0; i < ROUNDS; i += 1) {
  const { id } = athletes[i % athletes.length];
  const body = JSON.stringify({ athleteId: id, drill: 'hundred', kind: 'sum', reps: 20, misses: 1 });
  await timed('write', 'PUT', `/api/attempts/${v7()}`, body);
  await timed('class-after-it', 'GET', '/api/class');
  await timed('class-again', 'GET', '/api/class');
  await timed('athletes', 'GET', '/api/athletes');
  await timed('today', 'GET', `/api/athletes/${id}/today`);
  await timed('empty', 'GET', '/api/health');
}
for (const [name, of] of Object.entries(times)) {
  of.sort((a, b) => a - b);
  console.log(`${name} ${of[Math.floor(0.95 * (of.length - 1))].toFixed(1)}`);
}

// The main routes of a gym that bench/growth.php made, one request after the other, each round after a write.
// Prints the p95 of each in milliseconds. Usage: growth-load.mjs ADDRESS PASSWORD GYM
import { v7 } from 'uuid';

const [address, password, gym] = process.argv.slice(2);
const ROUNDS = 60;

const headers = { 'Content-Type': 'application/json', 'csrf-token': 'csrf-token', Origin: address };
const signIn = await fetch(`${address}/api/sign-in`, {
  method: 'POST',
  headers,
  body: JSON.stringify({ email: `${gym}grown@saltmarsh.example`, password }),
});
if (signIn.status !== 204) throw new Error(`could not sign in: ${signIn.status}`);
const cookie = signIn.headers
  .getSetCookie()
  .map((one) => one.split(';')[0])
  .join('; ');

const times = {};
async function timed(name, path, init = {}) {
  const began = performance.now();
  const answer = await fetch(address + path, { headers: { ...headers, cookie }, ...init });
  const body = await answer.json();
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}`);
  (times[name] ??= []).push(performance.now() - began);
  return body;
}

const athletes = await (await fetch(`${address}/api/athletes`, { headers: { cookie } })).json();
for (let i = 0; i < ROUNDS; i += 1) {
  const { id } = athletes[i % athletes.length];
  const body = JSON.stringify({ athleteId: id, drill: 'hundred', kind: 'sum', reps: 20, misses: 1 });
  await timed('write', `/api/attempts/${v7()}`, { method: 'PUT', body });
  await timed('class-after-it', '/api/class');
  await timed('class-again', '/api/class');
  await timed('athletes', '/api/athletes');
  await timed('today', `/api/athletes/${id}/today`);
  await timed('empty', '/api/health');
}
for (const [name, of] of Object.entries(times)) {
  of.sort((a, b) => a - b);
  console.log(`${name} ${of[Math.floor(0.95 * (of.length - 1))].toFixed(1)}`);
}

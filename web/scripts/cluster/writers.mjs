// Coaches who log while machines of the cluster fall: each sends one entry after the other, again and again under the same id
// until it is acknowledged, as the app's outbox does. A reader looks on, and one sends recordings. What was acknowledged goes to a
// file, for verdict.mjs.
// Usage: node scripts/cluster/writers.mjs URL SECONDS WRITERS OUT.json WAV
import { readFile, writeFile } from 'node:fs/promises';
import { v7 } from 'uuid';

const [url, seconds, writers, out, wav] = process.argv.slice(2);
const until = Date.now() + Number(seconds) * 1000;
const TRY_MS = 15_000;
const PAUSE_MS = 40;

const rest = (ms) => new Promise((done) => setTimeout(done, ms));

async function signIn() {
  for (;;) {
    const answer = await fetch(`${url}/api/sign-in`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'csrf-token': 'csrf-token', Origin: url },
      body: JSON.stringify({ email: 'maren@saltmarsh.example', password: 'harbour rope 14' }),
    }).catch(() => null);
    if (answer?.ok) {
      return answer.headers
        .getSetCookie()
        .map((one) => one.split(';')[0])
        .join('; ');
    }
    await rest(500);
  }
}

const cookie = await signIn();

/** Sends it until somebody answers for good; how often, how long it took, and at which revision. */
async function sure(method, path, body, type = 'application/json') {
  const begun = Date.now();
  const told = [];
  for (;;) {
    try {
      const answer = await fetch(url + path, {
        method,
        headers: { 'Content-Type': type, 'csrf-token': 'csrf-token', Cookie: cookie, Origin: url },
        body: type === 'application/json' ? JSON.stringify(body) : body,
        signal: AbortSignal.timeout(TRY_MS),
      });
      told.push(answer.status);
      if (answer.status < 300) {
        const { id } = await answer.json();
        return {
          id,
          told,
          at: Date.now(),
          ms: Date.now() - begun,
          revision: Number(answer.headers.get('Zumbo-Revision')),
        };
      }
      const said = await answer.text();
      // Nobody is to be signed out by a fall: told by the verdict.
      if (answer.status < 500 && ![401, 429].includes(answer.status)) {
        throw new Refusal(`${method} ${path}: ${answer.status} ${said}`);
      }
    } catch (error) {
      if (error instanceof Refusal) {
        throw error;
      }
      told.push(error.cause?.code ?? error.cause?.message ?? error.name);
    }
    await rest(250);
  }
}

class Refusal extends Error {}

async function write(number, entries) {
  const athleteId = v7();
  await sure('PUT', `/api/athletes/${athleteId}`, {
    name: `Writer ${number}`,
    height: '170',
    dominantHand: 'right',
    experience: 'singles',
  });
  while (Date.now() < until) {
    const id = v7();
    const reps = 1 + (entries.length % 50);
    const body = { athleteId, drill: 'fifty-calm', kind: 'sum', reps, at: new Date().toISOString() };
    const { id: answered, ...told } = await sure('PUT', `/api/attempts/${id}`, body);
    entries.push({ id, athleteId, reps, answered, ...told });
    await rest(PAUSE_MS);
  }
}

async function read(gaps) {
  let well = Date.now();
  while (Date.now() < until) {
    const answer = await fetch(`${url}/api/athletes`, {
      headers: { Cookie: cookie },
      signal: AbortSignal.timeout(TRY_MS),
    }).catch(() => null);
    if (answer?.ok) {
      await answer.arrayBuffer();
      const gap = Date.now() - well;
      if (gap > 1000) {
        gaps.push(gap);
      }
      well = Date.now();
    }
    await rest(100);
  }
}

async function record(sounds) {
  const sound = await readFile(wav);
  while (Date.now() < until) {
    const id = v7();
    sounds.push({ ...(await sure('PUT', `/api/recordings/${id}?keep=true`, sound, 'audio/wav')) });
    await rest(2000);
  }
}

const [entries, gaps, sounds] = [[], [], []];
const begun = Date.now();
await Promise.all([
  ...Array.from({ length: Number(writers) }, (_, number) => write(number, entries)),
  read(gaps),
  record(sounds),
]);
const took = entries.map(({ ms }) => ms).sort((a, b) => a - b);
console.log(
  `${entries.length} entries acknowledged in ${Math.round((Date.now() - begun) / 1000)} s, ` +
    `${entries.filter(({ told }) => told.length > 1).length} of them sent more than once; half of them within ${took[took.length >> 1]} ms, ` +
    `the longest took ${took.at(-1)} ms; reading stood still for ${Math.max(0, ...gaps)} ms at most`,
);
await writeFile(out, JSON.stringify({ cookie, entries, sounds }));

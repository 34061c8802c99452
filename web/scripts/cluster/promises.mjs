// What has to be right across machines while nothing falls: sessions, limits, hints, clocks, recordings. Asks two web machines by their
// own addresses. Says each, and fails where one does not hold.
// Usage: node scripts/cluster/promises.mjs URL URL WAV
import { readFile } from 'node:fs/promises';
import { v7 } from 'uuid';
import { signedIn } from '../signedIn.mjs';
import { holding } from './holding.mjs';

const [one, other, wav] = process.argv.slice(2);
const EMAIL = 'maren@saltmarsh.example';
const PASSWORD = 'harbour rope 14';
const { hold, end } = holding();
const rest = (ms) => new Promise((done) => setTimeout(done, ms));

const here = await signedIn(one, EMAIL, PASSWORD);
const headers = { 'Content-Type': 'application/json', 'csrf-token': 'csrf-token', Cookie: here.cookie };
/** The same session, at another machine. */
const there = (method, path, body, more = {}) =>
  fetch(other + path, { method, headers: { ...headers, Origin: other, ...more }, body });

const me = await (await there('GET', '/api/me')).json();
hold(
  'a session that began at one machine is one at the other',
  me.coach?.name === 'Maren Quill' ? [] : [JSON.stringify(me).slice(0, 80)],
);

// The stream of one machine, a write at the other.
const heard = [];
const stream = await here.call('GET', '/api/live', undefined, { Accept: 'text/event-stream' });
const reading = (async () => {
  for await (const piece of stream.body.pipeThrough(new TextDecoderStream())) {
    heard.push({ at: performance.now(), piece });
  }
})().catch(() => undefined);
await rest(300);
const athletes = await here.get('/api/athletes');
const id = v7();
const entry = {
  athleteId: athletes[0].id,
  drill: 'fifty-calm',
  kind: 'sum',
  reps: 7,
  at: new Date().toISOString(),
};
const sentAt = performance.now();
const written = await there('PUT', `/api/attempts/${id}`, JSON.stringify(entry));
const revision = Number(written.headers.get('Zumbo-Revision'));
await written.arrayBuffer();
await rest(2000);
const hint = heard.find(({ piece }) => piece.includes(String(revision)));
hold(
  `who listens at one machine hears of what is written at the other${hint ? ` (${Math.round(hint.at - sentAt)} ms after it was sent)` : ''}`,
  hint
    ? []
    : [
        `revision ${revision}: ${heard
          .map(({ piece }) => piece)
          .join(' ')
          .slice(0, 120)}`,
      ],
);

// What one has just written, the other shows at once: nobody reads from where it has not come yet, unless they chose to.
const stale = [];
for (let i = 0; i < 25; i += 1) {
  const made = v7();
  await (
    await here.call('PUT', `/api/attempts/${made}`, JSON.stringify({ ...entry, reps: i + 1 }))
  ).arrayBuffer();
  const entries = await (await there('GET', '/api/entries')).text();
  if (!entries.includes(made)) {
    stale.push(made);
  }
}
hold('what was written at one machine is shown by the other at once, 25 times', stale);

// A recording that one took in is heard, and listened to in parts, at the other; deleted there, it is gone here.
const sound = await readFile(wav);
const recording = v7();
await (
  await here.call('PUT', `/api/recordings/${recording}?keep=true`, sound, { 'Content-Type': 'audio/wav' })
).arrayBuffer();
const whole = Buffer.from(await (await there('GET', `/api/recordings/${recording}/sound.wav`)).arrayBuffer());
const part = await there('GET', `/api/recordings/${recording}/sound.wav`, undefined, {
  Range: 'bytes=100-199',
});
const bytes = Buffer.from(await part.arrayBuffer());
let job = await (await there('GET', `/api/recordings/${recording}`)).json();
for (let i = 0; i < 100 && job.state !== 'done'; i += 1) {
  await rest(100);
  job = await (await there('GET', `/api/recordings/${recording}`)).json();
}
const thrown = await there('DELETE', `/api/recordings/${recording}`, undefined, {
  'If-Match': `"${job.version}"`,
  'Mutation-Id': v7(),
});
await thrown.arrayBuffer();
const gone = await here.call('GET', `/api/recordings/${recording}/sound.wav`);
await gone.arrayBuffer();
hold(
  'a kept recording is listened to, and thrown away, at another machine than the one that took it',
  whole.equals(sound) &&
    part.status === 206 &&
    bytes.equals(sound.subarray(100, 200)) &&
    thrown.ok &&
    gone.status === 404
    ? []
    : [
        `${whole.length} bytes of ${sound.length}, part ${part.status}, thrown away ${thrown.status}, then ${gone.status}`,
      ],
);

// One machine's clock is behind: the hall's time is the same at both, and an entry of just now is no entry of the future there.
const atBoth = (ask) => Promise.all([here.call, there].map(async (call) => (await ask(call)).json()));
const hall = await atBoth((call) => call('GET', '/api/time'));
const apart = Math.abs(hall[0].nowMs - hall[1].nowMs);
const undated = { ...entry, at: undefined };
/** By how much a machine's own clock is ahead of this one's, of five tries the one that was answered soonest, ms. */
async function ahead(call) {
  const tries = [];
  for (let i = 0; i < 5; i += 1) {
    const sent = Date.now();
    const { at } = await (await call('PUT', `/api/attempts/${v7()}`, JSON.stringify(undated))).json();
    tries.push({ took: Date.now() - sent, ms: Date.parse(at) - sent });
  }
  return tries.sort((a, b) => a.took - b.took)[0].ms;
}
const behind = (await ahead(here.call)) - (await ahead(there));
const justNow = await there(
  'PUT',
  `/api/attempts/${v7()}`,
  JSON.stringify({ ...entry, at: new Date().toISOString() }),
);
await justNow.arrayBuffer();
hold(
  `the hall's time is the same at both (${apart} ms apart), though one machine's own clock is ${(behind / 1000).toFixed(1)} s behind`,
  apart < 500 && behind >= 1000 && justNow.ok
    ? []
    : [`${JSON.stringify(hall)}, ${behind}, just now: ${justNow.status}`],
);

// A guess counts wherever it is made: five a minute for one account at both together, also where all come at the same moment.
const through = [];
for (let round = 0; round < 6; round += 1) {
  const email = `guessed-${v7()}@saltmarsh.example`;
  const guesses = await Promise.all(
    Array.from({ length: 16 }, async (_, i) => {
      const at = i % 2 === 0 ? one : other;
      const answer = await fetch(`${at}/api/sign-in`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'csrf-token': 'csrf-token', Origin: at },
        body: JSON.stringify({ email, password: `guess ${i}` }),
      });
      await answer.arrayBuffer();
      return answer.status;
    }),
  );
  through.push(guesses.filter((status) => status !== 429).join(' '));
}
hold(
  'of sixteen guesses at once at both machines five are let through, six times',
  through.filter((of) => of !== '401 401 401 401 401'),
);

// Who signs out at one is out at the other.
await (await there('POST', '/api/sign-out')).arrayBuffer();
const after = await here.get('/api/me');
hold(
  'who signs out at one machine is out at the other',
  after.coach === null ? [] : [JSON.stringify(after).slice(0, 80)],
);
await stream.body.cancel().catch(() => undefined);
await reading;
end();

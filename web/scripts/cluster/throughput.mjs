// How much is written and read in so many seconds, by ten coaches of one gym at once; and how long a recording of 20 MB takes to be
// kept and heard again, beside the same bytes on this machine's disk.
// Usage: node scripts/cluster/throughput.mjs NAME URL SECONDS
import { open, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 } from 'uuid';
import { signedIn } from '../signedIn.mjs';

const [name, url, seconds] = process.argv.slice(2);
const AT_ONCE = 10;
const RECORDING_S = 227;
const RATE = 44_100;

const { call, get } = await signedIn(url, 'maren@saltmarsh.example', 'harbour rope 14');
const athletes = await get('/api/athletes');

async function asMuch(act) {
  const until = Date.now() + Number(seconds) * 1000;
  const took = [];
  await Promise.all(
    Array.from({ length: AT_ONCE }, async (_, number) => {
      while (Date.now() < until) {
        took.push(await timed(() => act(number)));
      }
    }),
  );
  took.sort((a, b) => a - b);
  return `${(took.length / Number(seconds)).toFixed(0)} ${took[took.length >> 1].toFixed(0)} ${took[Math.floor(took.length * 0.95)].toFixed(0)}`;
}

/** Until its last byte is here, ms. */
async function timed(act) {
  const begun = performance.now();
  const answer = await act();
  await answer.arrayBuffer();
  if (!answer.ok) {
    throw new Error(`${name}: ${answer.status}`);
  }
  return performance.now() - begun;
}

/** A quiet WAV file: one channel, 16 bits. */
function recording() {
  const bytes = RECORDING_S * RATE * 2;
  const wav = Buffer.alloc(44 + bytes);
  wav.write('RIFF', 0);
  wav.writeUInt32LE(36 + bytes, 4);
  wav.write('WAVEfmt ', 8);
  wav.writeUInt32LE(16, 16);
  wav.writeUInt16LE(1, 20);
  wav.writeUInt16LE(1, 22);
  wav.writeUInt32LE(RATE, 24);
  wav.writeUInt32LE(RATE * 2, 28);
  wav.writeUInt16LE(2, 32);
  wav.writeUInt16LE(16, 34);
  wav.write('data', 36);
  wav.writeUInt32LE(bytes, 40);
  // No two samples alike: nothing that could be packed.
  for (let at = 44; at < wav.length; at += 65_536) {
    crypto.getRandomValues(wav.subarray(at, Math.min(at + 65_536, wav.length)));
  }
  return wav;
}

async function onDisk(bytes) {
  const path = join(tmpdir(), `recording-${process.pid}`);
  const begun = performance.now();
  const file = await open(path, 'w');
  await file.write(bytes);
  await file.sync();
  await file.close();
  const took = performance.now() - begun;
  await rm(path);
  return took;
}

const written = await asMuch((number) =>
  call(
    'PUT',
    `/api/attempts/${v7()}`,
    JSON.stringify({
      athleteId: athletes[number].id,
      drill: 'fifty-calm',
      kind: 'sum',
      reps: 10,
      at: new Date().toISOString(),
    }),
  ),
);
const read = await asMuch((number) => call('GET', `/api/athletes/${athletes[number].id}/path`));
const [sound, id] = [recording(), v7()];
const disk = await onDisk(sound);
const kept = await timed(() =>
  call('PUT', `/api/recordings/${id}?keep=true`, sound, { 'Content-Type': 'audio/wav' }),
);
const heard = await timed(() => call('GET', `/api/recordings/${id}/sound.wav`));
const part = await timed(() =>
  call('GET', `/api/recordings/${id}/sound.wav`, undefined, { Range: 'bytes=10000000-10065535' }),
);
console.log([name, written, read, ...[disk, kept, heard, part].map((ms) => ms.toFixed(0))].join(' '));

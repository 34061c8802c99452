// Sends so many recordings one after the other, which nobody listens to yet.
// Usage: node scripts/cluster/jobs.mjs URL WAV COUNT
import { readFile } from 'node:fs/promises';
import { v7 } from 'uuid';
import { signedIn } from '../signedIn.mjs';

const [url, wav, count] = process.argv.slice(2);
const { call } = await signedIn(url, 'maren@saltmarsh.example', 'harbour rope 14');
const sound = await readFile(wav);
for (let sent = 0; sent < Number(count); sent += 1) {
  const answer = await call('PUT', `/api/recordings/${v7()}`, sound, { 'Content-Type': 'audio/wav' });
  await answer.arrayBuffer();
  if (!answer.ok) {
    throw new Error(`a recording was refused: ${answer.status}`);
  }
}

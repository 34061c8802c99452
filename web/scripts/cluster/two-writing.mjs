// Coaches of one gym log at two web machines, each of which writes to a database of its own: the later commit of two is refused, and
// the whole use case has to run again. Prints how many were acknowledged, and how many answers were no success.
// Usage: node scripts/cluster/two-writing.mjs SECONDS ATHLETE_NAME URL URL
import { v7 } from 'uuid';
import { signedIn } from '../signedIn.mjs';

const [seconds, name, ...machines] = process.argv.slice(2);
const AT_EACH = 3;
const rest = (ms) => new Promise((done) => setTimeout(done, ms));

const sessions = await Promise.all(
  machines.map((url) => signedIn(url, 'maren@saltmarsh.example', 'harbour rope 14')),
);
const athleteId = v7();
const athlete = { name, height: '170', dominantHand: 'right', experience: 'singles' };
await (await sessions[0].call('PUT', `/api/athletes/${athleteId}`, JSON.stringify(athlete))).arrayBuffer();
// The other database has it a moment later.
await rest(500);
const until = Date.now() + Number(seconds) * 1000;
let acknowledged = 0;
const refused = [];
await Promise.all(
  sessions.flatMap(({ call }) =>
    Array.from({ length: AT_EACH }, async () => {
      while (Date.now() < until) {
        const entry = JSON.stringify({
          athleteId,
          drill: 'fifty-calm',
          kind: 'sum',
          reps: 5,
          at: new Date().toISOString(),
        });
        const path = `/api/attempts/${v7()}`;
        for (let ok = false; !ok;) {
          const answer = await call('PUT', path, entry);
          await answer.arrayBuffer();
          ok = answer.ok;
          if (!ok) {
            refused.push(answer.status);
            await rest(50);
          }
        }
        acknowledged += 1;
      }
    }),
  ),
);
console.log(`${acknowledged} ${refused.length} ${[...new Set(refused)].join(',')}`);

// After the falls: every acknowledged entry once and none doubled, on every database the same; revisions without gaps; every
// recording heard; all web machines show the same. Says each, and fails where one does not hold.
// Usage: node scripts/cluster/verdict.mjs WRITTEN.json ROWS.json FALLS URL…   (a URL for each web machine)
import { readFile } from 'node:fs/promises';
import { holding } from './holding.mjs';

const [written, rows, fallen, ...machines] = process.argv.slice(2);
const { cookie, entries, sounds } = JSON.parse(await readFile(written, 'utf8'));
/** By database: attempts of the writers as "id reps", change feed as "revision row", revision of the gym, sums, states of jobs. */
const databases = JSON.parse(await readFile(rows, 'utf8'));
const { hold, end } = holding();

const bare = (id) => id.replaceAll('-', '').toUpperCase();
const [first, ...others] = Object.entries(databases);
for (const [name, { attempts }] of Object.entries(databases)) {
  const found = new Map(attempts.map((line) => line.split(' ')));
  hold(
    `${name} has every one of ${entries.length} acknowledged entries`,
    entries.filter(({ id, reps }) => found.get(bare(id)) !== String(reps)).map(({ id }) => id),
  );
  hold(`${name} has no other`, found.size === entries.length ? [] : [`${found.size} rows`]);
}
for (const [name, rows] of others) {
  const differing = Object.keys(first[1]).filter(
    (what) => JSON.stringify(rows[what]) !== JSON.stringify(first[1][what]),
  );
  hold(`${name} is the same as ${first[0]}`, differing);
}
const { changes, revision, sums, jobs } = first[1];
const sum = entries.reduce((all, { reps }) => all + reps, 0);
hold(
  'what the entries add up to counts each once',
  sums[0] === `${entries.length} ${sum}` ? [] : [`${sums[0]}, not ${entries.length} ${sum}`],
);
const revisions = changes.map((line) => Number(line.split(' ')[0]));
const from = revisions[0] - 1;
hold(
  `revisions ${from + 1} to ${revision[0]} are without gaps and none is twice`,
  revisions
    .flatMap((one, i) => (one === from + 1 + i ? [] : [`${one} at ${i}`]))
    .concat(revisions.at(-1) === Number(revision[0]) ? [] : ['the last']),
);
const of = new Map(changes.map((line) => line.split(' ').reverse()));
hold(
  'each was told the revision that it has',
  entries
    .filter(({ id, revision: told }) => Number(of.get(bare(id))) !== told)
    .map(({ id, revision: told }) => `${id} ${told}, not ${of.get(bare(id))}`),
);
hold(
  'each was answered what it asked',
  entries
    .filter(({ id, answered }) => id !== answered)
    .map(({ id, answered, told }) => `${id}, not ${answered} ${told.join(' ')}`),
);
hold(
  'nobody was signed out',
  entries.filter(({ told }) => told.includes(401)).map(({ id, told }) => `${id} ${told.join(' ')}`),
);
hold(
  `all ${sounds.length} recordings were heard`,
  sounds
    .filter(({ id }) => !jobs.includes(`${bare(id)} done`))
    .map(({ id }) => jobs.find((line) => line.startsWith(bare(id))) ?? id),
);

/** Lines of "instant kind machine". */
const falls = (await readFile(fallen, 'utf8'))
  .split('\n')
  .filter(Boolean)
  .map((line) => ({ at: Number(line.split(' ')[0]), what: line.slice(line.indexOf(' ') + 1) }));
const wentOn = falls.map(({ at, what }) => ({
  what,
  ms: Math.min(...entries.filter((one) => one.at > at).map((one) => one.at)) - at,
}));
hold(
  `after each of ${falls.length} falls the class went on (${wentOn.map(({ what, ms }) => `${what.split(' ')[0]} ${(ms / 1000).toFixed(1)} s`).join(', ')})`,
  wentOn.filter(({ ms }) => !Number.isFinite(ms)).map(({ what }) => what),
);

const shown = await Promise.all(
  machines.map(async (machine) => {
    const pages = ['/api/athletes', '/api/class', '/api/entries', '/api/class-story'];
    return Promise.all(
      pages.map(async (page) => (await fetch(machine + page, { headers: { Cookie: cookie } })).text()),
    );
  }),
);
hold(
  `all ${machines.length} web machines show the same`,
  shown
    .slice(1)
    .flatMap((pages, i) =>
      pages.flatMap((page, at) =>
        page === shown[0][at] && page.length > 100
          ? []
          : [`${machines[i + 1]} page ${at}: ${page.slice(0, 60)}`],
      ),
    ),
);
end();

// How long a screen with forty people in the hall works for one entry that another coach logs: script, style and layout as
// Chromium counts them.
// Usage: node scripts/hall-load.mjs URL E-MAIL PASSWORD
import { chromium } from '@playwright/test';
import { v7 } from 'uuid';
import { signedIn } from './signedIn.mjs';

const [url, email, password] = process.argv.slice(2);
const PEOPLE = 40;
const ENTRIES = 20;
const FRAME_MS = 16;
/** By then the entry stands in the hall. */
const SETTLED_MS = 1000;

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  const { call, get, cookie } = await signedIn(url, email, password);
  const write = (path, body) => call('PUT', path, JSON.stringify(body));
  const here = async () => (await get('/api/class')).athletes;
  for (let i = (await here()).length; i < PEOPLE; i += 1) {
    await write(`/api/athletes/${v7()}`, {
      name: `Bench ${i}`,
      height: '171',
      dominantHand: 'right',
      experience: 'linked-doubles',
    });
  }
  const gym = await get('/api/me');
  await call('PATCH', '/api/gym', JSON.stringify({ hallWidth: '26 m', hallDepth: '18 m' }), {
    'Mutation-Id': v7(),
    'If-Match': `"${gym.gym.version}"`,
  });
  const other = await browser.newPage({ viewport: { width: 1920, height: 1080 } });
  const [name, value] = cookie.split('; ')[0].split('=');
  await other.context().addCookies([{ name, value, url }]);
  await other.goto(`${url}/class`);
  await other.getByRole('group', { name: /^Hall,/ }).waitFor();
  await other.waitForTimeout(3000);
  const drawn = await other.locator('[aria-label^="Hall,"] button').count();
  const trace = await other.context().newCDPSession(other);
  await trace.send('Performance.enable');
  const worked = async () => {
    const { metrics } = await trace.send('Performance.getMetrics');
    const of = (name) => metrics.find((one) => one.name === name)?.value ?? 0;
    return 1000 * (of('ScriptDuration') + of('RecalcStyleDuration') + of('LayoutDuration'));
  };
  const [athlete] = (await here()).filter((one) => one.firstName === 'Bench');
  const times = [];
  for (let i = 0; i < ENTRIES; i += 1) {
    const before = await worked();
    await write(`/api/attempts/${v7()}`, {
      athleteId: athlete.id,
      drill: athlete.logs.drill,
      kind: 'streak',
      reps: 10 + i,
      end: 'miss',
    });
    // Nothing asks the page meanwhile: what a look at it costs would count as its own work.
    await other.waitForTimeout(SETTLED_MS);
    times.push((await worked()) - before);
    await other
      .getByText(`${10 + i}, miss`)
      .first()
      .waitFor();
  }
  const sorted = [...times].sort((a, b) => a - b);
  console.log(
    `hall: one entry on a screen with ${drawn} people in the hall: ${sorted[Math.floor(ENTRIES / 2)].toFixed(1)} ms of script, ` +
      `style and layout at the median of ${ENTRIES}, most ${sorted.at(-1).toFixed(1)} ms (aim ${FRAME_MS} ms at the median)`,
  );
} finally {
  await browser.close();
}

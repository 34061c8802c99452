// How long after a hand is moved on the rope bench its new arc is on the screen, in headless Chromium.
// Usage: node scripts/hand-moves.mjs URL E-MAIL PASSWORD
import { chromium } from '@playwright/test';

const [url, email, password] = process.argv.slice(2);
const MOVES = 80;
const AIM_MS = 50;

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(url);
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('navigation', { name: 'Places' }).waitFor();
  const athletes = await (await page.request.get(`${url}/api/athletes`)).json();
  await page.goto(`${url}/ropes/${athletes[0].id}`);
  await page.getByRole('slider', { name: 'Right hand' }).focus();
  await page.waitForTimeout(1000);
  const { shown, asked } = await page.evaluate(async (moves) => {
    const rope = document.querySelector(
      'g[aria-label^="Rope and athlete from the front"] path[class*="rope"]',
    );
    const times = [];
    for (let i = 0; i < moves; i += 1) {
      const drawn = new Promise((done) => {
        const watch = new MutationObserver(() => {
          watch.disconnect();
          // The next frame is the one that shows it.
          requestAnimationFrame(() => done(performance.now()));
        });
        watch.observe(rope, { attributes: true, attributeFilter: ['d'] });
      });
      const began = performance.now();
      document.activeElement.dispatchEvent(
        new KeyboardEvent('keydown', { key: i % 4 < 2 ? 'ArrowRight' : 'ArrowLeft', bubbles: true }),
      );
      times.push((await drawn) - began);
      await new Promise((done) => setTimeout(done, 40));
    }
    const fetches = performance.getEntriesByType('resource').filter((entry) => entry.name.includes('/arc?'));
    return { shown: times, asked: fetches.map((entry) => entry.duration) };
  }, MOVES);
  const at = (list, share) =>
    [...list].sort((a, b) => a - b)[Math.floor(share * (list.length - 1))].toFixed(0);
  console.log(
    `hand: ${shown.length} moves in Chromium, the new arc is on the screen after ${at(shown, 0.5)} ms at the median, ` +
      `95 % within ${at(shown, 0.95)} ms (aim ${AIM_MS} ms at the median); the server's part ${at(asked, 0.5)} ms`,
  );
} finally {
  await browser.close();
}

// How long after a break of a set plan is dragged its new cost is on the screen, in headless Chromium.
// Usage: node scripts/bend-moves.mjs URL E-MAIL PASSWORD
import { openApp } from './openApp.mjs';

const [url, email, password] = process.argv.slice(2);
const MOVES = 80;
const AIM_MS = 50;

const { browser, page } = await openApp(url, email, password);
try {
  await page.evaluate(() => localStorage.setItem('zumbo-workout', '3 rounds: 100 doubles, run 1:00'));
  await page.goto(`${url}/pacing`);
  const sets = page.getByRole('textbox', { name: 'Sets, like 20-15-15' });
  await sets.fill('40-30-30');
  await sets.press('Enter');
  const handle = page.getByRole('slider', { name: 'Break 1' });
  await handle.and(page.locator('[aria-valuenow="40"]')).waitFor();
  const box = await handle.boundingBox();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  const shown = await handle.evaluate(async (grip, moves) => {
    const said = document.querySelector('p[aria-live="polite"]');
    const rail = grip.parentElement.getBoundingClientRect();
    const times = [];
    for (let i = 0; i < moves; i += 1) {
      const drawn = new Promise((done) => {
        const watch = new MutationObserver(() => {
          watch.disconnect();
          // The next frame is the one that shows it.
          requestAnimationFrame(() => done(performance.now()));
        });
        watch.observe(said, { characterData: true, childList: true, subtree: true });
      });
      const began = performance.now();
      const clientX = rail.left + rail.width * (0.2 + 0.3 * ((i % 20) / 20));
      grip.dispatchEvent(new PointerEvent('pointermove', { clientX, bubbles: true, pointerId: 1 }));
      times.push((await drawn) - began);
      await new Promise((done) => setTimeout(done, 40));
    }
    return times;
  }, MOVES);
  await page.mouse.up();
  const at = (share) => [...shown].sort((a, b) => a - b)[Math.floor(share * (shown.length - 1))].toFixed(0);
  console.log(
    `bend: a break of a hundred doubles dragged ${shown.length} times in Chromium, the new cost is on the screen after ` +
      `${at(0.5)} ms at the median, 95 % within ${at(0.95)} ms (aim ${AIM_MS} ms)`,
  );
} finally {
  await browser.close();
}

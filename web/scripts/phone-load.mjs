// The first load of Class on a phone four times slower than this machine: when the athletes are there to be touched, and how
// long the page was deaf until then (of each task what is over 50 ms). Prints the medians of several loads, nothing kept
// from one to the next, beside those of an empty page: what the browser and this script cost by themselves.
// Usage: phone-load.mjs ADDRESS EMAIL PASSWORD
import { chromium } from '@playwright/test';
import { signedIn } from './signedIn.mjs';

const [address, email, password] = process.argv.slice(2);
const LOADS = 7;
const SLOWER = 4;
const EMPTY = '<!doctype html><title>Empty</title><button aria-pressed="false">Nothing</button>';

const { cookie } = await signedIn(address, email, password);
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});

async function load(isEmpty = false) {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    serviceWorkers: 'block',
  });
  const [name, value] = cookie.split('=');
  await context.addCookies([{ name, value, url: address }]);
  const page = await context.newPage();
  await page.addInitScript(() => {
    globalThis.deaf = 0;
    new PerformanceObserver((list) => {
      list.getEntries().forEach((one) => (globalThis.deaf += Math.max(0, one.duration - 50)));
    }).observe({ type: 'longtask', buffered: true });
  });
  const cdp = await context.newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  if (isEmpty) {
    await page.route('**/class', (route) => route.fulfill({ contentType: 'text/html', body: EMPTY }));
  }
  await page.goto(`${address}/class`, { waitUntil: 'commit' });
  await page.locator('button[aria-pressed]').first().waitFor();
  const [ready, deaf] = await page.evaluate(() => [performance.now(), globalThis.deaf]);
  await context.close();
  return { ready, deaf };
}

const median = (numbers) => numbers.sort((a, b) => a - b)[Math.floor(numbers.length / 2)].toFixed(0);
await load();
const loads = [];
const empty = [];
for (let i = 0; i < LOADS; i += 1) {
  loads.push(await load());
  empty.push(await load(true));
}
await browser.close();
console.log(
  `phone: first load of Class, ${SLOWER} times slower: ready after ${median(loads.map((one) => one.ready))} ms, deaf for ${median(loads.map((one) => one.deaf))} ms` +
    `; an empty page ${median(empty.map((one) => one.ready))} and ${median(empty.map((one) => one.deaf))} ms`,
);

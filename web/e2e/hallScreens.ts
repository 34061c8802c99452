import { expect, type Browser, type Page } from '@playwright/test';

interface Skew {
  /** The device's own clock is off by so much. */
  offMs: number;
  /** The network takes so long there and back. */
  waysMs: [number, number];
}

/** A screen of its own, with a clock that is off and a slow network. */
export async function screen(
  browser: Browser,
  size: { width: number; height: number },
  { offMs, waysMs }: Skew,
  hasTouch = false,
): Promise<Page> {
  const context = await browser.newContext({ viewport: size, hasTouch });
  const page = await context.newPage();
  await page.addInitScript((off) => {
    const now = Date.now;
    Date.now = () => now() + off;
  }, offMs);
  const wait = (ms: number) => new Promise((done) => setTimeout(done, ms * (0.6 + 0.4 * Math.random())));
  await page.route('**/api/time', async (route) => {
    await wait(waysMs[0]);
    const response = await route.fetch();
    await wait(waysMs[1]);
    await route.fulfill({ response });
  });
  return page;
}

/**
 * By how much a screen's clock is ahead of the truth, in ms: what it shows beside what it ought to show. Of some looks the
 * highest: between two pictures a clock stands.
 */
export async function ahead(page: Page, startMs: number): Promise<number> {
  return page.evaluate(async (start) => {
    let most = -Infinity;
    for (let look = 0; look < 40; look += 1) {
      const shown = document.querySelector('[role=timer]')?.getAttribute('data-elapsed');
      // The browser's own clock of frames is not touched by what was done to the date.
      const truth = performance.timeOrigin + performance.now() - start;
      most = Math.max(most, Number(shown) * 1000 - truth);
      await new Promise((done) => setTimeout(done, 25));
    }
    return most;
  }, startMs);
}

export const shownOn = (page: Page) => page.getByRole('timer').first().getAttribute('data-elapsed');

interface Clock {
  clock: { id: string; version: number; startMs: number; link: string } | null;
}

export async function runningClock(page: Page): Promise<Clock['clock']> {
  return ((await (await page.request.get('/api/class-clock')).json()) as Clock).clock;
}

export async function asCoach(page: Page, method: string, path: string, data?: unknown): Promise<void> {
  const answer = await page.evaluate(
    async ([verb, to, body]) => {
      const sent = await fetch(to as string, {
        method: verb as string,
        headers: { 'Content-Type': 'application/json', 'csrf-token': 'csrf-token' },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      return sent.status;
    },
    [method, path, data] as const,
  );
  expect(answer, path).toBeLessThan(300);
}

/** A journey that broke off leaves no clock running for the next one. */
export async function endClock(page: Page): Promise<void> {
  const clock = await runningClock(page);
  if (clock === null) {
    return;
  }
  await page.request.delete(`/api/class-clock/${clock.id}`, {
    headers: { 'csrf-token': 'csrf-token', 'Mutation-Id': id(), 'If-Match': `"${String(clock.version)}"` },
  });
}

/** As the server takes ids: the time first. */
export const id = () => {
  const time = Date.now().toString(16).padStart(12, '0');
  const rest = Math.random().toString(16).slice(2, 14).padEnd(12, '0');
  return `${time.slice(0, 8)}-${time.slice(8)}-7${rest.slice(0, 3)}-8${rest.slice(3, 6)}-${rest.padEnd(12, '1')}`;
};

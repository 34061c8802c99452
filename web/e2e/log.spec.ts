import { expect, test, type Page } from '@playwright/test';
import { signIn, takenBack } from './coach';

// Answers are held back here: nothing may stand between the page and the network.
test.use({ serviceWorkers: 'block' });

const justNow = (page: Page) => page.getByRole('region', { name: 'Just now' });

async function log(page: Page, ...lines: string[]): Promise<void> {
  const line = page.getByLabel('Log line');
  for (const typed of lines) {
    await line.fill(typed);
    await line.press('Enter');
  }
}

async function takeBackAll(page: Page): Promise<void> {
  const first = justNow(page).getByRole('button', { name: /^Undo/ }).first();
  await expect(first).toBeVisible();
  while ((await first.count()) > 0) {
    const row = await first.getAttribute('aria-label');
    await takenBack(page, () => first.click());
    await expect(justNow(page).getByRole('button', { name: row ?? '', exact: true })).toHaveCount(0);
  }
  await expect(page.getByText('all sent')).toBeVisible();
}

test('no entry is ever out of sight between sent and fetched', { tag: '@desk' }, async ({ page }) => {
  test.setTimeout(120_000);
  await signIn(page);
  await expect(page.getByLabel('Log line')).toBeVisible();
  for (const heldBackMs of [0, 300, 1500]) {
    await page.route('**/api/**', async (route) => {
      const response = await route.fetch();
      await new Promise((done) => setTimeout(done, heldBackMs));
      await route.fulfill({ response });
    });
    await page.evaluate(() => {
      const seen = new Set<string>();
      const watch = { samples: 0, missing: [] as string[], timer: 0 };
      watch.timer = window.setInterval(() => {
        const rows = [...document.querySelectorAll('[aria-label="Just now"] li [aria-label^="Undo"]')];
        const now = new Set(rows.map((row) => row.getAttribute('aria-label') ?? ''));
        watch.missing.push(...[...seen].filter((one) => !now.has(one)));
        now.forEach((one) => seen.add(one));
        watch.samples += 1;
      }, 20);
      Object.assign(window, { watch });
    });
    await log(page, ...[31, 32, 33, 34, 35].map((reps) => `c${reps}/0`));
    await expect(justNow(page).getByRole('listitem')).toHaveCount(5);
    await expect(page.getByText('all sent')).toBeVisible({ timeout: 20_000 });
    await page.waitForTimeout(heldBackMs + 500);
    const watch = await page.evaluate(() => {
      const { watch: found } = window as unknown as {
        watch: { samples: number; missing: string[]; timer: number };
      };
      clearInterval(found.timer);
      return found;
    });
    expect(watch.samples).toBeGreaterThan(20);
    expect(watch.missing).toEqual([]);
    // An answer that is still held back is let through first.
    await page.unrouteAll({ behavior: 'wait' });
    await takeBackAll(page);
  }
});

test('what is undone, judged and moved without a network shows at once and holds', async ({ page }) => {
  const [tag, name] = ['c', 'Callum'];
  await signIn(page);
  await log(page, `${tag}41/0`, `${tag}42/0`, `${tag}43/0`);
  const list = justNow(page);
  await expect(list.getByRole('listitem')).toHaveCount(3);
  await expect(list).not.toContainText('not sent yet');
  await page.context().setOffline(true);
  await list.getByRole('button', { name: `Undo ${name} 42 reps, misses: 0` }).click();
  await list.getByRole('button', { name: `Quality of ${name} 43 reps, misses: 0: clean` }).click();
  await list.getByRole('button', { name: `Move ${name} 41 reps, misses: 0` }).click();
  await page.getByRole('menuitem', { name: 'Kwabena' }).click();
  await expect(list.getByRole('listitem')).toHaveText([
    new RegExp(`^${name} 43 reps, misses: 0.*not sent yet.*rough`),
    /^Kwabena 41 reps, misses: 0.*not sent yet/,
  ]);
  await expect(page.getByText('3 not sent yet')).toBeVisible();
  await page.context().setOffline(false);
  await expect(page.getByText('all sent')).toBeVisible({ timeout: 15_000 });
  await page.reload();
  await expect(list.getByRole('listitem')).toHaveText([
    new RegExp(`^${name} 43 reps, misses: 0 by Maren Quill.*rough`),
    /^Kwabena 41 reps, misses: 0 by Maren Quill.*clean/,
  ]);
  await takeBackAll(page);
});

test('one entry the server fails on holds nobody else up', { tag: '@desk' }, async ({ page }) => {
  let failing = '';
  await page.route('**/api/attempts/*', async (route) => {
    failing ||= route.request().url();
    await (route.request().url() === failing
      ? route.fulfill({ status: 500, contentType: 'text/html', body: '<h1>Oops</h1>' })
      : route.continue());
  });
  await signIn(page);
  await log(page, 'c51/0', 'c52/0', 'c53/0');
  await expect(page.getByText('1 not sent yet', { exact: true })).toBeVisible();
  await expect(justNow(page).getByRole('listitem')).toHaveText([
    /^Callum 53 reps, misses: 0 by/,
    /^Callum 52 reps, misses: 0 by/,
    /^Callum 51 reps, misses: 0 not sent yet, tried again soon/,
  ]);
  await page.unroute('**/api/attempts/*');
  await page.getByText('1 not sent yet', { exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 the server could not take yet');
  await page.getByRole('button', { name: 'Try now' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Everything is on the server');
  await page.goto('/class');
  await takeBackAll(page);
});

test('the pad opens at the thumb, and a touch is answered at once @phone', async ({ page }) => {
  await signIn(page);
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await page.getByRole('button', { name: /^Yara/ }).scrollIntoViewIfNeeded();
  const before = await page.evaluate(() => window.scrollY);
  expect(before).toBeGreaterThan(200);
  await page.getByRole('button', { name: /^Yara/ }).click();
  const pad = page.getByRole('group', { name: 'Yara, set and log' });
  await expect(pad.getByRole('button', { name: 'Log 0, miss' })).toBeInViewport({ ratio: 1 });
  expect(await page.evaluate(() => window.scrollY)).toBe(before);
  await page.route('**/api/attempts/*', () => undefined);
  await pad.getByRole('button', { name: '10 more' }).click();
  await pad.getByRole('button', { name: 'Log 10, miss' }).click();
  await expect(pad.getByText('Logged: 10, miss')).toBeInViewport({ ratio: 1 });
  await pad.getByRole('button', { name: 'Undo 10, miss here' }).click();
  await expect(pad.getByText('Logged: 10, miss')).toHaveCount(0);
});

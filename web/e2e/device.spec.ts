import { expect, test, type Page } from '@playwright/test';
import { signIn, takenBack } from './coach';

const justNow = (page: Page) => page.getByRole('region', { name: 'Just now' });

test(
  'what one coach saw is not shown to the next on that device',
  { tag: '@desk' },
  async ({ page, context }) => {
    await signIn(page);
    await page.evaluate(() => navigator.serviceWorker.ready);
    const kept = () =>
      page.evaluate(async () => {
        const cache = await caches.open('zumbo-api');
        return (await cache.keys()).map(({ url }) => new URL(url).pathname).sort();
      });
    await page.reload();
    await expect(page.getByRole('button', { name: /^Ilse/ })).toBeVisible();
    await expect.poll(kept).toContain('/api/class');
    // The same device, another coach: what answers slowly or not at all shows nothing of the one before.
    await page.evaluate(async () => {
      await fetch('/api/sign-in', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'csrf-token': 'csrf-token' },
        body: JSON.stringify({ email: 'ewan@saltmarsh.example', password: 'harbour rope 14' }),
      });
    });
    expect(await kept()).toEqual([]);
    // A session that has ended takes along what was kept.
    await page.reload();
    await expect.poll(kept).toContain('/api/class');
    await context.clearCookies();
    await page.evaluate(() => fetch('/api/athletes'));
    await expect.poll(kept).toEqual([]);
  },
);

test(
  'signing out needs no network, and says what still waits',
  { tag: '@desk' },
  async ({ page, context }) => {
    await signIn(page);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    const line = page.getByLabel('Log line');
    await expect(line).toBeVisible();
    await context.setOffline(true);
    await line.fill('y9x');
    await line.press('Enter');
    await expect(page.getByText('1 not sent yet')).toBeVisible();
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByLabel('E-mail')).toBeVisible();
    await expect(page.getByRole('status')).toHaveText(/^One entry waits on this device/);
    await page.reload();
    await expect(page.getByLabel('E-mail')).toBeVisible();
    await context.setOffline(false);
    await page.reload();
    await expect(page.getByLabel('E-mail')).toBeVisible();
    await signIn(page);
    await expect(page.getByText('all sent')).toBeVisible();
    await takenBack(page, () => justNow(page).getByRole('button', { name: 'Undo Yara 9, miss' }).click());
  },
);

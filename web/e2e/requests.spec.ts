import { expect, test, type Page } from '@playwright/test';
import { signIn } from './coach';

/** Longer than a hint and its answers take, shorter than the poll of five seconds. */
const QUIET_MS = 2500;

/** What a page asks the server from now on; the stream of hints is no question. */
function listen(page: Page): string[] {
  const asked: string[] = [];
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (pathname.startsWith('/api/') && pathname !== '/api/live') {
      asked.push(`${request.method()} ${pathname.replace(/[0-9a-f-]{36}/, '{id}')}`);
    }
  });
  return asked;
}

test('one entry costs an open class three requests of its own, and another screen two @desk', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const context = await browser.newContext();
  const other = await context.newPage();
  await signIn(other, { email: 'jory@saltmarsh.example', password: 'harbour rope 14' });
  const justNow = (one: Page) => one.getByRole('region', { name: 'Just now' });
  await expect(other.getByLabel('Log line')).toBeVisible();
  // Both have just polled: what comes now comes of the entry.
  const poll = (one: Page) => one.waitForResponse((response) => response.url().includes('/api/changes'));
  await Promise.all([poll(page), poll(other)]);
  const [own, others] = [listen(page), listen(other)];
  await page.getByLabel('Log line').fill('w17.');
  await page.getByLabel('Log line').press('Enter');
  await expect(justNow(page)).toContainText('Wen 17, stopped');
  await expect(justNow(other)).toContainText('Wen 17, stopped');
  await page.waitForTimeout(QUIET_MS);
  // One question after the hint; a poll of its own may fall into the same seconds.
  const changes = (asked: string[]) => asked.filter((one) => one === 'GET /api/changes').length;
  const rest = (asked: string[]) => asked.filter((one) => one !== 'GET /api/changes').sort();
  expect(changes(own)).toBeLessThanOrEqual(2);
  expect(changes(others)).toBeLessThanOrEqual(2);
  expect(rest(own)).toEqual(['GET /api/class', 'PUT /api/attempts/{id}']);
  expect(rest(others)).toEqual(['GET /api/class']);
  // The demo stays as it was.
  await page.getByLabel('Log line').press('Backspace');
  await expect(justNow(page)).not.toContainText('Wen 17, stopped');
});

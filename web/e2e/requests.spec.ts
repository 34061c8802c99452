import { expect, test, type Page } from '@playwright/test';
import { signIn } from './coach';

/** Longer than a hint and its answers take, shorter than the poll of five seconds. */
const QUIET_MS = 2500;

/** What a page asks the server while something is done, from right after a poll on; the stream of hints is no question. */
async function asked(page: Page, act: () => Promise<void>): Promise<string[]> {
  await page.waitForResponse((response) => response.url().includes('/api/changes'));
  const requests: string[] = [];
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (pathname.startsWith('/api/') && pathname !== '/api/live') {
      requests.push(`${request.method()} ${pathname.replace(/[0-9a-f-]{36}/, '{id}')}`);
    }
  });
  await act();
  await page.waitForTimeout(QUIET_MS);
  page.removeAllListeners('request');
  return requests;
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
  const log = async () => {
    await page.getByLabel('Log line').fill('w17.');
    await page.getByLabel('Log line').press('Enter');
    await expect(justNow(page)).toContainText('Wen 17, stopped');
    await expect(justNow(other)).toContainText('Wen 17, stopped');
  };
  const [own, others] = await Promise.all([asked(page, log), asked(other, () => Promise.resolve())]);
  expect(own.sort()).toEqual(['GET /api/changes', 'GET /api/class', 'PUT /api/attempts/{id}']);
  expect(others.filter((one) => one === 'GET /api/class')).toHaveLength(1);
  // The demo stays as it was.
  await page.getByLabel('Log line').press('Backspace');
  await expect(justNow(page)).not.toContainText('Wen 17, stopped');
});

import { expect, test } from '@playwright/test';
import { signIn, takenBack } from './coach';

test('the log holds everything, draws what is in sight, and keeps who changed what', async ({ page }) => {
  test.slow();
  await signIn(page);
  const line = page.getByLabel('Log line');
  await line.fill('w230x');
  await line.press('Enter');
  await expect(page.getByText('all sent')).toBeVisible();
  await page.goto('/log/entries');
  const rows = page.getByRole('list', { name: 'Entries' }).getByRole('listitem');
  await expect(rows.first()).toContainText('Wen Jiahui: 230, miss');
  // Page after page comes as one scrolls, and what is out of sight is not drawn.
  for (let i = 0; i < 8; i += 1) {
    await page.evaluate(() => window.scrollTo(0, document.documentElement.scrollHeight));
    await page.waitForTimeout(350);
  }
  const all = Number(await rows.first().getAttribute('aria-setsize'));
  expect(all).toBeGreaterThan(150);
  expect(await rows.count()).toBeLessThan(60);
  await page.evaluate(() => window.scrollTo(0, 0));
  await page.getByRole('button', { name: 'Change Wen Jiahui 230, miss' }).click();
  const change = page.getByRole('group', { name: 'Put right Wen Jiahui 230, miss' });
  await change.getByRole('spinbutton', { name: 'Reps' }).fill('23');
  await change.getByRole('button', { name: 'Put right' }).click();
  await expect(rows.first()).toContainText('Wen Jiahui: 23, miss');
  await page.getByRole('button', { name: 'Change Wen Jiahui 23, miss' }).click();
  await expect(page.getByRole('list', { name: 'What became of it' })).toContainText(
    /changed it; reps 230 → 23/,
  );
  await takenBack(page, () => page.getByRole('button', { name: 'Undo Wen Jiahui 23, miss' }).click());
  await expect(page.getByText('Wen Jiahui: 23, miss')).toHaveCount(0);
});

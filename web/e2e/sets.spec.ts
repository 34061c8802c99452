import { expect, test } from '@playwright/test';
import { signIn } from './coach';

test('a ladder for an athlete, with the chance on each rung', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await page.goto('/sets');
  const rungs = page.getByRole('list', { name: 'Rungs' }).getByRole('listitem');
  await expect(rungs).toHaveCount(8);
  await page.getByLabel('Pyramid: up and down').check();
  await page.getByLabel('Top rung').fill('7');
  await page.getByLabel('Top rung').press('Enter');
  await expect(rungs).toHaveCount(13);
  // A pyramid of 7 is 49 jumps and, in doubles, 98 turns.
  await expect(page.getByRole('group', { name: 'The whole ladder' })).toContainText('49 · 98');
  await expect(page.getByRole('img', { name: '7 doubles' })).toBeVisible();
});

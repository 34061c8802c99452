import { expect, test } from '@playwright/test';
import { signIn } from './coach';

test('the doubles of a workout, planned from the athlete’s own log', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await page.goto('/pacing');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Callum:');
  await page.getByLabel('Doubles a round').fill('100');
  await page.getByLabel('Doubles a round').press('Enter');
  await page.getByLabel('Rounds', { exact: true }).fill('3');
  await page.getByLabel('Rounds', { exact: true }).press('Enter');
  await expect(page.getByRole('list', { name: 'Rounds' }).getByRole('listitem')).toHaveCount(3);
  await expect(page.getByRole('group', { name: 'Set plan' })).toContainText('logged goes');
  await expect(page.getByRole('group', { name: 'Ways to scale' })).toContainText('300 doubles practised');
  await page.getByLabel('Race').check();
  await expect(page.getByRole('listitem').filter({ hasText: 'All doubles' })).toContainText('recommended');
});

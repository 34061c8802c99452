import { expect, test } from '@playwright/test';
import { signIn } from './coach';
import { checker } from './wcag';

test('no page of a gym’s own breaks the rules of WCAG 2.2 AA that a machine can check', async ({ page }) => {
  test.slow();
  const check = checker(page);
  await page.goto('/set-up');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Set up your gym');
  await check('set-up');
  await signIn(page);
  for (const view of ['settings', 'people', 'changes', 'you', 'help']) {
    await page.goto(`/gym/${view}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.waitForTimeout(400);
    await check(view);
  }
  await page.goto('/athletes/list');
  await page.getByLabel('Your list').fill('Name;Height\nAnneke Visser;172\nJonah Abara;tall');
  await expect(page.getByText('Who comes in')).toBeVisible();
  await check('list');
  await page.goto('/ropes/first');
  await expect(page.getByLabel('Length of one handle')).toBeVisible();
  await check('first ropes');
});

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
  for (const view of ['settings', 'teaching', 'people', 'changes', 'you', 'help', 'help/api']) {
    await page.goto(`/gym/${view}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.waitForTimeout(400);
    await check(view);
  }
  await page.goto('/class/notes');
  await expect(page.getByText('Warm-up took')).toBeVisible();
  await check('notes');
  await page.goto('/athletes/list');
  await page.getByLabel('Your list').fill('Name;Height\nAnneke Visser;172\nJonah Abara;tall');
  await expect(page.getByText('Who comes in')).toBeVisible();
  await check('list');
  await page.goto('/log/entries');
  await expect(page.getByRole('list', { name: 'Entries' })).toBeVisible();
  await check('entries of the log');
  await page.goto('/log/list');
  await page.getByLabel('Your list').fill('date;name;reps;misses\n3/4/2026;Femi;38;2\n5/6/2026;Ilse;12;7');
  await expect(page.getByRole('heading', { name: 'Which comes first' })).toBeVisible();
  await check('log out of a spreadsheet');
  await page.goto('/ropes/first');
  await expect(page.getByLabel('Length of one handle')).toBeVisible();
  await check('first ropes');
  await page.goto('/class/plan');
  await expect(page.getByRole('region', { name: 'Main set' })).toBeVisible();
  await check('plan');
  await page.goto('/class/weeks');
  await page.getByRole('link', { name: 'Callum Reikie' }).click();
  await expect(page.getByRole('region', { name: 'The next four weeks' })).toBeVisible();
  await check('weeks');
  await page.getByRole('link', { name: 'Practice', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Main set' })).toBeVisible();
  await check('practice of one');
  await page.getByRole('link', { name: 'Routine', exact: true }).click();
  await expect(page.getByRole('list', { name: 'The routine' })).toBeVisible();
  await check('routine');
});

test(
  'a log out of a spreadsheet comes in, once it is said what was done, and is taken back',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/log/list');
    const list = 'Day;Athlete;Reps;Misses\n3 Mar 2026;Femi;38;2\n;Ilse;12;7\n5 Mar 2026;Nobody;1;1';
    await page.getByLabel('Your list').fill(list);
    const title = page.getByRole('heading', { level: 1 });
    await expect(title).toHaveText('2 new entries; one line needs a look');
    await expect(page.getByRole('button', { name: 'Say what was done' })).toBeDisabled();
    await page.getByLabel('What was done in it').click();
    await page.getByText('Hold: Big sets of doubles', { exact: true }).click();
    await page.getByRole('button', { name: 'Add 2 entries' }).click();
    await expect(title).toHaveText('Nothing new; 2 are in the log already; one line needs a look');
    await page.getByRole('button', { name: 'Take all 2 back' }).click();
    await expect(title).toHaveText('2 new entries; one line needs a look');
  },
);

import { expect, test } from '@playwright/test';
import { signIn } from './coach';

// npm run shots: one current picture of each main view, from the demo data, into docs/screenshots.
const folder = process.env['ZUMBO_SHOTS'] ?? '../docs/screenshots';
const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

test('pictures of the main views', async ({ page }) => {
  await page.setViewportSize(desk);
  await page.goto('/');
  await expect(page.getByLabel('E-mail')).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `${folder}/sign-in.png` });
  await signIn(page);

  const take = async (name: string) => {
    await page.evaluate(() => document.fonts.ready);
    // The stream of hints keeps the network busy: wait for what is drawn instead.
    await page.waitForTimeout(400);
    await page.screenshot({ path: `${folder}/${name}.png` });
  };
  await expect(page.getByRole('button', { name: /^Ilse/ })).toBeVisible();
  await page.getByRole('button', { name: /^Priya/ }).click();
  await page.getByLabel('Log line').fill('k23x');
  await take('class');
  await page.goto('/athletes');
  await expect(page.getByRole('link', { name: 'Ilse Tannow' })).toBeVisible();
  await take('athletes');
  await page.goto('/athletes/new');
  await page.getByLabel('Height').fill("5'9");
  await take('new-athlete');
  await page.goto('/athletes');
  await page.getByRole('link', { name: 'Priya Nandakar' }).click();
  await expect(page.getByRole('group', { name: 'Gate' })).toBeVisible();
  await take('athlete');
  await page.goto('/ropes');
  await expect(page.getByRole('link', { name: /Ilse Tannow/ })).toBeVisible();
  await take('ropes');
  await page.getByRole('link', { name: /Ilse Tannow/ }).click();
  await expect(page.getByRole('img', { name: /Rope and athlete/ })).toBeVisible();
  await take('rope-bench');

  await page.goto('/sets');
  await expect(page.getByRole('list', { name: 'Rungs' }).getByRole('listitem')).toHaveCount(8);
  await take('sets');
  await page.goto('/pacing');
  await page.getByLabel('Doubles a round').fill('100');
  await page.getByLabel('Rounds', { exact: true }).fill('4');
  await expect(page.getByRole('list', { name: 'Rounds' }).getByRole('listitem')).toHaveCount(4);
  await take('pacing');
  await page.goto('/ropes');
  await page.getByRole('link', { name: /Ilse Tannow/ }).click();
  await expect(page.getByRole('img', { name: /Rope and athlete/ })).toBeVisible();
  await page.setViewportSize(phone);
  await take('rope-bench-phone');
  await page.goto('/class');
  await expect(page.getByRole('button', { name: /^Ilse/ })).toBeVisible();
  await take('class-phone');
  await page.getByRole('button', { name: /^Priya/ }).click();
  await page
    .getByRole('group', { name: /Priya, set and log/ })
    .getByRole('button', { name: '10 more' })
    .click();
  await page.evaluate(() => window.scrollTo(0, 0));
  await take('log-phone');
  await page.goto('/athletes');
  await expect(page.getByRole('link', { name: 'Ilse Tannow' })).toBeVisible();
  await take('athletes-phone');
});

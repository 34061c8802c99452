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
    await page.waitForLoadState('networkidle');
    await page.screenshot({ path: `${folder}/${name}.png` });
  };
  await page.goto('/athletes');
  await expect(page.getByRole('link', { name: 'Ilse Tannow' })).toBeVisible();
  await take('athletes');
  await page.goto('/athletes/new');
  await page.getByLabel('Height').fill("5'9");
  await take('new-athlete');
  await page.goto('/athletes');
  await page.getByRole('link', { name: 'Dmitri Palenko' }).click();
  await expect(page.getByRole('button', { name: 'Save the changes' })).toBeVisible();
  await take('athlete');
  await page.goto('/ropes');
  await expect(page.getByRole('link', { name: /Ilse Tannow/ })).toBeVisible();
  await take('ropes');
  await page.getByRole('link', { name: /Ilse Tannow/ }).click();
  await expect(page.getByRole('img', { name: /Rope and athlete/ })).toBeVisible();
  await take('rope-bench');

  await page.setViewportSize(phone);
  await take('rope-bench-phone');
  await page.goto('/athletes');
  await expect(page.getByRole('link', { name: 'Ilse Tannow' })).toBeVisible();
  await take('athletes-phone');
});

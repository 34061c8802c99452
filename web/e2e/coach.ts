import { expect, type Page } from '@playwright/test';

export const demo = { email: 'maren@saltmarsh.example', password: 'harbour rope 14' };

/** The browser's clock stands where the server's does (ZUMBO_NOW), and goes on from there. */
async function setClock(page: Page): Promise<void> {
  const now = process.env['ZUMBO_NOW'];
  if (now !== undefined && now !== '') {
    await page.clock.setSystemTime(now);
  }
}

export async function signIn(page: Page, credentials = demo): Promise<void> {
  await setClock(page);
  await page.goto('/');
  await page.getByLabel('E-mail').fill(credentials.email);
  await page.getByLabel('Password').fill(credentials.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
}

import { expect, type Page } from '@playwright/test';

export const demo = { email: 'maren@saltmarsh.example', password: 'harbour rope 14' };

export async function signIn(page: Page, credentials = demo): Promise<void> {
  await page.goto('/');
  await page.getByLabel('E-mail').fill(credentials.email);
  await page.getByLabel('Password').fill(credentials.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
}

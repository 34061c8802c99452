// A signed-in page in headless Chromium.
import { chromium } from '@playwright/test';

export async function openApp(url, email, password, viewport = { width: 1280, height: 800 }) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await browser.newPage({ viewport });
  await page.goto(url);
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('navigation', { name: 'Places' }).waitFor();
  return { browser, page };
}

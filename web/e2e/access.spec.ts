import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { signIn } from './coach';

test('no view breaks the rules of WCAG 2.2 AA that a machine can check', async ({ page }) => {
  const check = async (name: string) => {
    const found = await new AxeBuilder({ page })
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
      .analyze();
    expect(
      found.violations.map(
        (one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ')).join(', ')}`,
      ),
      name,
    ).toEqual([]);
  };
  await page.goto('/');
  await expect(page.getByLabel('E-mail')).toBeVisible();
  await check('sign in');
  await signIn(page);
  await page.getByRole('button', { name: /^Signe/ }).click();
  await expect(page.getByRole('group', { name: 'Signe, set and log' })).toBeVisible();
  await check('class');
  await page.goto('/athletes');
  await expect(page.getByRole('link', { name: 'Ilse Tannow' })).toBeVisible();
  await check('athletes');
  await page.goto('/athletes/new');
  await expect(page.getByLabel('Height')).toBeVisible();
  await check('new athlete');
  await page.goto('/athletes');
  await page.getByRole('link', { name: 'Dmitri Palenko' }).click();
  await expect(page.getByRole('group', { name: 'Gate' })).toBeVisible();
  await page.getByText('What is written down').click();
  await expect(page.getByRole('button', { name: 'Save the changes' })).toBeVisible();
  await check('athlete');
  await page.getByRole('link', { name: '247 cm' }).click();
  await expect(page.getByRole('img', { name: /Rope and athlete/ })).toBeVisible();
  await check('rope bench');
  await page.goto('/ropes');
  await expect(page.getByRole('link', { name: /Ilse Tannow/ })).toBeVisible();
  await check('ropes');
  await page.goto('/pacing');
  await expect(page.getByRole('group', { name: 'Set plan' })).toBeVisible();
  await check('pacing');
  await page.goto('/faults');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await check('faults');
  await page.goto('/sets');
  await expect(page.getByRole('list', { name: 'Rungs' })).toBeVisible();
  await check('sets');
  await page.goto('/log');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await check('log');
});

test('keys alone lead from the start to a kept rope', { tag: '@desk' }, async ({ page }) => {
  await page.goto('/');
  await expect(page.getByLabel('E-mail')).toBeFocused();
  await page.keyboard.type('maren@saltmarsh.example');
  await page.keyboard.press('Tab');
  await page.keyboard.type('harbour rope 14');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Ilse/ })).toBeVisible();
  await page.keyboard.press('Alt+3');
  await expect(page).toHaveURL(/\/ropes$/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Alt + 3');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('/');
  await page.keyboard.type('Tomasz');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tomasz:');
  await page.getByRole('link', { name: 'size one' }).press('Enter');
  await page.getByRole('radio', { name: /armpit/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('radio', { name: /breastbone/ })).toBeChecked();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('of cable');
});

test('everything fits at 200 % zoom and on the phone', async ({ page }) => {
  await signIn(page);
  const views = ['/athletes', '/athletes/new', '/ropes', '/class', '/log', '/pacing', '/sets'];
  for (const width of [640, 390]) {
    await page.setViewportSize({ width, height: 800 });
    for (const view of views) {
      await page.goto(view);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(overflow, `${view} at ${width}`).toBeLessThanOrEqual(0);
    }
  }
});

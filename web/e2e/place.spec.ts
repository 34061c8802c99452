import { expect, test } from '@playwright/test';
import { signIn } from './coach';

test('each page names itself, takes the focus, and stays in sight in the navigation', async ({ page }) => {
  await page.goto('/');
  await expect(page).toHaveTitle('Sign in · Zumbo');
  await signIn(page);
  const heading = page.getByRole('heading', { level: 1 });
  for (const place of ['Log', 'Faults', 'Ropes', 'Class']) {
    const link = page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place });
    await link.click();
    await expect(link).toHaveAttribute('aria-current', 'page');
    await expect(link).toBeInViewport({ ratio: 1 });
    // The title follows the heading, also when the page's own answer comes a moment later.
    await expect
      .poll(
        async () => (await page.title()) === `${(await heading.innerText()).replace(/\s+/g, ' ')} · Zumbo`,
      )
      .toBe(true);
    await expect(heading).toBeFocused();
  }
  await page.goto('/nowhere');
  await expect(heading).toHaveText('There is no page at this address');
  await expect(page.getByRole('link', { name: 'Go to Class' })).toBeVisible();
});

test('whoever was chosen in one place is who the next is about', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await page.goto('/athletes');
  await page.getByRole('link', { name: 'Priya Nandakar' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Priya:');
  for (const place of ['Sets', 'Pacing', 'Faults']) {
    await page
      .getByRole('navigation', { name: 'Places' })
      .getByRole('link', { name: place, exact: true })
      .click();
    await expect(page.getByText('Priya Nandakar').first()).toBeVisible();
  }
});

test('Escape closes find at once', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await expect(page.getByRole('button', { name: /^Ilse/ })).toBeVisible();
  await page.keyboard.press('/');
  await expect(page.getByRole('combobox', { name: 'Name' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
});

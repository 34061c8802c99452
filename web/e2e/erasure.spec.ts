import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { signIn } from './coach';
import { handOut, phoneAt, withAthlete } from './ownCard';

test(
  'all that is kept of somebody goes out as a page, and is erased everywhere',
  { tag: '@desk' },
  async ({ page, browser }) => {
    test.slow();
    await signIn(page);
    await withAthlete(page, async (id) => {
      const phone = await phoneAt(browser, await handOut(page, id));
      await page.goto('/gym/files');
      const out = page.getByRole('group', { name: 'Export' });
      await out.getByLabel('Athlete').fill('Orla');
      await page.getByTitle('Orla Quayside').click();
      const waiting = page.waitForEvent('download');
      await out.getByRole('link', { name: 'All of it, a page to read' }).click();
      const told = await readFile(await (await waiting).path(), 'utf8');
      expect(told).toContain('<h1>Orla Quayside</h1>');
      expect(told).not.toContain('Ilse');
      await page.goto(`/athletes/${id}`);
      await page.getByText('Details', { exact: true }).click();
      await page.getByRole('button', { name: 'Remove Orla Quayside' }).click();
      await expect(page).toHaveURL(/\/athletes$/);
      await page.goto(`/athletes/${id}`);
      await page.getByLabel('Name to erase').fill('Orla Quayside');
      await page.getByRole('button', { name: 'Erase for good' }).click();
      await expect(page).toHaveURL(/\/athletes$/);
      await expect(page.getByText('Orla Quayside')).toHaveCount(0);
      expect((await page.request.get(`/api/athletes/${id}`)).status()).toBe(404);
      expect((await page.request.get(`/api/export/${id}.html`)).status()).toBe(404);
      await phone.reload();
      await expect(phone.getByRole('heading', { level: 1, name: 'This card has ended' })).toBeVisible();
      await phone.context().close();
    });
  },
);

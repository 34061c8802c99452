import { readFile } from 'node:fs/promises';
import Ajv2020 from 'ajv/dist/2020.js';
import { parse } from 'csv-parse/sync';
import { expect, test, type Page } from '@playwright/test';
import { signIn } from './coach';

// Files are read here by readers of their own (csv-parse, ajv), which know nothing of Zumbo.

async function takeOut(page: Page, link: string): Promise<string> {
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name: link, exact: true }).click();
  return readFile(await (await waiting).path(), 'utf8');
}

async function bring(page: Page, name: string, content: string): Promise<void> {
  const type = name.endsWith('.csv') ? 'text/csv' : 'application/json';
  await page
    .getByLabel('File to import')
    .setInputFiles({ name, mimeType: type, buffer: Buffer.from(content) });
}

const title = (page: Page) => page.getByRole('heading', { level: 1 });

test('a gym goes out, is changed by hand, looked at, and brought in', { tag: '@desk' }, async ({ page }) => {
  const [name, other] = ['Bram Oosterveel', 'Bram of the Harbour'];
  await signIn(page);
  await page.goto('/log');
  await page.getByRole('link', { name: 'Export or import' }).click();

  const json = await takeOut(page, 'All of it, JSON');
  const schema = JSON.parse(await readFile('../docs/formats/zumbo-1.schema.json', 'utf8')) as object;
  const validate = new Ajv2020({ formats: { uuid: true, date: true } }).compile(schema);
  const gym = JSON.parse(json) as Record<string, { id: string; name: string }[]>;
  expect(validate(gym), JSON.stringify(validate.errors)).toBe(true);

  const csv = await takeOut(page, 'athletes, CSV');
  const rows = parse(csv, { columns: true }) as Record<string, string>[];
  expect(rows.map((row) => row['id'])).toEqual(gym['athletes']?.map((row) => row.id));
  expect(rows.map((row) => row['name'])).toEqual(gym['athletes']?.map((row) => row.name));

  // The same file again says nothing new.
  await bring(page, 'gym.json', json);
  await expect(title(page)).toHaveText('Nothing new in the file', { timeout: 20_000 });

  // One that can't be taken: every line that is to be mended, and nothing is written.
  const id = rows.find((row) => row['name'] === name)?.['id'] ?? '';
  await bring(page, 'bad.csv', `id,name,stature_m\r\n${id},,19\r\n`);
  await expect(title(page)).toHaveText('Nothing was taken: 2 errors');
  await expect(page.getByRole('alert')).toContainText('Line 2: stature_m "19": a number from 0.9 to 2.3.');

  // A part of a file changes only what it says; and back again.
  for (const [from, to] of [
    [name, other],
    [other, name],
  ] as const) {
    await bring(page, 'part.csv', `id,name,caution_note\r\n${id},${to},\r\n`);
    await expect(title(page)).toHaveText('The file has 1 changed');
    await page.getByRole('button', { name: 'Import 1 changed' }).click();
    await expect(title(page)).toHaveText('Brought in: 1 changed');
    await expect(page.getByRole('alert')).toHaveCount(0);
    await page.goto('/athletes');
    await expect(page.getByRole('link', { name: to })).toBeVisible();
    await expect(page.getByRole('link', { name: from })).toHaveCount(0);
    await page.goto('/gym/files');
  }
  expect(await takeOut(page, 'athletes, CSV')).toBe(csv);
});

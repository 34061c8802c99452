import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import { idOf, signIn } from './coach';
import { checker } from './wcag';

/** What a button gives as a file. */
async function fileOf(page: Page, card: string, button: string): Promise<{ name: string; text: string }> {
  const waiting = page.waitForEvent('download');
  await page.getByRole('region', { name: card }).getByRole('button', { name: button }).click();
  const download = await waiting;
  return { name: download.suggestedFilename(), text: await readFile(await download.path(), 'utf8') };
}

test('an athlete’s months: a sentence, pictures, tables and files', async ({ page }) => {
  test.slow();
  await signIn(page);
  const check = checker(page);
  const yara = await idOf(page, 'Yara');
  await page.goto(`/athletes/${yara}`);
  await page.getByRole('navigation', { name: 'The athlete' }).getByRole('link', { name: 'Story' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^Yara: the longest go of doubles at Hold/,
  );
  const goes = page.getByRole('region', { name: 'How far goes reach: of ten, so many' });
  await expect(goes.getByRole('img', { name: /^Of ten goes of doubles about \d+ reach \d+/ })).toBeVisible();
  const load = 'Contacts a week, and what the week might have held';
  await page.getByRole('region', { name: load }).getByText('As a table').click();
  const rows = await page.getByRole('region', { name: load }).getByRole('row').count();
  const csv = await fileOf(page, load, 'CSV');
  expect(csv.name).toBe('contacts-a-week.csv');
  expect(csv.text.trim().split('\r\n')).toHaveLength(rows);
  const svg = await fileOf(page, 'Longest go of each practice, and what happened', 'SVG');
  expect(svg.name).toBe('story.svg');
  const read = await page.evaluate((text) => {
    const file = new DOMParser().parseFromString(text, 'image/svg+xml');
    return [
      file.documentElement.namespaceURI,
      file.querySelectorAll('parsererror').length,
      file.querySelectorAll('circle').length,
    ];
  }, svg.text);
  expect(read.slice(0, 2)).toEqual(['http://www.w3.org/2000/svg', 0]);
  expect(read[2]).toBeGreaterThan(5);
  await expect(page.getByRole('img', { name: /^The beat of doubles lately/ })).toBeVisible();
  await check('story');
});

test('the class over months, and questions with answers', async ({ page }) => {
  test.slow();
  await signIn(page);
  const check = checker(page);
  await page.goto('/log/class');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/of 14 athletes move on/);
  await expect(page.getByRole('img', { name: /of 14 athletes/ })).toBeVisible();
  await check('class over time');
  await page.getByRole('link', { name: 'Questions' }).click();
  const questions = page.getByRole('navigation', { name: 'Questions' }).getByRole('button');
  await expect(questions).toHaveCount(12);
  await page.getByRole('button', { name: 'Whose rope should change this week?' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Bram, Signe and Wen need a change of rope.',
  );
  // The answer is where one looks, at the desk and by thumb.
  await expect(
    page.getByRole('img', { name: 'Bram, Signe and Wen need a change of rope.' }),
  ).toBeInViewport();
  await check('questions');
  await page.getByRole('link', { name: 'Wen Jiahui' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Wen: /);
});

import { expect, test, type Page } from '@playwright/test';
import { signIn } from './coach';

const write = (page: Page, text: string) => page.getByRole('textbox', { name: 'Workout' }).fill(text);

test(
  'a workout is written as text, planned from the athlete’s own log, and a break is bent',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/pacing');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Callum:');
    await write(page, '5 rounds: 50 doubles, run');
    const wrong = page.getByText('Character 23, “run”');
    await expect(wrong).toBeVisible();
    await page.getByRole('button', { name: 'Go to it' }).click();
    const box = page.getByRole('textbox', { name: 'Workout' });
    expect(
      await box.evaluate((area: HTMLTextAreaElement) => [area.selectionStart, area.selectionEnd]),
    ).toEqual([22, 25]);
    await write(page, '3 rounds for time: 100 double unders, run 1 min');
    await expect(page.getByText('Read as: 3 rounds: 100 doubles, run 1:00')).toBeVisible();
    await expect(page.getByRole('list', { name: 'The workout in time' }).getByRole('listitem')).toHaveCount(
      3,
    );
    await expect(page.getByRole('group', { name: 'Set plan' })).toContainText('logged goes');
    await expect(page.getByRole('group', { name: 'Ways to scale' })).toContainText('300 doubles practised');
    await page.getByRole('textbox', { name: 'Sets, like 20-15-15' }).fill('40-30-30');
    await page.keyboard.press('Enter');
    const first = page.getByRole('slider', { name: 'Break 1' });
    await expect(first).toHaveAttribute('aria-valuenow', '40');
    const at = await first.boundingBox();
    // The whole rail is a hundred reps wide: to the right by some of them.
    await page.mouse.move((at?.x ?? 0) + 24, (at?.y ?? 0) + 24);
    await page.mouse.down();
    await page.mouse.move((at?.x ?? 0) + 84, (at?.y ?? 0) + 24, { steps: 4 });
    const cost = page.getByText(/^\d+-\d+-30: /);
    await expect(cost).not.toContainText('40-30-30');
    await page.mouse.up();
    await expect(first).not.toHaveAttribute('aria-valuenow', '40');
    await page.getByRole('textbox', { name: 'Sets, like 20-15-15' }).fill('40-40');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert')).toContainText('add up to 100');
  },
);

test(
  'the class on one table, all within two minutes, and a card for each',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/pacing/class');
    await write(page, '3 rounds: 30 doubles, run 1:00; cap 15:00');
    const table = page.getByRole('table', { name: 'The class' });
    await expect(table.getByRole('row')).toHaveCount(15);
    await page.getByRole('button', { name: 'Within two minutes of each other' }).click();
    await expect(page.getByRole('group', { name: 'Together' })).toContainText(
      /from first to last|can’t be brought in/,
    );
    await expect(table).toContainText('a station');
    const file = page.waitForEvent('download');
    await page.getByRole('link', { name: 'As CSV' }).click();
    expect((await file).suggestedFilename()).toBe('workout.csv');
    await page.getByRole('link', { name: 'Cards to print' }).click();
    const cards = page.getByRole('list', { name: 'Cards' });
    await expect(cards.getByRole('listitem')).toHaveCount(14);
    await page.emulateMedia({ media: 'print' });
    const box = await cards.getByRole('listitem').first().boundingBox();
    // A6 is 105 × 148 mm; 96 px are 25.4 mm.
    expect(Math.round(((box?.width ?? 0) / 96) * 25.4)).toBe(105);
    expect(Math.round(((box?.height ?? 0) / 96) * 25.4)).toBe(148);
  },
);

test('a workout is kept under a name, taken away and brought back', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await page.goto('/pacing');
  await write(page, '7 rounds: 7 doubles, rest 7 s');
  await page.getByText('Keep it').click();
  await page.getByRole('textbox', { name: 'Name of the workout' }).fill('Sevens');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Kept as Sevens.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Kept as Sevens.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it away' }).click();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('Kept as Sevens.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it away' }).click();
  await expect(page.getByText('Sevens is taken away.')).toBeVisible();
});

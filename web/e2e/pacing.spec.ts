import { expect, test, type Page } from '@playwright/test';
import { addAthlete, leave, signIn } from './coach';
import { checker } from './wcag';

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

test(
  'a workout is rehearsed for twenty seconds, and held against its plan',
  { tag: '@phone' },
  async ({ page }) => {
    const name = 'Paced Person';
    await signIn(page);
    const id = await addAthlete(page, name, 'Linked doubles');
    await page.goto(`/pacing?athlete=${id}`);
    await write(page, '2 rounds: 12 doubles, run 0:04');
    await expect(page.getByRole('group', { name: 'Ways to scale' })).toContainText('24 doubles practised');
    const contactsLeft = async () =>
      ((await (await page.request.get(`/api/athletes/${id}/pacing`)).json()) as { contactsLeft: number })
        .contactsLeft;
    const before = await contactsLeft();
    await page.getByRole('link', { name: 'Rehearsal', exact: true }).click();
    await expect(page.getByRole('list', { name: 'Legs' })).toContainText('12 doubles');
    await page.getByRole('button', { name: 'Start the pacer' }).tap();
    await expect(page.getByText('Get ready')).toBeVisible();
    const done = page.getByRole('button', { name: /^Done: / });
    await expect(page.getByText('Jump', { exact: true })).toBeVisible();
    const box = await done.boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(72);
    expect((box?.y ?? 0) + (box?.height ?? 0), 'under the thumb without scrolling').toBeLessThan(844);
    for (const [leg, wait] of [
      ['12 doubles', 6500],
      ['run', 4000],
      ['12 doubles', 6500],
      ['run', 4000],
    ] as const) {
      await page.waitForTimeout(wait);
      if (leg === '12 doubles') {
        await page.getByRole('button', { name: /^Miss/ }).tap();
      }
      await expect(done).toHaveText(`Done: ${leg}`);
      await done.tap();
    }
    await expect(page.getByText('Done', { exact: true })).toBeVisible();
    await expect(page.getByRole('list', { name: 'Touches' }).getByRole('listitem')).toHaveCount(4);
    await page.getByRole('button', { name: 'Keep it, and log the doubles' }).tap();
    const fact = page.getByRole('list', { name: 'Plan against fact' }).getByRole('listitem').first();
    await expect(fact).toContainText('2 missed');
    await expect(fact).toContainText('planned');
    await expect(page.getByRole('group', { name: 'So far' })).toContainText(
      /forecasts? held|As planned|missed/,
    );
    // Twenty-four doubles and two misses were jumped: today's contacts know.
    await expect.poll(contactsLeft).toBe(before - 26);
    await leave(page, name);
  },
);

test(
  'a coach’s own choice stands on the table, on the card and in the rehearsal',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/pacing');
    await write(page, '4 rounds: 40 doubles, run 1:00');
    await expect(page.getByRole('group', { name: 'Ways to scale' })).toContainText('160 doubles practised');
    const choice = page.getByRole('group', { name: 'Your choice' });
    await choice.getByRole('combobox', { name: 'Way to do it' }).click();
    await page.getByTitle('Half the rounds').click();
    await choice.getByRole('textbox', { name: 'Why' }).fill('a hard week');
    await choice.getByRole('button', { name: 'Choose it' }).click();
    const chosen = page.getByText('Chosen: half the rounds by Maren Quill: a hard week');
    await expect(chosen).toBeVisible();
    await page.getByRole('link', { name: 'Class table' }).click();
    await expect(page.getByRole('row', { name: /Callum/ })).toContainText(
      'chosen by Maren Quill: a hard week',
    );
    await page.getByRole('link', { name: 'Rehearsal', exact: true }).click();
    await expect(page.getByText('2 rounds: 40 doubles, run 1:00')).toBeVisible();
    await page.getByRole('link', { name: 'Cards', exact: true }).click();
    await expect(page.getByRole('list', { name: 'Cards' })).toContainText('2 rounds: 40 doubles, run 1:00');
    await page.goto('/pacing');
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(choice).toBeVisible();
  },
);

test('no page of Pacing breaks the rules of WCAG 2.2 AA that a machine can check', async ({ page }) => {
  const check = checker(page);
  await signIn(page);
  await page.goto('/pacing');
  await expect(page.getByRole('group', { name: 'Set plan' })).toBeVisible();
  await page.getByText('High and slow, or low and fast', { exact: true }).click();
  await check('pacing');
  await page.getByRole('link', { name: 'Class table' }).click();
  await expect(page.getByRole('table', { name: 'The class' })).toBeVisible();
  await check('class table');
  await page.goto('/pacing/cards');
  await expect(page.getByRole('list', { name: 'Cards' })).toBeVisible();
  await check('cards');
  // As much as is left of today.
  await page.goto('/pacing');
  await write(page, '2 rounds: 20 doubles, run 0:30');
  await expect(page.getByRole('group', { name: 'Ways to scale' })).toContainText('40 doubles practised');
  await page.getByRole('link', { name: 'Rehearsal', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Legs' })).toBeVisible();
  await check('rehearsal');
  await page.getByRole('button', { name: 'Start the pacer' }).click();
  await expect(page.getByText('Get ready')).toBeVisible();
  await check('pacer');
  await page.getByRole('button', { name: 'End it here' }).click();
  await page.getByRole('button', { name: 'Throw it away' }).click();
  await expect(page.getByRole('list', { name: 'Legs' })).toBeVisible();
});

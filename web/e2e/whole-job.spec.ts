import { expect, test, type Page } from '@playwright/test';
import { seeSign, signIn } from './coach';

// The whole job for one athlete, in the coach's order: rope, singles with the beat, a ladder of doubles, the fault that
// stops it, and the doubles inside a workout.

const pad = (page: Page) => page.getByRole('group', { name: 'One cue and the log' });
const gate = (page: Page) => page.getByRole('group', { name: 'Gate' });

async function addWithRope(page: Page, name: string): Promise<void> {
  await page.goto('/athletes/new');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Height').fill('171');
  await page.getByText('Singles', { exact: true }).click();
  await page.getByRole('button', { name: 'Add and size the rope' }).click();
  await page.getByRole('button', { name: '15 cm handles' }).click();
  await page.getByRole('button', { name: /^Keep \d+ cm/ }).click();
  await expect(page.getByText(/^Now on \d+ cm\.$/)).toBeVisible();
  await page.goto('/athletes');
  await page.getByRole('link', { name }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(
    'nothing logged yet towards 100 unbroken',
  );
}

async function logSingles(page: Page): Promise<void> {
  const set = page.getByRole('group', { name: "Today's set" });
  await set.getByRole('button', { name: 'With sound' }).click();
  await set.getByRole('button', { name: 'Play the beat' }).click();
  await expect(set.getByRole('button', { name: 'Stop the beat' })).toBeVisible();
  await set.getByRole('button', { name: 'Stop the beat' }).click();
  for (let tens = 0; tens < 5; tens += 1) {
    await pad(page).getByRole('button', { name: '10 more' }).click();
  }
  await page.getByRole('button', { name: 'Log 50, stopped' }).click();
  await expect(gate(page)).toContainText('Based on 1 attempt');
}

/** The coach decides: four stages on, to Link. */
async function moveToLink(page: Page): Promise<void> {
  for (const stage of ['Range', 'Snap', 'Mix', 'Link']) {
    await gate(page)
      .getByRole('button', { name: `Move on to ${stage}` })
      .click();
    const folded = page.getByText(`of 10: ${stage}`);
    const here = page.getByRole('listitem').filter({ hasText: stage });
    await expect(folded.or(here.and(page.locator('[aria-current="step"]')))).toBeVisible();
  }
  await expect(gate(page)).toContainText('Nothing logged yet towards 20 unbroken');
}

async function startLadder(page: Page): Promise<void> {
  await pad(page).getByRole('link', { name: 'Build a set' }).click();
  await page.getByLabel('Top rung').fill('2');
  await page.getByLabel('Top rung').press('Enter');
  const rungs = page.getByRole('list', { name: 'Rungs' }).getByRole('listitem');
  await expect(rungs).toHaveCount(2);
  await expect(rungs.nth(1)).toContainText(/in 10|almost always/);
  await page.getByRole('button', { name: 'Start the clock' }).click();
  await expect(page.getByText('Get ready')).toBeVisible();
  await expect(page.getByText('Jump', { exact: true })).toBeVisible({ timeout: 15_000 });
}

async function mark(page: Page, how: string): Promise<void> {
  await page.getByRole('button', { name: how, exact: true }).click();
}

async function giveCue(page: Page, first: string): Promise<void> {
  await pad(page).getByRole('link', { name: 'Find a fault' }).click();
  await seeSign(page, 'The beat', 'nothing after the double');
  await seeSign(page, 'Legs', 'big jump for the double only');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    `${first}: most likely all for one double`,
  );
  const advice = page.getByRole('group', { name: 'One cue' });
  await expect(advice).toContainText('Check the length of the rope first');
  await expect(advice).toContainText('step back to');
  await page.getByRole('button', { name: `Give ${first} this cue` }).click();
  await page.getByRole('link', { name: `to ${first}` }).click();
  await expect(pad(page)).toContainText('“land ready”');
  await expect(pad(page)).toContainText(/Seen: .*nothing after the double.* Most likely/);
}

async function planWorkout(page: Page, first: string): Promise<void> {
  await pad(page).getByRole('link', { name: 'Plan a workout' }).click();
  await page.getByRole('textbox', { name: 'Workout' }).fill('40 doubles');
  await expect(page.getByRole('group', { name: 'Set plan' })).toContainText(/logged|usual/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText(`${first}: `);
  await expect(page.getByRole('group', { name: 'Ways to scale' })).toContainText('40 doubles practised');
}

async function removeAgain(page: Page, name: string): Promise<void> {
  await page.goto('/athletes');
  await page.getByRole('link', { name }).click();
  await page.getByText('Details', { exact: true }).click();
  await page.getByRole('button', { name: `Remove ${name}` }).click();
  await expect(page.getByRole('link', { name })).toHaveCount(0);
}

test('the whole job for one athlete, from the rope to the workout', async ({ page }, info) => {
  test.setTimeout(150_000);
  const first = info.project.name === 'desk' ? 'Wilhelmina' : 'Xanthe';
  const name = `${first} Ashgrove ${Date.now()}`;
  await signIn(page);
  await addWithRope(page, name);
  await logSingles(page);
  await moveToLink(page);
  await startLadder(page);
  await mark(page, 'Made: 1 double, 2 singles');
  await expect(page.getByText('Breathe')).toBeVisible();
  if (info.project.name === 'desk') {
    // A reload finds the clock where it was; space pauses it and lets it go on.
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
      `${first}: rung 2 of 2, 2 doubles, 2 singles`,
    );
    await page.keyboard.press('Space');
    await expect(page.getByText('Paused')).toBeVisible();
    const stood = await page.getByRole('timer').textContent();
    await page.reload();
    await expect(page.getByRole('timer')).toHaveText(stood ?? '');
    await page.keyboard.press('Space');
    await mark(page, 'Miss after 1');
    await mark(page, 'Undo the last mark');
  }
  await mark(page, 'Miss after 1');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    `${first}: rung 2 of 2, 2 doubles, 2 singles`,
  );
  await mark(page, 'Made: 2 doubles, 2 singles');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`${first} made all 2 rungs, misses: 1`);
  await mark(page, 'Close the clock');
  await expect(gate(page)).toContainText('Based on 3 attempts');
  await expect(page.getByText('all sent')).toBeVisible();
  await giveCue(page, first);
  if (info.project.name === 'desk') {
    await page.goto('/class');
    await page.getByRole('button', { name: new RegExp(`^${first}`) }).click();
    await expect(page.getByRole('group', { name: `${first}, set and log` })).toContainText(
      'all for one double',
    );
    await page.goBack();
  }
  await planWorkout(page, first);
  await removeAgain(page, name);
});

test(
  'an interval set: written as a text, run by the clock, ended and logged',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/athletes');
    await page.getByRole('link', { name: 'Femi Adarou' }).click();
    const before = await gate(page).textContent();
    await pad(page).getByRole('link', { name: 'Build a set' }).click();
    await page.getByText('Intervals', { exact: true }).click();
    await page.getByLabel('As a text').fill('twenty on');
    await page.getByLabel('As a text').press('Enter');
    await expect(page.getByRole('alert')).toContainText(
      'Interval set "twenty on": work/rest xrounds, like "20/10 x8"',
    );
    await page.getByLabel('As a text').fill('30/1 x2');
    await page.getByLabel('As a text').press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
      'Femi: 2 times 30 s of work, 1:01 in all',
    );
    await page.getByRole('button', { name: 'Start the clock' }).click();
    await expect(page.getByText('Work', { exact: true })).toBeVisible({ timeout: 15_000 });
    await page.goto('/class');
    await page.getByRole('link', { name: 'Femi on the clock' }).click();
    await page.getByRole('button', { name: 'End it here' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('how did it go?');
    await page.getByRole('button', { name: /^Log \d+ s, misses: 0/ }).click();
    await expect(pad(page).getByRole('listitem').first()).toContainText(/\d+ s, misses: 0/);
    await expect(gate(page)).not.toHaveText(before ?? '');
    await expect(page.getByText('all sent')).toBeVisible();
    await pad(page).getByRole('listitem').first().getByRole('button', { name: /^Undo/ }).click();
    await expect(gate(page)).toHaveText(before ?? '');
  },
);

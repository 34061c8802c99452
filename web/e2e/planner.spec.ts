import ICAL from 'ical.js';
import { expect, test, type Page } from '@playwright/test';
import { leave, signIn } from './coach';
import { asCoach, id } from './hallScreens';

const NEWCOMER = 'Plana Onewall';

interface Plan {
  id: string | null;
  version: number;
}

/** The plan is one of the whole class: other journeys find none. */
async function dropPlan(page: Page): Promise<void> {
  const plan = (await (await page.request.get('/api/practice')).json()) as Plan;
  if (plan.id !== null) {
    await page.evaluate(
      async ([path, version, mutation]) => {
        await fetch(path ?? '', {
          method: 'DELETE',
          headers: { 'csrf-token': 'csrf-token', 'Mutation-Id': mutation ?? '', 'If-Match': version ?? '' },
        });
      },
      [`/api/practice/${plan.id}`, `"${String(plan.version)}"`, id()],
    );
  }
}

test.describe('the planner', { tag: '@desk' }, () => {
  let athlete = '';

  test.beforeEach(async ({ page }) => {
    await signIn(page);
    athlete = id();
    const about = { height: '171', dominantHand: 'right', experience: 'linked-doubles' };
    await asCoach(page, 'PUT', `/api/athletes/${athlete}`, { name: NEWCOMER, ...about });
  });

  test.afterEach(async ({ page }) => {
    await dropPlan(page);
    await leave(page, NEWCOMER);
  });

  test('tonight is planned, pinned, chosen anew, shown in the hall, run on the clock and logged', async ({
    page,
  }) => {
    await page.getByRole('link', { name: 'Class', exact: true }).click();
    await page.getByRole('link', { name: 'Plan', exact: true }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('20 minutes for');
    await page.getByRole('button', { name: 'Keep this plan' }).click();
    await expect(page.getByRole('heading', { name: 'The plan of tonight' })).toBeVisible();

    const main = page.getByRole('region', { name: 'Main set' });
    const group = main.getByRole('article', { name: /Plana/ });
    const before = await group.getByRole('heading').textContent();
    await group.getByRole('button', { name: 'Another one' }).click();
    const others = main.getByRole('article', { name: /Plana/ });
    await expect(others.getByRole('heading')).not.toHaveText(before ?? '');
    const chosen = (await others.getByRole('heading').textContent()) ?? '';
    await others.getByRole('button', { name: 'Pin' }).click();
    await expect(main.getByRole('article', { name: /Plana/ })).toContainText('You chose it');
    await page.getByRole('button', { name: 'Choose anew' }).click();
    await expect(page.getByRole('button', { name: 'Choose anew' })).toBeEnabled();
    await expect(main.getByRole('article', { name: /Plana/ }).getByRole('heading')).toHaveText(chosen);

    // The minutes are moved by keyboard: half a minute from the focus to the warm-up.
    const end = page.getByRole('slider', { name: 'End of Warm-up' });
    await end.press('ArrowRight');
    await expect(end).toHaveAttribute('aria-valuenow', '270');
    await page.getByRole('button', { name: 'One step back' }).click();
    await expect(end).toHaveAttribute('aria-valuenow', '240');

    // What is planned is what the hall shows.
    await page.getByRole('link', { name: 'Tonight' }).click();
    await page.getByRole('button', { name: /^Plana/ }).click();
    const card = page.getByRole('group', { name: 'Plana, set and log' });
    await expect(card).toContainText(chosen);

    await page.getByRole('link', { name: 'Plan', exact: true }).click();
    await page.getByRole('button', { name: 'Run it on the clock' }).click();
    await expect(page.getByLabel('Name of programme 1', { exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Start the clock' }).click();
    await expect(page.getByRole('timer').first()).toBeVisible();
    await expect(page.getByText(/Warm-up/).first()).toBeVisible();
    await page.getByRole('link', { name: 'Tonight' }).click();
    await page.getByRole('button', { name: /^Plana/ }).click();
    await card.getByRole('button', { name: '10 more' }).click();
    await card.getByRole('button', { name: /miss/ }).first().click();
    await expect(page.getByRole('region', { name: 'Just now' })).toContainText('Plana');
    await page.goto('/class/clock');
    await page.getByRole('button', { name: 'End the class clock' }).click();
    await page.getByRole('button', { name: /^End it/ }).click();
    await expect(page.getByRole('button', { name: 'Start the clock' })).toBeVisible();
  });

  test('a caution takes jumps out of plan, hall and weeks, and an even-jump plan is never mixed', async ({
    page,
  }) => {
    await page.goto(`/athletes/${athlete}/path`);
    await page.getByText('From singles to doubles').click();
    const even = page.getByRole('radio', { name: /^Every jump the same/ });
    await even.click();
    await expect(even).toBeChecked();
    await page.goto('/class/plan');
    const mine = page.getByRole('article', { name: /Plana/ });
    await expect(mine).toHaveCount(5);
    for (const strip of await mine.getByRole('img').all()) {
      // One single may start a run of doubles; after a double comes none.
      expect(await strip.getAttribute('aria-label')).not.toMatch(/double.*single/);
    }
    await asCoach(page, 'PUT', `/api/cautions/${id()}`, {
      athleteId: athlete,
      caution: 'pain',
      place: 'shin',
      degree: 5,
    });
    const asked = page.getByRole('region', { name: 'What it asks of each' });
    await expect(asked.getByRole('listitem').filter({ hasText: /^Plana/ })).toContainText('No jumps today');
    await page.goto('/class');
    await expect(page.getByRole('button', { name: /^Plana/ })).toContainText('No jumps today');
    await page.goto(`/athletes/${athlete}/weeks`);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('no day with jumps');
    await expect(page.getByRole('region', { name: 'The next four weeks' })).toContainText(
      'until it is cleared',
    );
  });

  test('what is logged for a week that was bad changes the weeks that were accepted, and it says why', async ({
    page,
  }) => {
    const log = (days: number, reps: number, misses: number) =>
      asCoach(page, 'PUT', `/api/attempts/${id()}`, {
        athleteId: athlete,
        drill: 'rungs',
        kind: 'sum',
        reps,
        misses,
        at: new Date(Date.parse('2026-11-24T18:00:00Z') - days * 86_400_000).toISOString(),
      });
    await log(14, 500, 10);
    await page.goto(`/athletes/${athlete}/weeks`);
    await page.getByRole('button', { name: 'Accept these weeks' }).click();
    await expect(page.getByText(/^Accepted by/)).toBeVisible();
    // An evening full of misses, where two of a hundred are usual.
    await log(1, 46, 14);
    await expect(page.getByRole('note')).toContainText('the next practice is lighter');
    await expect(page.getByRole('region', { name: 'As you accepted it' })).toBeVisible();
    await page.getByRole('button', { name: 'Accept these weeks' }).click();
    await expect(page.getByRole('region', { name: 'As you accepted it' })).toHaveCount(0);
  });

  test('a calendar subscribes to a private address and reads it back; taken back it is dead', async ({
    page,
    playwright,
  }) => {
    await page.goto(`/athletes/${athlete}/weeks`);
    await page.getByRole('button', { name: 'Make a private address' }).click();
    const address = await page.getByLabel(/^Address of Plana/).inputValue();
    // Another program, without a session.
    const outside = await playwright.request.newContext();
    const read = await outside.get(address);
    expect(read.status()).toBe(200);
    const events = new ICAL.Component(ICAL.parse(await read.text())).getAllSubcomponents('vevent');
    expect(events.length).toBeGreaterThan(8);
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByLabel(/^Address of Plana/)).toHaveCount(0);
    expect((await outside.get(address)).status()).toBe(404);
    await outside.dispose();
  });

  test('a routine is made of the moves somebody has, played and logged', async ({ page }) => {
    await page.goto(`/athletes/${athlete}/routine`);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('moves in 45 seconds');
    await page.getByLabel('Seconds').fill('40');
    await page.getByLabel('Seconds').press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('40 seconds');
    await expect(page.getByRole('list', { name: 'The routine' }).getByRole('listitem').first()).toContainText(
      'Opening pose',
    );
    await page.getByRole('button', { name: 'Play the routine' }).click();
    await expect(page.getByRole('button', { name: 'Stop the beat' })).toBeVisible();
    await page.getByRole('button', { name: 'Stop the beat' }).click();
    await page.getByRole('button', { name: 'Log it: without a miss' }).click();
    await expect(page.getByText('Logged: 40 s without a miss.')).toBeVisible();
    await page.goto('/class');
    await expect(page.getByRole('region', { name: 'Just now' })).toContainText('Plana');
  });
});

import { expect, test, type Page } from '@playwright/test';
import { addAthlete, leave, seeSign, signIn } from './coach';

const title = (page: Page) => page.getByRole('heading', { level: 1 });
const now = (page: Page) => page.getByRole('region', { name: 'Now' });

test.describe('the fault clinic', () => {
  const added: string[] = [];

  // Whoever stays in the hall without a rope is one more in the journeys of the rack.
  test.afterEach(async ({ page }) => {
    for (const name of added.splice(0)) {
      await leave(page, name);
    }
  });

  test('asks one question, gives one cue, steps back after three goes and says another', async ({
    page,
  }, info) => {
    const first = info.project.name === 'desk' ? 'Orsolya' : 'Peregrine';
    const name = `${first} Clinic`;
    await signIn(page);
    const id = await addAthlete(page, name, 'Some doubles');
    added.push(name);
    await page.goto(`/faults?athlete=${id}`);
    await seeSign(page, 'Rope', 'trips on the second pass');
    await expect(title(page)).toHaveText(`${first}: one look more`);
    const question = page.getByRole('group', { name: 'One question' });
    await expect(question).toContainText('Not sure yet: late spin');
    await expect(page.getByRole('button', { name: /^Give/ })).toHaveCount(0);
    await answer(page, 'late hands');
    await expect(title(page)).toHaveText(`${first}: most likely late spin`);
    // Which of its cues, what the gym's other goes brought decides.
    const cue = page.getByRole('group', { name: 'One cue' });
    const said = await cue.getByRole('heading').innerText();
    await page.getByRole('button', { name: `Give ${first} this cue` }).click();
    await expect(now(page)).toContainText(`late spin: ${said}`);

    for (const goes of ['1 go', '2 goes', '3 goes']) {
      await now(page).getByRole('button', { name: 'Worse' }).click();
      await expect(now(page)).toContainText(`${goes} without effect so far`);
    }
    await expect(now(page)).toContainText('3 goes brought nothing: step back to');
    await page.goto(`/athletes/${id}`);
    await expect(page.getByText(/3 goes brought nothing: step back to/).first()).toBeVisible();

    await page.goto(`/faults?athlete=${id}`);
    await seeSign(page, 'Rope', 'trips on the second pass');
    await seeSign(page, 'Hands', 'late hands');
    await expect(cue).toContainText(`Instead of ${said}`);
    await expect(cue.getByRole('heading')).not.toHaveText(said);
  });

  test('sends the tired to pacing, and gives no cue to who is in pain', async ({ page }, info) => {
    const first = info.project.name === 'desk' ? 'Quillon' : 'Rosamond';
    const name = `${first} Clinic`;
    await signIn(page);
    const id = await addAthlete(page, name, 'Some doubles');
    added.push(name);
    await page.goto(`/faults?athlete=${id}`);
    await seeSign(page, 'Hands', 'hands drift out');
    await seeSign(page, 'Feet', 'catches toes');
    await seeSign(page, 'Felt', 'shoulders burn');
    await expect(page.getByRole('group', { name: 'One cue' })).toBeVisible();
    await page.getByRole('group', { name: 'Tired?' }).getByText('Yes').click();
    const load = page.getByRole('group', { name: 'The load first' });
    await expect(load).toContainText('Shorter sets, planned breaks');
    await expect(page.getByRole('group', { name: 'One cue' })).toHaveCount(0);
    await load.getByRole('link', { name: /Pacing/ }).click();
    await expect(page).toHaveURL(new RegExp(`/pacing\\?athlete=${id}`));

    const pain = await page.evaluate(async (athleteId) => {
      const uuid = crypto.randomUUID();
      const noted = await fetch(`/api/cautions/${uuid.slice(0, 14)}7${uuid.slice(15)}`, {
        method: 'PUT',
        headers: { 'csrf-token': 'csrf-token', 'Content-Type': 'application/json' },
        body: JSON.stringify({ athleteId, caution: 'pain', place: 'shin', degree: 5 }),
      });
      return noted.status;
    }, id);
    expect(pain).toBe(201);
    await page.goto(`/faults?athlete=${id}`);
    await expect(title(page)).toHaveText(`No cue today for ${first}`);
    await expect(page.getByText(/until the coach clears it/).first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Hands and arms' })).toHaveCount(0);
    await expect(page.getByRole('group', { name: 'Hands and arms' })).toHaveCount(0);
    await expect(page.getByRole('button', { name: /^Give/ })).toHaveCount(0);
  });
});

/** Until the question is about this sign: no to the others. */
async function answer(page: Page, sign: string): Promise<void> {
  const question = page.getByRole('group', { name: 'One question' });
  for (let asked = 0; asked < 4; asked++) {
    const said = await question.getByRole('heading').innerText();
    if (said.includes(sign)) {
      await question.getByRole('button', { name: 'Yes' }).click();
      return;
    }
    await question.getByRole('button', { name: 'No, fine' }).click();
    await expect(question.getByRole('heading')).not.toHaveText(said);
  }
  throw new Error(`never asked for ${sign}`);
}

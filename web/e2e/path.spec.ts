import { expect, test, type Page } from '@playwright/test';
import { addAthlete, idOf, leave, signIn } from './coach';
import { checker } from './wcag';

const title = (page: Page) => page.getByRole('heading', { level: 1 });

/** Singles and a double in one breath, as the notation writes it or as one says it. */
const MIXED =
  /\d+ singles?, \d+ doubles?|\d?s \d*d\b.*s|three singles, one double|falling singles|fixed singles/i;

async function teach(page: Page, method: string): Promise<void> {
  await page.goto('/gym/teaching');
  await page.getByText('From singles to doubles').click();
  await page.getByRole('radio', { name: new RegExp(`^${method}`) }).click();
  await expect(title(page)).toHaveText(new RegExp(`^${method}`));
}

test.describe('the path', () => {
  test('an even-jump gym takes an athlete from Snap to Link without a mixed pattern anywhere @desk', async ({
    page,
  }) => {
    await signIn(page);
    try {
      await teach(page, 'Every jump the same');
      const id = await addAthlete(page, 'Even Vesterlund', 'Singles');
      await page.goto(`/athletes/${id}`);
      for (let i = 0; i < 9; i++) {
        const on = page.getByRole('button', { name: /^Move on to/ });
        const next = (await on.innerText()).replace('Move on to ', '');
        expect(next).not.toBe('Mix');
        await on.click();
        await expect(page.getByText(`Back to `)).toBeVisible();
        await expect(on).not.toHaveText(`Move on to ${next}`);
        if (next === 'Snap') {
          await seenNowhere(page, id, ['/class', `/sets/drills?for=${id}`]);
        }
        if (next === 'Link') {
          break;
        }
      }
      await seenNowhere(page, id, [...OFFERING, `/athletes/${id}/path`, `/sets/drills?for=${id}`]);
      // The others of the demo are taught as before: theirs is not asked.
      const file = await page.request.get(`/api/export.json?athlete=${id}`);
      expect(await file.text()).not.toMatch(/one-double-stop|three-and-one|double-and-calm/);
    } finally {
      await teach(page, 'Doubles among singles');
      await leave(page, 'Even Vesterlund');
    }
  });

  test('a guest at the door has rope, stage and cue within two minutes @phone', async ({ page }) => {
    await signIn(page);
    const began = Date.now();
    try {
      await page.getByRole('button', { name: 'A guest tonight' }).click();
      await page.getByLabel('Name').fill('Gusti Amdahl');
      await page.getByLabel('Height').fill('171');
      await page.getByRole('button', { name: 'Add the guest' }).click();
      await page.getByRole('button', { name: /^Gusti/ }).click();
      await page.getByRole('link', { name: 'Place in two minutes' }).click();
      await page.getByRole('radiogroup', { name: 'The hops halted' }).getByText('never').click();
      await page.getByRole('button', { name: 'Twenty seconds of singles' }).click();
      const turn = page.getByRole('button', { name: /tap each turn/ });
      for (let i = 0; i < 12; i++) {
        await turn.click();
      }
      await page.getByRole('button', { name: 'Stop the count' }).click();
      await expect(page.getByLabel('Turns, if you counted')).toHaveValue('12');
      await page.getByRole('radiogroup', { name: 'The rope' }).getByText('one landing each turn').click();
      await page.getByRole('radiogroup', { name: 'Misses' }).getByText('1', { exact: true }).click();
      await page.getByRole('radiogroup', { name: 'Tall singles' }).getByText('2', { exact: true }).click();
      await page
        .getByRole('radiogroup', { name: /^Doubles landed/ })
        .getByText('1', { exact: true })
        .click();
      await page.getByRole('button', { name: 'Place Gusti' }).click();
      await expect(page.getByText(/Placed at Range/)).toBeInViewport();
      await expect(page.getByText(/may be Snap already/)).toBeVisible();
      await expect(page.getByText(/^Rope tonight: R/)).toBeVisible();
      await expect(page.getByText('“every jump the same”')).toBeVisible();
      await page.getByRole('link', { name: 'Gusti stands in the class' }).click();
      await page.getByRole('button', { name: /^Gusti/ }).click();
      await expect(page.getByRole('link', { name: 'Placed by two minutes: to be confirmed' })).toBeVisible();
      expect(Date.now() - began).toBeLessThan(120_000);
    } finally {
      await leave(page, 'Gusti Amdahl');
    }
  });

  test('waives a gate with a reason, which stays, and takes it back', { tag: '@desk' }, async ({ page }) => {
    await signIn(page);
    const id = await idOf(page, 'Signe');
    await page.goto(`/athletes/${id}/path`);
    await page.getByRole('button', { name: 'Change what Range asks' }).click();
    await page.getByRole('radio', { name: 'don’t ask it' }).check();
    await page.getByRole('textbox', { name: 'Why' }).fill('jumped tall for years');
    await page.getByRole('button', { name: 'Waive it' }).click();
    await expect(title(page)).toHaveText('Signe: ready for Snap');
    await expect(page.getByRole('group', { name: 'Decided' })).toContainText(
      'not asked, “jumped tall for years”',
    );
    await expect(page.getByRole('group', { name: 'Gate outlook' })).toContainText(
      'Not asked here: jumped tall for years',
    );
    await checker(page)('a path with a waived gate');
    await page.goto(`/athletes/${id}`);
    await expect(page.getByRole('group', { name: 'Gate', exact: true })).toContainText('Not asked here');
    await page.goto(`/athletes/${id}/path`);
    const gone = page.waitForResponse((answer) => answer.request().method() === 'DELETE');
    await page.getByRole('button', { name: 'Take it back' }).click();
    await gone;
    await expect(page.getByRole('group', { name: 'Decided' })).toContainText('Nothing was decided otherwise');
  });

  test('tells a plateau and a “ready” without being asked @desk', async ({ page }) => {
    await signIn(page);
    const names = ['Plat Orrin', 'Reddy Vane'] as const;
    try {
      for (const name of names) {
        await addAthlete(page, name, 'Linked doubles');
      }
      const [flat, ready] = [await idOf(page, names[0]), await idOf(page, names[1])];
      // Ten practices alike, as they come from a list of earlier days.
      const days = Array.from({ length: 10 }, (_, i) => `2026-10-${String(10 + i)},Plat,340,60`);
      await page.goto('/log/list');
      await page.getByLabel('Your list').fill(['date,name,reps,misses', ...days].join('\n'));
      await page.getByLabel('What was done in it').click();
      await page.getByText('Hold: Big sets of doubles', { exact: true }).click();
      await page.getByRole('button', { name: /^Add/ }).click();
      await expect(title(page)).toHaveText(/^Nothing new; 10/);
      const hall = (await (await page.request.get('/api/class')).json()) as {
        athletes: { id: string; tag: string }[];
      };
      const tag = hall.athletes.find((one) => one.id === ready)?.tag ?? '';
      await page.goto('/class');
      const line = page.getByLabel('Log line');
      for (let i = 0; i < 12; i++) {
        await line.fill(`${tag}30.`);
        await line.press('Enter');
      }
      await expect(page.getByText('all sent')).toBeVisible();
      await page.goto(`/athletes/${flat}`);
      await expect(page.getByText(/No fewer misses over the last 8 practices/)).toBeVisible();
      await page.goto('/class');
      await page.getByRole('button', { name: /^Reddy/ }).click();
      await expect(page.getByText('Ready, and does not know it: stopped on purpose at 30')).toBeVisible();
    } finally {
      for (const name of names) {
        await leave(page, name);
      }
    }
  });

  test(
    'finds a drill as one types, by what it is given for, and walks to its neighbour',
    { tag: '@desk' },
    async ({ page }) => {
      await signIn(page);
      await page.goto('/sets/drills');
      await expect(title(page)).toHaveText(/^1\d\d drills taught here/);
      await page.getByLabel('Search the drills').fill('hips twice');
      await expect(title(page)).toHaveText(/^\d drills? taught here/);
      await page.getByRole('button', { name: /^Jump and clap the hips twice/ }).click();
      const card = page.getByRole('group', { name: 'Drill' });
      await expect(card).toContainText('both in the air');
      await expect(card.getByRole('heading', { level: 2 })).toBeInViewport();
      await card.getByRole('button', { name: /^Easier/ }).click();
      await expect(card.getByRole('heading', { level: 2 })).toHaveText('Jump and clap the hips once');
      await checker(page)('a drill');
    },
  );
});

const OFFERING = [
  '/class',
  '/sets',
  '/sets/drills',
  '/rhythm',
  '/rhythm/sensor',
  '/rhythm/listen',
  '/faults',
  '/log/list',
];

/** Nowhere on the screens that offer something to jump. */
async function seenNowhere(page: Page, id: string, paths: string[]): Promise<void> {
  for (const path of paths) {
    await page.goto(path);
    await expect(title(page)).toBeVisible();
    await page.waitForLoadState('networkidle');
    const shown = await page.locator('main').innerText();
    const typed = await page
      .locator('main input')
      .evaluateAll((fields) => fields.map((field) => (field as HTMLInputElement).value).join(' | '));
    expect(`${path}: ${shown} ${typed}`).not.toMatch(MIXED);
  }
  await page.goto(`/athletes/${id}`);
  await expect(page.getByRole('group', { name: 'Gate', exact: true })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  expect(await page.locator('main').innerText()).not.toMatch(MIXED);
  await page.emulateMedia({ media: 'screen' });
}

import { expect, test, type Page } from '@playwright/test';
import { idOf, signIn } from './coach';

async function openBench(page: Page, name: string, step = ''): Promise<void> {
  await signIn(page);
  await page.goto(`/ropes/${await idOf(page, name)}${step}`);
}

test(
  'a taped landmark wins over the estimate and says so; the trim school is the athlete’s own',
  { tag: '@desk' },
  async ({ page }) => {
    await openBench(page, 'Lucía');
    // Six schools beside each other, each with its stance and reading.
    await expect(page.getByRole('radio', { name: /handle ends|cable ends|no landmark/ })).toHaveCount(6);
    await expect(page.getByText(/armpit is estimated from height/)).toBeVisible();
    // Opened once: what is saved does not fold it.
    await page.getByText('Tape, handles, sizing method').click();
    await page.getByLabel('Armpit taped').fill('125');
    await page.getByRole('button', { name: 'Save tape, handles and method' }).click();
    await expect(page.getByText(/armpit is taped at 125 cm/)).toBeVisible();
    // 2 · 125 + 19 under both feet − 2 · 15 in the hands
    await expect(page.getByRole('heading', { level: 1 })).toContainText('239 cm of cable');
    await page.getByLabel('Armpit taped').fill('190');
    await page.getByRole('button', { name: 'Save tape, handles and method' }).click();
    await expect(page.getByText(/Armpit 190 cm: between/i)).toBeVisible();
    await page.getByLabel('Armpit taped').fill('');
    await page.getByRole('combobox', { name: 'Trim school' }).click();
    await page
      .locator('.ant-select-dropdown:visible')
      .getByText('goal length from day one', { exact: true })
      .click();
    await page.getByRole('button', { name: 'Save tape, handles and method' }).click();
    await expect(
      page.getByText('The armpit school, worn from day one: no slack for drifting hands.').first(),
    ).toBeVisible();
    await page.getByRole('combobox', { name: 'Trim school' }).click();
    await page
      .locator('.ant-select-dropdown:visible')
      .getByText('as the gym does it', { exact: true })
      .click();
    await page.getByRole('button', { name: 'Save tape, handles and method' }).click();
    await expect(page.getByText(/armpit is estimated from height/)).toBeVisible();
  },
);

test(
  'hands are dragged and the arc follows; the arrow keys can do the same',
  { tag: '@desk' },
  async ({ page }) => {
    await openBench(page, 'Ilse');
    const heading = page.getByRole('heading', { level: 1 });
    await expect(heading).toContainText('16 cm of spare arc');
    const right = page.getByRole('slider', { name: 'Right hand' });
    const rope = page.locator('g[aria-label^="Rope and athlete from the front"] path[class*="rope"]');
    const before = await rope.getAttribute('d');
    const box = (await right.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2, { steps: 6 });
    await page.mouse.up();
    // Wider hands: less spare arc, on both sides, for they move together.
    await expect(heading).not.toContainText('16 cm of spare arc');
    await expect(rope).not.toHaveAttribute('d', before ?? '');
    const out = Number(/(\d+) cm out/.exec((await right.getAttribute('aria-valuetext')) ?? '')?.[1]);
    expect(out).toBeGreaterThan(55);
    await expect(page.getByRole('slider', { name: 'Left hand' })).toHaveAttribute(
      'aria-valuetext',
      `${out} cm out, 92 cm high`,
    );
    await page.getByRole('button', { name: 'Put the hands back' }).click();
    await expect(heading).toContainText('16 cm of spare arc');
    // The keyboard alone: both hands 10 cm out cost what the caption foretold, 5 cm.
    await right.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('Shift+ArrowRight');
    await expect(heading).toContainText(/(10|11) cm of spare arc/);
    await page.getByRole('checkbox', { name: 'Both hands together' }).uncheck();
    await right.focus();
    await page.keyboard.press('Shift+ArrowUp');
    await expect(page.getByText(/one hand 5 cm higher/)).toBeVisible();
    // From the side: hands further ahead, and it comes down further ahead.
    const ahead = async () =>
      Number(/(\d+) cm ahead of the toes/.exec(await page.locator('main').innerText())?.[1]);
    const was = await ahead();
    await page.getByRole('slider', { name: 'Hands from the side' }).focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect.poll(ahead).toBe(was + 5);
    await expect(page.getByText(/needs a ceiling of 2\d\d cm/).first()).toBeVisible();
  },
);

test(
  'cables are compared in the athlete’s hands, and one of the gym’s own is weighed',
  { tag: '@desk' },
  async ({ page }) => {
    await openBench(page, 'Ilse', '/cable');
    const rows = page.getByRole('rowheader');
    await expect(rows.first()).toBeVisible();
    const families = await rows.count();
    expect(families).toBeGreaterThanOrEqual(6);
    await expect(page.getByRole('row', { name: /Medium cord/ })).toContainText('recommended');
    await expect(page.getByRole('row', { name: /Bare or thinly coated wire/ })).toContainText(
      'not for this stage',
    );
    await page.getByRole('button', { name: 'Where the effort comes from' }).click();
    await expect(page.getByText('Power at doubles’ speed in four steps.')).toBeVisible();
    const form = page.getByRole('region', { name: 'Weigh a cable' });
    await form.getByLabel('What you call it').fill('Green coil');
    await form.getByLabel('Diameter in mm').fill('2.4');
    await form.getByLabel('Length of the piece').fill('2 m');
    await form.getByLabel('Its weight in grams').fill('2');
    await form.getByRole('button', { name: 'Save this cable' }).click();
    await expect(form.getByRole('alert')).toContainText('3 to 500 g a metre');
    await form.getByLabel('Its weight in grams').fill('24');
    await form.getByRole('button', { name: 'Save this cable' }).click();
    const green = page.getByRole('row', { name: /Green coil/ });
    await expect(green).toContainText('12.0');
    await green.getByRole('button', { name: 'Remove this cable' }).click();
    await expect(page.getByRole('rowheader')).toHaveCount(families);
  },
);

test(
  'a rope that is there is judged by where it reaches, and looked over',
  { tag: '@desk' },
  async ({ page }) => {
    await openBench(page, 'Kwabena', '/check');
    await page.getByRole('radio', { name: 'past the shoulder' }).click();
    // The same reading under another stance is another rope.
    await expect(page.getByRole('group', { name: 'Verdict' })).toContainText('Ask how it was measured');
    await page.getByRole('radio', { name: 'both feet' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('This rope for Kwabena: too long');
    await expect(page.getByRole('group', { name: 'Verdict' })).toContainText(
      'the rope lags behind the hands',
    );
    await page.getByRole('radio', { name: 'waist' }).click();
    await expect(page.getByRole('group', { name: 'Verdict' })).toContainText('the rope catches the feet');
    await page.getByLabel('Cable', { exact: true }).fill('259');
    await page.getByLabel('Cable', { exact: true }).press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('This rope for Kwabena: right');
    const list = page.getByRole('group', { name: 'Inspection' });
    await list.getByRole('checkbox', { name: /spin the cable/ }).check();
    await list.getByRole('button', { name: 'It failed: 1 not in order' }).click();
    await expect(list).toContainText('not to be jumped with');
    // Whose own rope failed is served from the rack, until it is mended.
    const tonight = (await (await page.request.get('/api/rack/tonight')).json()) as {
      given: { firstName: string }[];
    };
    expect(tonight.given.map((one) => one.firstName)).toContain('Kwabena');
    await list.getByRole('checkbox', { name: /spin the cable/ }).uncheck();
    await list.getByRole('button', { name: 'It passed' }).click();
    await expect(list).toContainText('Looked over on');
  },
);

test('a step of the trim path is taken once a session, watched, and taken back', async ({ page }) => {
  await openBench(page, 'Signe', '/trim');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/on its way down, \d steps to go/);
  await expect(page.getByRole('group', { name: 'The last trim' })).toContainText(
    /of 100 tries .* are missed since the trim/,
  );
  await expect(page.getByRole('group', { name: 'The tails' })).toContainText('Do not cut');
  await expect(page.getByRole('button', { name: 'Mark the tails as cut' })).toBeDisabled();
  const history = page.getByRole('region', { name: 'Lengths so far' });
  await expect(history.getByRole('row')).toHaveCount(4);
  const step = page.getByRole('button', { name: /^Trim \d cm per side/ });
  await expect(step).toBeDisabled();
  await page.getByRole('checkbox', { name: 'The hands stay narrow' }).check();
  await step.click();
  await expect(page.getByText('This length is from today: never two steps in one session.')).toBeVisible();
  await expect(history.getByRole('row')).toHaveCount(5);
  await expect(page.getByRole('group', { name: 'The last trim' })).toContainText('Wait');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(history.getByRole('row')).toHaveCount(4);
});

test('the rope card is printed alone', { tag: '@desk' }, async ({ page }) => {
  await openBench(page, 'Ilse', '/card');
  const card = page.getByRole('article', { name: 'Rope card of Ilse Tannow' });
  await expect(card).toContainText('244 cm');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Rope bench' })).toBeHidden();
  await expect(card).toBeVisible();
});

test(
  'what an athlete has to do is printed whole, without buttons and without health',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto(`/athletes/${await idOf(page, 'Ilse')}`);
    const main = page.getByRole('main');
    await expect(main).toContainText('hands at your pockets');
    await page.emulateMedia({ media: 'print' });
    for (const kept of ['Ilse Tannow', '244 cm', 'hands at your pockets', 'Two singles, one double']) {
      await expect(main.getByText(kept).first()).toBeVisible();
    }
    await expect(
      page.locator('main button:visible, main input:visible, main a:visible').filter({ hasText: /\w/ }),
    ).toHaveText(['244 cm']);
    await expect(main.getByText('Health')).toBeHidden();
  },
);

import { expect, test, type Page } from '@playwright/test';
import { idOf, signIn } from './coach';

/** Targets a thumb has to hit: every control, and every link that does not stand in a sentence. */
async function tooSmall(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const least = 48;
    const targets = document.querySelectorAll<HTMLElement>(
      'main button, main a, main input, main [role="radio"], main summary, header button, header a',
    );
    const small: string[] = [];
    for (const target of targets) {
      // What is touched may be the label around a control, or the frame around an input.
      const touched =
        target.closest<HTMLElement>('label, .ant-input-number, .ant-select, .ant-segmented-item') ?? target;
      const box = touched.getBoundingClientRect();
      const inSentence =
        target.tagName === 'A' &&
        (target.parentElement?.textContent ?? '').trim().length >
          (target.textContent ?? '').trim().length + 3;
      if (
        box.width > 0 &&
        box.height > 0 &&
        box.height < least - 0.5 &&
        !inSentence &&
        getComputedStyle(target).visibility === 'visible'
      ) {
        small.push(
          `${target.tagName.toLowerCase()} “${(target.textContent || target.getAttribute('aria-label') || target.id).trim().slice(0, 30)}” ${Math.round(box.height)} px`,
        );
      }
    }
    return small;
  });
}

test(
  'every target on the floor is 48 px high, and nothing waits for a hover',
  { tag: '@phone' },
  async ({ page }) => {
    test.slow();
    await signIn(page);
    const views: [string, RegExp][] = [
      ['/class', /in the hall|needs a look/],
      ['/class/notes', /Notes of the evening/],
      ['/class/clock', /who does what/],
      ['/class/after', /logged|entr/],
      ['/class/plan', /minutes for/],
      ['/class/weeks', /Four weeks/],
      ['/sets/games', /cards/],
      ['/athletes', /athletes/],
      ['/sets', /rung|made/],
      ['/pacing', /:/],
      ['/pacing/class', /stuck|stop/],
      ['/pacing/rehearsal', /:/],
      ['/pacing/cards', /cards/],
      ['/faults', /What do you see/],
      ['/log', /server/],
      ['/log/entries', /The log/],
      ['/log/class', /athletes/],
      ['/log/questions', /like to know/],
      ['/gym/files', /Export or import/],
      ['/gym/settings', /as it is set up/],
      ['/gym/teaching', /so doubles are taught/],
      ['/sets/drills', /drills/],
      ['/gym/people', /may sign in/],
      ['/gym/changes', /changed what/],
      ['/gym/you', /You are signed in/],
      ['/gym/help', /Class/],
      ['/athletes/list', /Paste your list/],
      ['/log/list', /Paste your log/],
      ['/ropes/first', /ropes are sized/],
      ['/ropes', /next to size|rope/],
      ['/ropes/rack', /shared ropes/],
      ['/rhythm', /Hear it/],
      ['/rhythm/listen', /Record, or choose/],
      ['/rhythm/sensor', /A sensor counts/],
      ['/rhythm/explorer', /jump/],
      ['/rhythm/frames', /four frames/],
      ['/ropes/shared', /Two in one/],
    ];
    const found: string[] = [];
    for (const [view, title] of views) {
      await page.goto(view);
      await expect(page.getByRole('heading', { level: 1 })).toContainText(title);
      found.push(...(await tooSmall(page)).map((one) => `${view}: ${one}`));
    }
    await page.goto('/athletes');
    await page.getByRole('link', { name: 'Priya Nandakar' }).click();
    await expect(page.getByRole('group', { name: 'Gate' })).toBeVisible();
    found.push(...(await tooSmall(page)).map((one) => `athlete: ${one}`));
    await page.getByRole('link', { name: 'Story', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'What happened', exact: true })).toBeVisible();
    found.push(...(await tooSmall(page)).map((one) => `story: ${one}`));
    await page.getByRole('link', { name: 'Own card', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Make the link' })).toBeVisible();
    found.push(...(await tooSmall(page)).map((one) => `own card: ${one}`));
    await page.getByRole('link', { name: 'Practice', exact: true }).click();
    await expect(page.getByRole('region', { name: 'Main set' })).toBeVisible();
    found.push(...(await tooSmall(page)).map((one) => `practice: ${one}`));
    await page.goto('/class');
    await page.getByRole('button', { name: /^Priya/ }).click();
    found.push(...(await tooSmall(page)).map((one) => `pad: ${one}`));
    expect(found).toEqual([]);
  },
);

test(
  'the one action stays at the thumb wherever one has scrolled, and inputs come before their results',
  { tag: '@phone' },
  async ({ page }) => {
    test.setTimeout(60_000);
    await signIn(page);
    const ilse = await idOf(page, 'Ilse');
    const views: [string, RegExp][] = [
      ['/athletes', /Add an athlete/],
      ['/athletes/new', /Add and size/],
      [`/athletes/${ilse}`, /^Log /],
      [`/ropes/${ilse}`, /^Keep \d/],
      [`/ropes/${ilse}/card`, /Print the card/],
      ['/ropes/rack', /Hand out/],
      ['/ropes/cut', /Print sheet/],
      ['/ropes/strip', /Print the strip/],
      [`/rhythm?athlete=${ilse}`, /Start the beat/],
      [`/sets?athlete=${ilse}`, /Start the clock/],
    ];
    for (const [view, action] of views) {
      await page.goto(view);
      const button = page.getByRole('button', { name: action }).first();
      await expect(button, view).toBeInViewport({ ratio: 1 });
      const before = await button.boundingBox();
      const scrolled = await page.evaluate(() => {
        window.scrollTo(0, document.body.scrollHeight / 2);
        return window.scrollY;
      });
      await expect(button, view).toBeInViewport({ ratio: 1 });
      if (scrolled > 200) {
        expect((await button.boundingBox())?.y, view).toBeCloseTo(before?.y ?? 0, -1);
      }
    }
    for (const [view, input, result] of [
      [
        `/sets?athlete=${ilse}`,
        page.getByLabel('Top rung'),
        page.getByRole('group', { name: 'The whole ladder' }),
      ],
      [
        `/pacing?athlete=${ilse}`,
        page.getByRole('textbox', { name: 'Workout' }),
        page.getByRole('group', { name: 'Set plan' }),
      ],
      [
        `/rhythm?athlete=${ilse}`,
        page.getByLabel('Pattern'),
        page.getByText('jumps a minute', { exact: true }),
      ],
    ] as const) {
      await page.goto(view);
      await expect(result, view).toBeVisible();
      const [above, below] = [await input.boundingBox(), await result.boundingBox()];
      expect(above?.y, view).toBeLessThan(below?.y ?? 0);
    }
  },
);

test('a note leaves the places free', { tag: '@phone' }, async ({ page }) => {
  await signIn(page);
  await page.goto(`/athletes/${await idOf(page, 'Bram')}`);
  await page.getByRole('button', { name: 'End jumping today' }).click();
  await expect(page.getByText(/^Jumping ended for Bram/)).toBeVisible();
  await page.waitForTimeout(400); // it slides in
  await page.getByRole('link', { name: 'Ropes', exact: true }).click({ timeout: 2000 });
  await expect(page).toHaveURL(/ropes/);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText(/^Jumping ended for Bram/)).toBeHidden();
});

test('labels in pictures are 11 px high at least', { tag: '@phone' }, async ({ page }) => {
  await signIn(page);
  const ilse = await idOf(page, 'Ilse');
  const small: string[] = [];
  for (const view of [
    `/athletes/${ilse}`,
    `/ropes/${ilse}`,
    `/ropes/${ilse}/trim`,
    '/ropes',
    '/ropes/strip',
    `/rhythm/explorer?athlete=${ilse}`,
    `/sets?athlete=${ilse}`,
  ]) {
    await page.goto(view);
    await expect(page.locator('main svg').first()).toBeVisible();
    small.push(
      ...(await page.evaluate(
        (where) =>
          [...document.querySelectorAll<SVGTextElement>('main svg text')]
            .map((text) => ({
              said: `${where}: ${text.textContent ?? ''}`,
              px: parseFloat(getComputedStyle(text).fontSize) * (text.getScreenCTM()?.a ?? 1),
            }))
            .filter(({ px }) => px < 10.95)
            .map(({ said, px }) => `${said} ${px.toFixed(1)} px`),
        view,
      )),
    );
  }
  expect(small).toEqual([]);
});

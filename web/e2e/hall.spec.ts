import { expect, test } from '@playwright/test';
import { demo, leave, signIn } from './coach';
import { ahead, asCoach, endClock, id, runningClock, screen, shownOn } from './hallScreens';

const ewan = { ...demo, email: 'ewan@saltmarsh.example' };
const NEWCOMERS = ['Hall One', 'Hall Two'];

test.afterEach(async ({ browser }) => {
  const page = await (await browser.newContext()).newPage();
  await signIn(page);
  await endClock(page);
  for (const name of NEWCOMERS) {
    await leave(page, name);
  }
  await page.context().close();
});

test(
  'a whole class: tablet, wall, phones and two coaches under one clock',
  { tag: '@desk' },
  async ({ browser }) => {
    test.setTimeout(150_000);
    const tablet = await screen(
      browser,
      { width: 1024, height: 768 },
      { offMs: 2300, waysMs: [90, 20] },
      true,
    );
    const wall = await screen(browser, { width: 1920, height: 1080 }, { offMs: -800, waysMs: [10, 110] });
    const phone = await screen(browser, { width: 390, height: 844 }, { offMs: 0, waysMs: [60, 60] }, true);
    const second = await screen(browser, { width: 1280, height: 800 }, { offMs: 0, waysMs: [0, 0] });
    await signIn(tablet);
    for (const name of NEWCOMERS) {
      await asCoach(tablet, 'PUT', `/api/athletes/${id()}`, {
        name,
        height: '171',
        dominantHand: 'right',
        experience: 'linked-doubles',
      });
    }

    await expect(tablet.getByRole('button', { name: /^Hall/ })).toHaveCount(2);

    // Fourteen people, each with a programme of their own, under one start.
    const here = (
      (await (await tablet.request.get('/api/class')).json()) as {
        athletes: { id: string; firstName: string; tag: string; allowance: { jumping: string } }[];
      }
    ).athletes.filter((one) => one.allowance.jumping === 'all');
    const fourteen = here.slice(0, 14);
    expect(fourteen).toHaveLength(14);
    await tablet.evaluate(
      (people) =>
        localStorage.setItem(
          'zumbo-clock-draft',
          JSON.stringify(
            people.map((one, i) => ({
              title: `Set of ${one.firstName}`,
              text: `${60 + i}/10 x3: ${i % 2 === 0 ? 'tall singles' : 'doubles'}`,
              athletes: [one.id],
            })),
          ),
        ),
      fourteen,
    );
    await tablet.getByRole('link', { name: 'Clock' }).tap();
    await expect(tablet.getByLabel('Name of programme 14')).toBeVisible();
    await tablet.getByRole('button', { name: 'Start the clock' }).tap();
    await expect(tablet.getByRole('timer')).toHaveCount(14);

    // The wall: readable from five metres, everybody in sight.
    await signIn(wall, ewan);
    await wall.goto('/class/wall');
    await expect(wall.getByRole('timer')).toHaveCount(14);
    const sizes = await wall.evaluate(() => {
      const px = (found: Element | null) =>
        Number.parseFloat(getComputedStyle(found ?? document.body).fontSize);
      return { time: px(document.querySelector('[role=timer]')), word: px(document.querySelector('li p')) };
    });
    expect(sizes.time).toBeGreaterThanOrEqual(120);
    expect(sizes.word).toBeGreaterThanOrEqual(48);
    for (const timer of await wall.getByRole('timer').all()) {
      await expect(timer).toBeInViewport();
    }

    // A phone by the link alone.
    const clock = await runningClock(tablet);
    await phone.goto(`/class-link#${clock?.link ?? ''}`);
    await phone.getByRole('button', { name: new RegExp(fourteen[3]?.firstName ?? '') }).tap();
    await expect(phone.getByRole('heading', { level: 1 })).toHaveText(
      `Set of ${fourteen[3]?.firstName ?? ''}`,
    );
    expect(await phone.content()).not.toContain('Tannow');

    // One time on three clocks that are off by seconds.
    const start = clock?.startMs ?? 0;
    // A busy machine draws late now and then; a clock that is off is off at each look.
    const agree = () =>
      expect(async () => {
        const found = [];
        for (const page of [tablet, wall, phone]) {
          found.push(await ahead(page, start));
        }
        expect(Math.max(...found) - Math.min(...found), found.join(', ')).toBeLessThan(100);
        expect(Math.max(...found.map(Math.abs)), found.join(', ')).toBeLessThan(200);
      }).toPass({ timeout: 30_000 });
    await agree();
    await wall.reload();
    await expect(wall.getByRole('timer')).toHaveCount(14);
    await agree();

    // The other coach pauses it: all screens stand at the same.
    await signIn(second, ewan);
    await second.goto('/class/clock');
    await second.getByRole('button', { name: 'Pause for everybody' }).click();
    await expect(tablet.getByRole('heading', { level: 1 })).toContainText('paused by Ewan Sallow');
    await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Paused');
    await expect.poll(async () => shownOn(wall)).toBe(await shownOn(tablet));
    await expect.poll(async () => shownOn(phone)).toBe(await shownOn(tablet));

    // The phone loses the network, and the clock runs on there.
    await tablet.getByRole('button', { name: 'Go on' }).tap();
    await expect(phone.getByRole('heading', { level: 1 })).toHaveText(/^Set of/);
    await phone.context().setOffline(true);
    await expect(phone.getByText('No network: the clock runs on by itself.')).toBeVisible({
      timeout: 20_000,
    });
    const before = Number(await shownOn(phone));
    await expect.poll(async () => Number(await shownOn(phone))).toBeGreaterThan(before + 1);
    await phone.context().setOffline(false);

    // Two coaches log: each sees what the other wrote.
    const [one, two] = here.filter(({ firstName }) => firstName === 'Hall');
    await tablet.getByRole('link', { name: 'Tonight' }).tap();
    await second.getByRole('link', { name: 'Tonight' }).click();
    await tablet.getByLabel('Log line').fill(`${one?.tag ?? ''}23x`);
    await tablet.keyboard.press('Enter');
    await second.getByLabel('Log line').fill(`${two?.tag ?? ''}31.`);
    await second.keyboard.press('Enter');
    for (const page of [tablet, second]) {
      const justNow = page.getByRole('region', { name: 'Just now' });
      await expect(justNow).toContainText('23, miss');
      await expect(justNow).toContainText('31, stopped');
    }

    // After class: one touch, and the link is dead.
    await tablet.getByRole('link', { name: 'After' }).tap();
    await expect(tablet.getByRole('row', { name: /Hall One/ })).toContainText('23 reps, 1 missed');
    await tablet.getByRole('button', { name: 'All right: the class is over' }).tap();
    await expect(tablet.getByText(/Looked over by Maren Quill/)).toBeVisible();
    await expect(phone.getByRole('heading', { level: 1 })).toHaveText('No class at this link', {
      timeout: 15_000,
    });
    for (const page of [tablet, wall, phone, second]) {
      await page.context().close();
    }
  },
);

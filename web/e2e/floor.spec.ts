import { expect, test } from '@playwright/test';
import { leave, signIn } from './coach';
import { asCoach, id } from './hallScreens';

const NEWCOMERS = ['Hall Three'];
const CROWD = Array.from({ length: 16 }, (_, i) => `Crowd ${String.fromCharCode(65 + i)}`);

test.describe('by keyboard', () => {
  test.afterEach(async ({ browser }) => {
    const page = await (await browser.newContext()).newPage();
    await signIn(page);
    for (const name of NEWCOMERS) {
      await leave(page, name);
    }
    await page.context().close();
  });

  test('a block is logged by keyboard alone', { tag: '@desk' }, async ({ page }) => {
    await signIn(page);
    await asCoach(page, 'PUT', `/api/athletes/${id()}`, {
      name: NEWCOMERS[0],
      height: '171',
      dominantHand: 'right',
      experience: 'linked-doubles',
    });
    await page.keyboard.press('Alt+2');
    await expect(page).toHaveURL(/\/athletes/);
    await page.keyboard.press('Alt+1');
    await expect(page.getByRole('button', { name: /^Hall/ })).toBeVisible();
    const line = page.getByLabel('Log line');
    for (
      let tabs = 0;
      tabs < 60 && !(await line.evaluate((box) => box === document.activeElement));
      tabs += 1
    ) {
      await page.keyboard.press('Tab');
    }
    await expect(line).toBeFocused();
    const tag = (
      (await (await page.request.get('/api/class')).json()) as {
        athletes: { firstName: string; tag: string }[];
      }
    ).athletes.find(({ firstName }) => firstName === 'Hall')?.tag;
    for (const typed of ['12x', '15x', '20.', '60/4']) {
      await page.keyboard.type(`${tag ?? ''}${typed}`);
      await page.keyboard.press('Enter');
    }
    const justNow = page.getByRole('region', { name: 'Just now' });
    await expect(justNow.getByText(/^Hall/)).toHaveCount(4);
    await page.keyboard.press('Backspace');
    await expect(justNow.getByText(/^Hall/)).toHaveCount(3);
    await expect(justNow).toContainText('20, stopped');
  });
});

test(
  'somebody is moved in the hall, and arranging gives them room again',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    const circle = page.getByRole('button', { name: /^Ilse/ });
    await expect(page.getByRole('group', { name: /^Hall,/ })).toBeVisible();
    const box = await circle.boundingBox();
    const other = await page.getByRole('button', { name: /^Femi/ }).boundingBox();
    if (box === null || other === null) {
      throw new Error('nobody is drawn');
    }
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(other.x + other.width / 2 + 10, other.y + other.height / 2, { steps: 6 });
    await page.mouse.up();
    await expect(circle).toContainText('too near');
    await expect(page.getByRole('status').filter({ hasText: 'too near' })).toBeVisible();
    await page.getByRole('button', { name: 'Arrange for me' }).click();
    await expect(circle).not.toContainText('too near');
    // The log line stays on the screen.
    await expect(page.getByLabel('Log line')).toBeInViewport();
  },
);

test.describe('thirty people', () => {
  test.afterEach(async ({ browser }) => {
    const page = await (await browser.newContext()).newPage();
    await signIn(page);
    await leave(page, ...CROWD);
    await page.context().close();
  });

  test('stand in the hall, and the log line stays on the screen', { tag: '@desk' }, async ({ page }) => {
    await signIn(page);
    for (const name of CROWD) {
      const about = { name, height: '171', dominantHand: 'right', experience: 'singles' };
      await asCoach(page, 'PUT', `/api/athletes/${id()}`, about);
    }
    await expect(page.getByRole('heading', { level: 1 })).toContainText('30');
    const hall = page.getByRole('group', { name: /^Hall,/ });
    await expect(hall).toBeVisible();
    const without = page.getByRole('region', { name: 'No room' }).getByRole('button');
    await expect
      .poll(async () => (await hall.getByRole('button').count()) + (await without.count()))
      .toBe(30);
    for (const size of [
      { width: 1280, height: 800 },
      { width: 1024, height: 768 },
    ]) {
      await page.setViewportSize(size);
      await expect(page.getByLabel('Log line')).toBeInViewport({ ratio: 1 });
    }
  });
});

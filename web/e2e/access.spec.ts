import { expect, test } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { seeSign, signIn } from './coach';
import { checker } from './wcag';

test('no view breaks the rules of WCAG 2.2 AA that a machine can check', async ({ page }) => {
  test.setTimeout(150_000);
  const check = checker(page);
  await page.goto('/');
  await expect(page.getByLabel('E-mail')).toBeVisible();
  await check('sign in');
  await signIn(page);
  await page.getByRole('button', { name: /^Signe/ }).click();
  await expect(page.getByRole('group', { name: 'Signe, set and log' })).toBeVisible();
  await check('class');
  await page.goto('/athletes');
  await expect(page.getByRole('link', { name: 'Ilse Tannow' })).toBeVisible();
  await check('athletes');
  await page.goto('/athletes/new');
  await expect(page.getByLabel('Height')).toBeVisible();
  await check('new athlete');
  await page.goto('/athletes');
  await page.getByRole('link', { name: 'Dmitri Palenko' }).click();
  await expect(page.getByRole('group', { name: 'Gate' })).toBeVisible();
  await page.getByText('Details', { exact: true }).click();
  await expect(page.getByRole('button', { name: 'Save the changes' })).toBeVisible();
  await check('athlete');
  await page.getByRole('link', { name: '272 cm', exact: true }).click();
  await expect(page.getByRole('img', { name: /athlete from the front/ })).toBeVisible();
  await check('rope bench');
  await page.goto('/ropes');
  await expect(page.getByRole('link', { name: /Ilse Tannow/ })).toBeVisible();
  await check('ropes');
  await page.goto('/faults');
  await seeSign(page, 'Feet', 'catches toes');
  await expect(page.getByRole('region', { name: 'Causes' })).toBeVisible();
  await check('faults');
  await page.goto('/sets');
  await expect(page.getByRole('list', { name: 'Rungs' })).toBeVisible();
  await check('sets');
  await page.getByRole('button', { name: 'Start the clock' }).click();
  await expect(page.getByText('Get ready')).toBeVisible();
  await check('clock');
  await page.getByRole('button', { name: 'End it here' }).click();
  await expect(page.getByRole('group', { name: 'Gate' })).toBeVisible();
  await page.goto('/log');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await check('log');
  await page.getByRole('link', { name: 'Export or import' }).click();
  await expect(page.getByRole('group', { name: 'Export' })).toBeVisible();
  await check('files');
});

test('keys alone lead from the start to a kept rope', { tag: '@desk' }, async ({ page }) => {
  await page.goto('/');
  await expect(page.getByLabel('E-mail')).toBeFocused();
  await page.keyboard.type('maren@saltmarsh.example');
  await page.keyboard.press('Tab');
  await page.keyboard.type('harbour rope 14');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Ilse/ })).toBeVisible();
  await page.keyboard.press('Alt+3');
  await expect(page).toHaveURL(/\/ropes$/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Alt + 3');
  // Keys of one letter can be switched off, and on again.
  await page.getByRole('switch', { name: 'Keys of one letter' }).press('Space');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('/');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.getByRole('button', { name: 'Keys' }).press('Enter');
  await page.getByRole('switch', { name: 'Keys of one letter' }).press('Space');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('/');
  // What is typed before it stands there is lost on a busy machine.
  await expect(page.getByRole('combobox', { name: 'Name' })).toBeFocused();
  await page.keyboard.type('Tomasz');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tomasz:');
  await page.getByRole('link', { name: 'size one' }).press('Enter');
  await page.getByRole('button', { name: '15 cm handles' }).press('Enter');
  await page.getByRole('radio', { name: /armpit/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('radio', { name: /breastbone/ })).toBeChecked();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('of cable');
});

test('neither does one of the rope desk or of Rhythm', { tag: '@desk' }, async ({ page }) => {
  test.setTimeout(150_000);
  const check = checker(page);
  await signIn(page);
  await page.goto('/ropes');
  await page.getByRole('link', { name: /Ilse Tannow/ }).click();
  await expect(page.getByRole('img', { name: /athlete from the front/ })).toBeVisible();
  const bench = page.url();
  for (const [step, heading] of [
    ['cable', / for /],
    ['check', /reach/],
    ['trim', /rope: right/],
    ['card', /card/],
  ] as const) {
    await page.goto(`${bench}/${step}`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(heading);
    await check(`rope bench, ${step}`);
  }
  await page.goto('/ropes/rack');
  await page.getByRole('button', { name: /^R8/ }).click();
  await expect(page.getByRole('group', { name: 'Inspection' }).getByRole('checkbox')).toHaveCount(7);
  await check('rack');
  await page.goto('/ropes/cut');
  await expect(page.getByRole('note')).toContainText('Ask for the handles');
  await check('cut list');
  await page.goto('/ropes/orders');
  await expect(page.getByRole('region', { name: 'Order list' })).toBeVisible();
  await check('order list');
  await page.goto('/ropes/shared');
  await expect(page.getByRole('heading', { name: 'Face to face' })).toBeVisible();
  await check('ropes for two');
  await page.goto('/rhythm');
  await expect(page.getByRole('region', { name: 'Tap along' })).toBeVisible();
  await check('beat');
  await page.goto('/rhythm/listen');
  await page.getByRole('button', { name: 'Try it with an invented jumper' }).click();
  await expect(page.getByRole('group', { name: 'What it says' })).toBeVisible({ timeout: 20_000 });
  await check('a take');
  await page.goto('/rhythm/sensor');
  await page.getByRole('button', { name: 'Try it' }).click();
  await expect(page.getByRole('button', { name: 'Start the simulated sensor' })).toBeVisible();
  await check('sensor');
  await page.goto('/rhythm/explorer');
  await expect(page.getByRole('group', { name: 'Low and fast' })).toBeVisible();
  await check('jump or wrist');
  await page.goto('/rhythm/frames');
  await expect(page.getByRole('region', { name: 'Clip' })).toBeVisible();
  await check('frames');
});

test('nor what is said and asked of somebody’s health', async ({ page }) => {
  const check = checker(page);
  await signIn(page);
  await page.goto('/athletes');
  await page.getByRole('link', { name: 'Rosalind Peake' }).click();
  await expect(page.getByRole('group', { name: 'No jumps today' })).toContainText(
    'until the coach clears it',
  );
  await expect(page.getByRole('group', { name: 'Where it hurts' })).toBeVisible();
  await check('a day without jumps, and where it hurts');
  await page.getByRole('button', { name: 'knee', exact: true }).click();
  await expect(page.getByRole('group', { name: 'How much' })).toBeVisible();
  await check('how much it hurts');
  const send = (method: string, path: string, body?: object, version?: number) =>
    page.evaluate(
      async ([way, to, sent, headers]) => {
        const answer = await fetch(to, { method: way, headers, ...(sent === '' ? {} : { body: sent }) });
        return answer.status;
      },
      [
        method,
        path,
        body === undefined ? '' : JSON.stringify(body),
        {
          'csrf-token': 'csrf-token',
          'Content-Type': 'application/json',
          ...(version === undefined ? {} : { 'Mutation-Id': uuid(), 'If-Match': `"${version}"` }),
        },
      ] as const,
    );
  const [athlete, flag] = [uuid(), uuid()];
  const name = `Quentin Sallow ${Date.now()}`;
  const facts = { name, height: '177', dominantHand: 'left', experience: 'none' };
  expect(await send('PUT', `/api/athletes/${athlete}`, facts)).toBe(201);
  expect(await send('PUT', `/api/cautions/${flag}`, { athleteId: athlete, caution: 'dizziness' })).toBe(201);
  await page.goto(`/athletes/${athlete}`);
  await expect(page.getByRole('group', { name: 'No jumps today' })).toContainText('Get medical help now');
  await expect(page.getByRole('button', { name: 'Clear it' })).toHaveCount(0);
  await page.getByRole('link', { name: `Hand over to ${name}` }).click();
  await expect(page.getByRole('button', { name: 'This is my statement' })).toBeDisabled();
  await check('the athlete’s statement');
  expect(await send('DELETE', `/api/athletes/${athlete}`, undefined, 1)).toBe(200);
});

// Sets both widths itself: once is enough.
test('everything fits at 200 % zoom and on the phone', { tag: '@desk' }, async ({ page }) => {
  // Thirty-eight pages.
  test.slow();
  await signIn(page);
  const views = [
    '/athletes',
    '/athletes/new',
    '/ropes',
    '/ropes/rack',
    '/ropes/cut',
    '/ropes/orders',
    '/ropes/shared',
    '/rhythm',
    '/rhythm/explorer',
    '/rhythm/frames',
    '/class',
    '/log',
    '/log/entries',
    '/log/class',
    '/log/questions?question=most',
    '/pacing',
    '/pacing/class',
    '/pacing/rehearsal',
    '/pacing/cards',
    '/sets',
    '/faults',
    '/sets/run',
    '/sets/drills',
    '/gym/files',
    '/gym/settings',
    '/gym/teaching',
    '/gym/people',
    '/gym/changes',
    '/gym/you',
    '/gym/help',
    '/gym/help/api',
    '/athletes/list',
    '/class/notes',
    '/class/clock',
    '/class/after',
    '/class/plan',
    '/class/weeks',
    '/class/wall',
    '/sets/games',
    '/log/list',
    '/ropes/first',
  ];
  for (const view of views) {
    await page.setViewportSize({ width: 640, height: 800 });
    await page.goto(view);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    // Parts of a page come after its heading.
    await page.waitForTimeout(400);
    for (const width of [640, 390]) {
      await page.setViewportSize({ width, height: 800 });
      await page.waitForTimeout(100);
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(overflow, `${view} at ${width}`).toBeLessThanOrEqual(0);
    }
  }
});

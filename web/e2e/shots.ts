import { expect, test, type Page } from '@playwright/test';
import { idOf, signIn } from './coach';
import { handOut } from './ownCard';

// npm run shots: one current picture of each main view, from the demo data, into docs/screenshots.
const folder = process.env['ZUMBO_SHOTS'] ?? '../docs/screenshots';
const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

test('pictures of the main views', async ({ page }) => {
  test.setTimeout(150_000);
  await page.setViewportSize(desk);
  await page.goto('/');
  await expect(page.getByLabel('E-mail')).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  const take = async (name: string) => {
    await page.evaluate(() => document.fonts.ready);
    // The stream of hints keeps the network busy: wait for what is drawn instead.
    await page.waitForTimeout(400);
    await page.screenshot({ path: `${folder}/${name}.png` });
  };
  await signIn(page);
  await expect(page.getByRole('button', { name: /^Ilse/ })).toBeVisible();
  await page.getByRole('button', { name: /^Priya/ }).click();
  await page.getByLabel('Log line').fill('k23x');
  await take('class');
  await page.goto('/athletes');
  await expect(page.getByRole('link', { name: 'Ilse Tannow' })).toBeVisible();
  await page.getByRole('link', { name: 'Rosalind Peake' }).click();
  await expect(page.getByRole('group', { name: 'No jumps today' })).toBeVisible();
  await take('no-jumps');
  await page.goto('/athletes');
  await page.getByRole('link', { name: 'Priya Nandakar' }).click();
  await expect(page.getByRole('group', { name: 'Gate' })).toBeVisible();
  await take('athlete');
  await page.getByRole('navigation', { name: 'The athlete' }).getByText('Path').click();
  await page.getByText('The curve').click();
  await take('path');
  await page.goto('/ropes');
  await expect(page.getByRole('link', { name: /Ilse Tannow/ })).toBeVisible();
  await page.getByRole('link', { name: /Ilse Tannow/ }).click();
  await expect(page.getByRole('img', { name: /athlete from the front/ })).toBeVisible();
  await take('rope-bench');

  await page.goto('/ropes/rack');
  await expect(page.getByRole('region', { name: 'Tonight' })).toBeVisible();
  await take('rack');
  await page.goto('/class/plan');
  await page.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(page.getByRole('heading', { name: 'The plan of tonight' })).toBeVisible();
  await page.getByRole('region', { name: 'Focus' }).scrollIntoViewIfNeeded();
  await page.evaluate(() => window.scrollTo(0, 0));
  await take('plan');
  await page.goto('/class/weeks');
  await expect(page.getByRole('region', { name: 'Four weeks, day by day' })).toBeVisible();
  await take('weeks');
  await page.goto('/sets');
  await expect(page.getByRole('list', { name: 'Rungs' }).getByRole('listitem')).toHaveCount(8);
  await page.getByRole('combobox', { name: 'Athlete' }).fill('Callum');
  await page.getByRole('combobox', { name: 'Athlete' }).press('Enter');
  await page.getByRole('button', { name: 'Fit the ladder' }).click();
  await expect(page.getByRole('list', { name: 'Ladders that fit' }).getByRole('listitem')).toHaveCount(3);
  await take('sets');
  await wall(page, take);
  await page.goto('/faults');
  await page.getByRole('button', { name: 'trips on the second pass', exact: true }).click();
  await page.getByRole('button', { name: 'Looked, fine: catches toes' }).click();
  await expect(page.getByRole('group', { name: 'One question' })).toBeVisible();
  await take('faults');
  await page.goto('/pacing');
  await page.getByRole('combobox', { name: 'Athlete' }).fill('Callum');
  await page.getByRole('combobox', { name: 'Athlete' }).press('Enter');
  await page.getByRole('textbox', { name: 'Workout' }).fill('4 rounds: 60 doubles, squats 30 s; cap 10:00');
  await expect(page.getByRole('list', { name: 'The workout in time' }).getByRole('listitem')).toHaveCount(4);
  await page.getByRole('textbox', { name: 'Sets, like 20-15-15' }).fill('25-20-15');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('slider', { name: 'Break 2' })).toBeVisible();
  await take('pacing');
  await page.getByRole('link', { name: 'Class table' }).click();
  await page.getByRole('button', { name: 'Within two minutes of each other' }).click();
  await expect(page.getByRole('table', { name: 'The class' })).toContainText('a station');
  await take('class-table');
  await page.goto('/rhythm/listen');
  const heard = await page.request.get('/api/takes/example.wav?fault=trip&seed=7');
  await page
    .getByLabel('Recording', { exact: true })
    .setInputFiles({ name: 'take.wav', mimeType: 'audio/wav', buffer: await heard.body() });
  await expect(page.getByRole('group', { name: 'What it says' })).toBeVisible({ timeout: 20_000 });
  await take('take');
  await page.setViewportSize(phone);
  await paced(page, take);
  await page.goto('/class');
  await expect(page.getByRole('button', { name: /^Ilse/ })).toBeVisible();
  await take('class-phone');
  await months(page, take);
});

/** Months of one athlete and of the class, and the card on an athlete's phone. */
async function months(page: Page, take: (name: string) => Promise<void>): Promise<void> {
  await page.setViewportSize(desk);
  const signe = await idOf(page, 'Signe');
  await page.goto(`/athletes/${signe}/story`);
  await expect(page.getByRole('heading', { name: 'What happened', exact: true })).toBeVisible();
  await take('story');
  await page.goto('/log/class');
  await expect(page.getByRole('img', { name: /of 14 athletes/ })).toBeVisible();
  await take('class-over-time');
  const address = await handOut(page, signe);
  await page.setViewportSize(phone);
  await page.goto(address);
  await expect(page.getByRole('button', { name: 'Play the beat' })).toBeVisible();
  await take('card-phone');
}

/** Callum in the second set of a workout, a little behind. */
async function paced(page: Page, take: (name: string) => Promise<void>): Promise<void> {
  await page.evaluate(() => localStorage.setItem('zumbo-workout', '3 rounds: 40 doubles, squats 30 s'));
  await page.goto('/pacing/rehearsal');
  await page.getByRole('button', { name: 'Start the pacer' }).click();
  await expect(page.getByText('Jump', { exact: true })).toBeVisible({ timeout: 15_000 });
  await page.getByRole('button', { name: /^Done: / }).click();
  await page.getByRole('button', { name: /^Miss/ }).click();
  await page.waitForTimeout(6000);
  await take('pacer-phone');
  await page.getByRole('button', { name: 'End it here' }).click();
  await page.getByRole('button', { name: 'Throw it away' }).click();
}

/** The class under one clock on the wall, and what it did. */
async function wall(page: Page, take: (name: string) => Promise<void>): Promise<void> {
  await page.goto('/class/clock');
  await page.getByRole('button', { name: 'One programme for each station' }).click();
  await page.getByLabel('Work and rest of programme 1').fill('40/20 x6: tall singles');
  await page.getByLabel('Work and rest of programme 2').fill('30/30 x6: doubles');
  await page.getByLabel('Work and rest of programme 3').fill('60/30 x4: doubles');
  await page.getByRole('button', { name: 'Start the clock' }).click();
  await expect(page.getByText('Work', { exact: true }).first()).toBeVisible({ timeout: 15_000 });
  await page.setViewportSize({ width: 1920, height: 1080 });
  await page.goto('/class/wall');
  await expect(page.getByRole('timer').first()).toBeVisible();
  await page.waitForTimeout(1500);
  await take('wall');
  await page.setViewportSize(desk);
  await page.goto('/class');
  const line = page.getByLabel('Log line');
  await expect(line).toBeVisible();
  for (const entry of ['y38x', 'y61.', 'k140/6', 'n22x', 'n31x', 'w17x', 'b24/3']) {
    await line.fill(entry);
    await line.press('Enter');
  }
  await expect(page.getByText('all sent')).toBeVisible();
  await page.goto('/class/after');
  await expect(page.getByRole('table')).toBeVisible();
  await page.getByRole('button', { name: 'All right: the class is over' }).click();
  await expect(page.getByText(/Looked over by/)).toBeVisible();
}

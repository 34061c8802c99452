import { expect, test, type Page } from '@playwright/test';
import { signIn } from './coach';

test('a beat is heard, seen and tapped along to', async ({ page }) => {
  await page.addInitScript(() => {
    const shaken: number[] = [];
    Object.assign(window, { shaken });
    navigator.vibrate = (ms) => shaken.push(Number(ms)) > 0;
  });
  await signIn(page);
  await page.goto('/rhythm');
  await expect(page.getByRole('img', { name: '3 singles, 1 double' })).toBeVisible();
  await page.getByLabel('Pattern').fill('2s k');
  await page.getByLabel('Pattern').press('Enter');
  await expect(page.getByRole('alert')).toContainText('at 4: "k"');
  await page.getByLabel('Pattern').fill('(ns:boxer-step d!)n=2..1');
  await page.getByLabel('Pattern').press('Enter');
  await expect(
    page.getByRole('img', { name: 'ladder, n from 2 to 1: n singles (boxer step), 1 double unbroken' }),
  ).toBeVisible();
  await expect(page.locator('svg').getByText('boxer step', { exact: true })).toBeVisible();
  await page.getByLabel('Pattern').fill('s d');
  await page.getByLabel('Pattern').press('Enter');
  await expect(page.getByRole('img', { name: '1 single, 1 double' })).toBeVisible();
  await page.getByLabel('Jumps a minute').fill('160');
  await page.getByLabel('Jumps a minute').press('Enter');
  await page.getByLabel('Faster by, each minute').fill('20');
  await page.getByLabel('Faster by, each minute').press('Enter');
  await page.getByLabel('Shake at each landing').check();
  await page.getByRole('button', { name: 'Start the beat' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1 single, 1 double, 16');
  // The head moves along the strip: the beat has its twin for the eye.
  await expect(page.locator('[class*="head"]').first()).toBeVisible();
  await expect
    .poll(() => page.evaluate(() => (window as unknown as { shaken: number[] }).shaken.length))
    .toBeGreaterThan(1);
  await page.getByRole('button', { name: 'Stop the beat' }).click();
  const landing = page.getByRole('button', { name: /^Landing/ });
  const turn = page.getByRole('button', { name: /^Turn/ });
  // Ten jumps at about 150 a minute, one turn each: tapped with the finger.
  await landing.dispatchEvent('pointerdown');
  for (let i = 0; i < 10; i += 1) {
    await page.waitForTimeout(180);
    await turn.dispatchEvent('pointerdown');
    await page.waitForTimeout(180);
    await landing.dispatchEvent('pointerdown');
  }
  await expect(page.getByText(/^10 singles, no doubles, no misses/)).toBeVisible();
  await page.getByRole('button', { name: 'Show result' }).click();
  const said = page.getByRole('group', { name: 'What it says' });
  await expect(said).toContainText('Jumps, turns10, 10');
  // One turn on every jump is not the pattern: the first double is missing.
  await expect(said).toContainText('the double: it is not the one of the pattern');
});

test(
  'higher jump or faster wrist is answered with the athlete’s own rope',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/rhythm/explorer');
    await page.getByRole('combobox', { name: 'Athlete' }).fill('Ilse');
    await page.getByRole('combobox', { name: 'Athlete' }).press('Enter');
    await expect(page.getByText(/Shorten the contact first/)).toBeVisible();
    const now = page.getByRole('group', { name: 'This jump' });
    await expect(now).toContainText('Jump15 cm');
    const before = await now.innerText();
    await page.getByLabel('On the floor, ms').fill('120');
    await page.getByLabel('On the floor, ms').press('Enter');
    await expect.poll(() => now.innerText()).not.toBe(before);
    await page.getByRole('radio', { name: 'triples' }).check();
    await page.getByLabel('Jump, cm').fill('8');
    await page.getByLabel('Jump, cm').press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('This jump is too low for an even turn');
    const answer = page.getByText(/Shorten the contact first/);
    const narrow = await answer.innerText();
    await page.getByLabel('Hands out, cm each').fill('30');
    await page.getByLabel('Hands out, cm each').press('Enter');
    await expect(
      page.getByText(/Each hand 10 cm wider: \d+ cm of arc are gone, which costs \d+ cm more jump/),
    ).toBeVisible();
    // The same rope between wider hands hangs less deep: a higher jump is needed.
    await expect.poll(() => answer.innerText()).not.toBe(narrow);
  },
);

test('four frames of a clip tell height, rate and a late spin', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await page.goto('/rhythm/frames');
  for (const [label, value] of [
    ['Take-off', '1000'],
    ['Pass 1', '1026'],
    ['Pass 2', '1028'],
    ['Landing', '1120'],
  ] as const) {
    await page.getByLabel(label).fill(value);
    await page.getByLabel(label).press('Enter');
  }
  await expect(page.getByRole('alert')).toContainText('more than 2 frames after pass 1');
  await page.getByLabel('Pass 2').fill('1095');
  await page.getByLabel('Pass 2').press('Enter');
  await expect(page.getByRole('group', { name: 'What the frames say' })).toContainText('Flight500 ms ± 3 ms');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('higher than a double needs');

  // A clip of this device, stepped by frames; it is sent nowhere.
  await page.getByLabel('Slow-motion video').setInputFiles({
    name: 'clip.webm',
    mimeType: 'video/webm',
    buffer: Buffer.from(await filmed(page), 'base64'),
  });
  await expect
    .poll(() => page.locator('video').evaluate((video: HTMLVideoElement) => video.videoWidth))
    .toBe(64);
  const clip = page.getByRole('region', { name: 'Clip' });
  await clip.getByRole('button', { name: '+10' }).click();
  await clip.getByRole('button', { name: '-1', exact: true }).click();
  await expect(clip).toContainText('Frame 9 at 240 a second');
  await clip.getByRole('button', { name: 'Take-off here' }).click();
  await expect(page.getByLabel('Take-off')).toHaveValue('9');
});

/** Half a second of a picture that changes, filmed by the browser itself. */
async function filmed(page: Page): Promise<string> {
  return page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    canvas.width = 64;
    canvas.height = 64;
    const pen = canvas.getContext('2d');
    const recorder = new MediaRecorder(canvas.captureStream(30), { mimeType: 'video/webm' });
    const pieces: Blob[] = [];
    recorder.ondataavailable = (event) => pieces.push(event.data);
    const done = new Promise((end) => (recorder.onstop = end));
    recorder.start();
    for (let i = 0; i < 20; i += 1) {
      pen?.fillRect(i, i, 8, 8);
      await new Promise((next) => setTimeout(next, 30));
    }
    recorder.stop();
    await done;
    const bytes = new Uint8Array(await new Blob(pieces).arrayBuffer());
    return btoa(bytes.reduce((text, byte) => text + String.fromCharCode(byte), ''));
  });
}

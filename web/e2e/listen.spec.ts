import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { expect, test, type Page } from '@playwright/test';
import config from '../playwright.config';
import { idOf, signIn, takenBack } from './coach';

const sound = (name: string) =>
  fileURLToPath(new URL(`../../core/tests/Sound/files/${name}`, import.meta.url));

// The microphone hears a recording of singles at 132 a minute, over and over.
test.use({
  permissions: ['microphone'],
  launchOptions: {
    ...config.use?.launchOptions,
    args: [
      ...(config.use?.launchOptions?.args ?? []),
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-audio-capture=${sound('singles-30db.wav')}`,
    ],
  },
});

const said = (page: Page) => page.getByRole('group', { name: 'What it says' });

test('a rope is heard through the microphone, and what was counted goes to the log', async ({ page }) => {
  await signIn(page);
  const story = `/athletes/${await idOf(page, 'Yara')}/story`;
  const takes = () =>
    page.evaluate(
      async (path) => ((await (await fetch(`/api${path}`)).json()) as { beats: unknown[] }).beats.length,
      story,
    );
  const before = await takes();
  await page.goto('/rhythm/listen');
  await page.getByRole('button', { name: 'Record with this device' }).click();
  await expect(page.getByRole('button', { name: /^Stop, and hear [6-9] s/ })).toBeVisible({
    timeout: 15_000,
  });
  await page.getByRole('button', { name: /^Stop, and hear/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^\d+ singles, .*doubles.*, .*miss/, {
    timeout: 20_000,
  });
  const cadence = Number(/Jumps a minute(\d+)/.exec(await said(page).innerText().then(flat))?.[1]);
  // A busy machine loses pieces of what it hears, and the rest moves closer: files are held to the jump, this to the ear.
  expect(cadence).toBeGreaterThan(124);
  expect(cadence).toBeLessThan(148);
  await page.getByRole('combobox', { name: 'Whose take' }).fill('Yara');
  await page.getByTitle(/^Yara/).click();
  await page.getByRole('button', { name: /^Log .+ for Yara/ }).click();
  await expect(page.getByRole('button', { name: 'Logged' })).toBeDisabled();
  await expect.poll(takes).toBe(before + 1);
  await page.goto(story);
  await expect(page.getByRole('region', { name: 'The beat of takes, and how even it was' })).toContainText(
    `(${String(before + 1)} takes)`,
  );
  await page.goto('/');
  const justNow = page.getByRole('region', { name: 'Just now' });
  await takenBack(page, () => justNow.getByRole('button', { name: /^Undo Yara/ }).click());
  await expect(justNow).not.toContainText('Yara');
});

test('a recording is counted, mended by hand, and saved as events', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await page.goto('/rhythm/listen');
  await page.getByLabel('Recording', { exact: true }).setInputFiles(sound('singles-30db.wav'));
  const title = page.getByRole('heading', { level: 1 });
  await expect(title).toHaveText('14 singles, no doubles, no misses', { timeout: 20_000 });
  await expect(said(page)).toContainText('Jumps, turns14, 14');
  const heard = page.getByRole('region', { name: 'What was heard' });
  await expect(heard.getByRole('button', { name: /^Landing at/ })).toHaveCount(15);
  // A turn that was none: the jump without it is a bounce or a miss, and the count follows.
  await heard
    .getByRole('button', { name: /^Turn at/ })
    .nth(4)
    .press('Delete');
  await expect(title).toHaveText('13 singles, no doubles, no misses');
  await expect(said(page)).toContainText('Jumps, turns14, 13');
  // Set again by the finger, and moved by the arrow keys.
  const lane = heard.locator('[data-lane="turnsS"]');
  const box = (await lane.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  await page.mouse.click(box.x + box.width * 0.985, box.y + box.height / 2);
  await expect(said(page)).toContainText('Jumps, turns14, 14');
  const last = heard.getByRole('button', { name: /^Turn at/ }).last();
  const before = await last.getAttribute('aria-label');
  await last.press('ArrowLeft');
  await expect(last).not.toHaveAttribute('aria-label', before ?? '');
  await page.getByRole('button', { name: 'Undo my changes' }).click();
  await expect(title).toHaveText('14 singles, no doubles, no misses');
  await page.getByLabel('Should have been').fill('3s d');
  await page.getByLabel('Should have been').press('Enter');
  await expect(said(page)).toContainText('Round 1, the double: it is not the one of the pattern');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as event file' }).click();
  const file = await (await waiting).path();
  expect(readFileSync(file, 'utf8').split('\r\n')).toHaveLength(1 + 15 + 14 + 1);
  // The same file comes in again as a sensor's.
  await page.getByLabel('Event file').setInputFiles(file);
  await expect(title).toHaveText('14 singles, no doubles, no misses');
  await page
    .getByLabel('Event file')
    .setInputFiles({ name: 'e.csv', mimeType: 'text/csv', buffer: Buffer.from('time_s,channel\n1,hop\n') });
  await expect(page.getByRole('alert')).toContainText('Line 2: "1,hop"');
  await page
    .getByLabel('Recording', { exact: true })
    .setInputFiles({ name: 'x.wav', mimeType: 'audio/wav', buffer: Buffer.from('no sound at all') });
  await expect(page.getByRole('alert').last()).toContainText('does not begin with RIFF');
});

test(
  'a kept recording is there to be listened to, until it is deleted',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/rhythm/listen');
    await page.getByLabel(/^Keep the recording/).check();
    await page.getByLabel('Recording', { exact: true }).setInputFiles(sound('doubles-10db.wav'));
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('no singles, 10 doubles, no misses', {
      timeout: 20_000,
    });
    const src = await page.locator('audio').getAttribute('src');
    expect((await page.request.get(src ?? '')).status()).toBe(200);
    await page.getByRole('button', { name: 'Delete the recording' }).click();
    await expect(page.locator('audio')).toHaveCount(0);
    expect((await page.request.get(src ?? '')).status()).toBe(404);
  },
);

test(
  'the sensor’s stand-in reports while it jumps, and its take is read',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/rhythm/sensor');
    await page.getByRole('button', { name: 'Try it' }).click();
    await page.getByLabel('Jumps', { exact: true }).fill('2s d');
    await page.getByLabel('Seconds').fill('5');
    await page.getByLabel('Seconds').press('Enter');
    await page.getByRole('radio', { name: 'nothing' }).check();
    await page.getByRole('button', { name: 'Start the simulated sensor' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('The sensor reports');
    const jumps = page.locator('dl div').filter({ hasText: 'jumps' }).locator('dd');
    await expect.poll(async () => Number(await jumps.innerText()), { timeout: 10_000 }).toBeGreaterThan(2);
    // 5 s at 104 a minute, after 0.6 s of silence.
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
      'Measured: 5 singles, 2 doubles, no misses',
      { timeout: 15_000 },
    );
    await expect(said(page)).toContainText('Jumps, turns7, 9');
  },
);

test(
  'the beat is taken along as a sound file that the browser itself can read',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/rhythm');
    const path = await page.getByRole('link', { name: 'Download as WAV' }).getAttribute('href');
    const read = await page.evaluate(async (from) => {
      const audio = new OfflineAudioContext(1, 44_100, 44_100);
      const buffer = await audio.decodeAudioData(await (await fetch(from)).arrayBuffer());
      return {
        seconds: buffer.duration,
        channels: buffer.numberOfChannels,
        loud: buffer.getChannelData(0).reduce((most, one) => Math.max(most, one), 0),
      };
    }, path ?? '');
    // Sixteen times four jumps at 100 a minute, half a second before and after.
    expect(read.seconds).toBeCloseTo(16 * 4 * 0.6 + 1, 2);
    expect(read.channels).toBe(1);
    expect(read.loud).toBeGreaterThan(0.3);
  },
);

function flat(text: string): string {
  return text.replaceAll('\n', '');
}

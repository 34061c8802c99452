import { execFileSync } from 'node:child_process';
import { readFile } from 'node:fs/promises';
import { expect, test, type Browser, type Locator, type Page } from '@playwright/test';
import jsQR from 'jsqr';
import { signIn } from './coach';

// The code is printed by the start command; the tests are given it (ops/test.sh).
const code = process.env['ZUMBO_FIRST_CODE'] ?? '';
const ada = { email: 'ada@quay.example', password: 'a rope of my own' };
const title = (page: Page) => page.getByRole('heading', { level: 1 });

/** Twenty people as a coach's spreadsheet has them: three ways to write a height, a column that is no matter of ours. */
const LIST = [
  'Last name;First name;Phone;Height;Born',
  ...Array.from({ length: 20 }, (_, i) => {
    const height = [`${155 + i}`, `1,${60 + i} m`, `5'${i % 12}"`][i % 3] ?? '';
    return `Number;Athlete ${String.fromCharCode(65 + i)};0170 ${i};${height};${1980 + i}`;
  }),
  'Doe;Nobody;;tall;',
].join('\n');

/** What a person touches: each key press series and each click is one. */
class Touches {
  count = 0;
  click = (what: Locator) => this.one(what.click());
  type = (what: Locator, text: string) => this.one(what.fill(text));

  private one(touch: Promise<void>): Promise<void> {
    this.count += 1;
    return touch;
  }
}

/** By a library that knows nothing of the one that drew it. */
async function readCode(page: Page, drawn: Locator): Promise<string> {
  const png = (await drawn.screenshot()).toString('base64');
  const { width, height, pixels } = await page.evaluate(async (data) => {
    const bytes = Uint8Array.from(atob(data), (letter) => letter.charCodeAt(0));
    const image = await createImageBitmap(new Blob([bytes], { type: 'image/png' }));
    const canvas = new OffscreenCanvas(image.width, image.height);
    const context = canvas.getContext('2d');
    context?.drawImage(image, 0, 0);
    const { data: rgba } = context?.getImageData(0, 0, image.width, image.height) ?? { data: [] };
    return { width: image.width, height: image.height, pixels: Array.from(rgba) };
  }, png);
  return jsQR(Uint8ClampedArray.from(pixels), width, height)?.data ?? '';
}

async function invite(page: Page, name: string, role: string): Promise<string> {
  await page.goto('/gym/people');
  await page.getByLabel('Name, if you like').fill(name);
  await page.getByRole('radio', { name: role }).click();
  await page.getByRole('button', { name: 'Make the link' }).click();
  const shown = page.getByRole('group', { name: 'The link' });
  const link = await shown.getByRole('code').innerText();
  expect(await readCode(page, shown.getByRole('img'))).toBe(link);
  return link;
}

async function join(browser: Browser, link: string, email: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto(link);
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password', { exact: true }).fill('another rope');
  await page.getByLabel('Password again').fill('another rope');
  await page.getByRole('button', { name: 'Join and sign in' }).click();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
  return page;
}

async function download(page: Page, link: string): Promise<Buffer> {
  await page.goto('/gym/files');
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name: link, exact: true }).click();
  return readFile(await (await waiting).path());
}

/** Whose file it is stands at its head; a gym keeps its own name. */
const withoutName = (file: Buffer) => file.toString('utf8').replace(/^"gym": .*$/m, '');

const sol = { email: 'sol@other.example', password: 'an empty gym here' };

/** An empty gym, as whoever runs the machine makes it. */
function makeOtherGym(): void {
  const made = ['zumbo:gym:new', 'Other Quay', '--zone=UTC', `--email=${sol.email}`, '--coach=Sol Wick'];
  execFileSync('php8.2', ['bin/console', ...made], { cwd: '..', input: `${sol.password}\n` });
}

test.describe.serial('a gym of one’s own @desk', () => {
  test('begins at the sign-in page and has twenty ropes on a cut list within forty touches', async ({
    page,
    browser,
  }) => {
    const hand = new Touches();
    await page.goto('/');
    await hand.click(page.getByRole('link', { name: /Set up your gym/ }));
    await hand.type(page.getByLabel('Code'), 'AAAA-AAAA-AAAA');
    await hand.type(page.getByLabel('Name of the gym'), 'Quay Ropes');
    await hand.type(page.getByLabel('Your name'), 'Ada Wick');
    await hand.type(page.getByLabel('E-mail'), ada.email);
    await hand.type(page.getByLabel('Password', { exact: true }), ada.password);
    await hand.type(page.getByLabel('Password again'), ada.password);
    await hand.click(page.getByRole('button', { name: /Make the gym/ }));
    await expect(page.getByText('That is not the code.')).toBeVisible();
    await hand.type(page.getByLabel('Code'), code);
    await hand.click(page.getByRole('button', { name: /Make the gym/ }));
    await hand.type(page.getByLabel('Your list'), LIST);
    await expect(title(page)).toHaveText('20 new athletes; one line needs a look');
    await expect(page.getByText('Line 22, Nobody Doe: “tall” is no height')).toBeVisible();
    await hand.click(page.getByRole('button', { name: 'Add 20 athletes' }));
    await hand.type(page.getByLabel('Length of one handle'), '15');
    await hand.click(page.getByRole('button', { name: 'Keep these 20 ropes' }));
    await expect(title(page)).toHaveText('20 ropes are kept');
    await hand.click(page.getByRole('button', { name: /the cut list/ }));
    await expect(title(page)).toHaveText(/^20 cables from \d coils$/);
    expect(hand.count).toBeLessThan(40);

    // The code was good once: the way in is shut for the next.
    const stranger = await (await browser.newContext()).newPage();
    await stranger.goto('/set-up');
    await expect(stranger.getByText('There is a gym on this machine already')).toBeVisible();
    await stranger.context().close();
  });

  test('lets a coach and a helper in by links that are good once, each as far as they may', async ({
    page,
    browser,
  }) => {
    await signIn(page, ada);
    const coach = await join(browser, await invite(page, 'Bo Tarn', 'coach'), 'bo@quay.example');
    await coach.goto('/athletes');
    await expect(coach.getByRole('button', { name: 'Add an athlete' })).toBeVisible();
    const link = await invite(page, 'Oda', 'helper');
    const helper = await join(browser, link, 'oda@quay.example');
    await helper.goto('/athletes');
    await expect(title(helper)).toHaveText(/20 athletes/);
    await expect(helper.getByRole('button', { name: 'Add an athlete' })).toHaveCount(0);
    await helper.goto('/gym/people');
    await expect(helper.getByText('Owners invite others')).toBeVisible();
    const refused = await helper.request.get('/api/people');
    expect(refused.status()).toBe(403);
    await helper.goto(link);
    await expect(title(helper)).toHaveText('This link lets nobody in');
    await page.goto('/gym/people');
    await expect(title(page)).toHaveText('3 people may sign in to Quay Ropes');
    await page.getByRole('link', { name: 'Changes' }).click();
    await expect(page.getByText('New: sign-in Bo Tarn')).toBeVisible();
    await expect(page.getByText('New: link for Oda')).toBeVisible();
    await coach.context().close();
    await helper.context().close();
  });

  test('lets a password be changed, which ends the other sessions, and a lost one be reset', async ({
    page,
    browser,
  }) => {
    const phone = await (await browser.newContext()).newPage();
    await signIn(phone, { email: 'oda@quay.example', password: 'another rope' });
    const oda = await (await browser.newContext()).newPage();
    await signIn(oda, { email: 'oda@quay.example', password: 'another rope' });
    await oda.goto('/gym/you');
    await expect(oda.getByRole('button', { name: /Sign out Chrome/ })).toHaveCount(2);
    await oda.getByLabel('Password now').fill('another rope');
    await oda.getByLabel('New password', { exact: true }).fill('a third rope');
    await oda.getByLabel('New password again').fill('a third rope');
    await oda.getByRole('button', { name: 'Change the password' }).click();
    await expect(oda.getByText('The new password holds')).toBeVisible();
    await oda.goto('/athletes');
    await expect(title(oda)).toHaveText(/20 athletes/);
    await phone.goto('/athletes');
    await expect(phone.getByLabel('E-mail')).toBeVisible();

    await signIn(page, ada);
    await page.goto('/gym/people');
    await page
      .getByRole('listitem', { name: 'Oda' })
      .getByRole('button', { name: 'Forgot password' })
      .click();
    const link = await page.getByRole('code').innerText();
    await phone.goto(link);
    await expect(title(phone)).toHaveText('A new password for Oda');
    await phone.getByLabel('New password', { exact: true }).fill('a fourth rope');
    await phone.getByLabel('New password again').fill('a fourth rope');
    await phone.getByRole('button', { name: /Use this password/ }).click();
    await expect(phone.getByRole('navigation', { name: 'Places' })).toBeVisible();
    await oda.goto('/athletes');
    await expect(oda.getByLabel('E-mail')).toBeVisible();
    await phone.context().close();
    await oda.context().close();
  });

  test('takes a guest in by two touches and a name and a height', async ({ page }) => {
    await signIn(page, ada);
    const hand = new Touches();
    await hand.click(page.getByRole('button', { name: 'A guest tonight' }));
    await page.getByLabel('Name').fill('Enna');
    await page.getByLabel('Height').fill('171');
    await hand.click(page.getByRole('button', { name: 'Add the guest' }));
    await expect(page.getByRole('button', { name: /^Enna.*guest/ })).toBeVisible();
    await expect(title(page)).toHaveText(/^21 in the hall/);
    expect(hand.count).toBe(2);
    await page.getByRole('button', { name: /^Enna/ }).click();
    await page.getByRole('link', { name: 'Place in two minutes' }).click();
    await expect(title(page)).toHaveText('Two minutes with Enna');
    await page.getByRole('radiogroup', { name: 'The hops halted' }).getByText('never').click();
    await page.getByRole('radiogroup', { name: 'The rope' }).getByText('one landing each turn').click();
    await page.getByRole('radiogroup', { name: 'Misses' }).getByText('none').click();
    await page.getByRole('radiogroup', { name: 'Tall singles' }).getByText('2', { exact: true }).click();
    await page.getByRole('button', { name: 'Place Enna' }).click();
    await expect(page.getByText(/Placed at Range/)).toBeVisible();
    await page.getByRole('link', { name: 'Enna stands in the class' }).click();
    await page.getByRole('button', { name: /^Enna/ }).click();
    await page.getByRole('button', { name: 'Not here tonight' }).click();
    await expect(page.getByRole('list', { name: 'Not in the hall' })).toContainText('Enna not here tonight');
    await page.getByRole('button', { name: 'Enna is here' }).click();
    await expect(page.getByRole('button', { name: /^Enna.*guest/ })).toBeVisible();
  });

  test('goes out in one file, comes into an empty gym, and goes out the same', async ({ page, browser }) => {
    await signIn(page, ada);
    await page.goto('/gym/settings');
    await page.getByLabel('Height of the ceiling').fill('3.2 m');
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Height of the ceiling')).toHaveValue('320 cm');
    const json = await download(page, 'All of it, JSON');
    const zip = await download(page, 'All of it, one ZIP');
    await page.goto('/class');
    await expect(page.getByRole('button', { name: /^Enna/ })).toBeVisible();
    const hall = await page.getByRole('region', { name: 'Picture' }).innerText();

    makeOtherGym();
    const other = await (await browser.newContext()).newPage();
    await signIn(other, sol);
    await expect(title(other)).toHaveText('Nobody is here yet');
    await other.goto('/gym/files');
    await other
      .getByLabel('File to import')
      .setInputFiles({ name: 'quay.zip', mimeType: 'application/zip', buffer: zip });
    await other.getByRole('button', { name: /^Import/ }).click();
    await expect(title(other)).toHaveText(/^Brought in/, { timeout: 30_000 });
    const again = await download(other, 'All of it, JSON');
    expect(withoutName(again)).toBe(withoutName(json));
    await other.goto('/class');
    await expect(other.getByRole('button', { name: /^Enna/ })).toBeVisible();
    expect(await other.getByRole('region', { name: 'Picture' }).innerText()).toBe(hall);
    await other.context().close();
  });
});

import { expect, test } from '@playwright/test';
import { signIn } from './coach';

test('the rack serves whoever has no rope, says why, and solves again around a pin', async ({ page }) => {
  await signIn(page);
  await page.goto('/ropes');
  await page.getByRole('link', { name: 'To the rack' }).click();
  await expect(page.getByRole('region', { name: 'The rack', exact: true }).getByRole('listitem')).toHaveCount(
    18,
  );
  const tonight = page.getByRole('region', { name: 'Tonight' });
  // Tomasz (190 cm, Jump) and Yara (170 cm, Hold) have no rope of their own.
  const yara = tonight.getByRole('row', { name: /^Yara/ });
  await expect(tonight.getByRole('row', { name: /^Tomasz/ })).toContainText(/R\d+, 2\d\d cm: /);
  await expect(yara).toContainText(/R\d+, 2\d\d cm: /);
  await page.getByRole('button', { name: 'Hand out 2 ropes' }).click();
  await expect(page.getByRole('button', { name: 'Handed out' })).toBeDisabled();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Hand out 2 ropes' })).toBeEnabled();
  await yara.getByRole('combobox', { name: 'Pin a rope to Yara' }).click();
  // A row shows what is pinned by the same words: only the open list is meant.
  const list = page.locator('.ant-select-dropdown:visible');
  // Without motion nothing is between two places: a list measures itself while it is put in place.
  await expect(list).toHaveCSS('transition-property', 'none');
  await list.getByTitle('pin R1', { exact: true }).click();
  await expect(yara).toContainText('Pinned by the coach; by length and cable it would not be given.');
  await expect(list).toHaveCount(0);
  // R8 failed its inspection: it is offered to nobody.
  await yara.getByRole('combobox', { name: 'Pin a rope to Yara' }).click();
  await expect(list.getByTitle('pin R17', { exact: true })).toHaveCount(1);
  await expect(list.getByTitle('pin R8', { exact: true })).toHaveCount(0);
  await list.getByTitle('computed', { exact: true }).click();
  await expect(yara).not.toContainText('Pinned');
});

test.describe('for whoever has not asked for stillness', { tag: '@desk' }, () => {
  test.use({ reducedMotion: 'no-preference' });

  test('a list slides into place and can be chosen from', async ({ page }) => {
    await signIn(page);
    await page.goto('/ropes/rack');
    const list = page.locator('.ant-select-dropdown');
    await page.getByRole('combobox', { name: 'Pin a rope to Yara' }).click();
    await expect(list).not.toHaveClass(/ant-slide-up/);
    await expect(list.getByTitle('pin R2', { exact: true })).toBeInViewport();
  });
});

test('a shared rope is hung, fails its inspection, and is taken off', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await page.goto('/ropes/rack');
  const rack = page.getByRole('region', { name: 'The rack', exact: true });
  await expect(rack.getByRole('listitem')).toHaveCount(18);
  const form = page.getByRole('group', { name: 'Hang a rope' });
  await form.getByLabel('Tag on the handle').fill('R1');
  await form.getByLabel('Cable between the handles').fill('-240');
  await form.getByRole('button', { name: 'Hang it on the rack' }).click();
  await expect(form.getByRole('alert')).toContainText('-240');
  await form.getByLabel('Cable between the handles').fill('251');
  await form.getByRole('button', { name: 'Hang it on the rack' }).click();
  await expect(form.getByRole('alert')).toContainText('another rope on the rack has it already');
  await form.getByLabel('Tag on the handle').fill('R99');
  await form.getByRole('button', { name: 'Hang it on the rack' }).click();
  await rack.getByRole('button', { name: /^R99, 251 cm, not looked over yet/ }).click();
  const list = page.getByRole('group', { name: 'Inspection' });
  await list.getByRole('checkbox', { name: /no kink/ }).check();
  await list.getByRole('button', { name: 'It failed: 1 not in order' }).click();
  await expect(rack.getByRole('button', { name: /^R99, 251 cm, failed: kinked/ })).toBeVisible();
  await page
    .getByRole('group', { name: 'Rope R99' })
    .getByRole('button', { name: 'Take it off the rack' })
    .click();
  await expect(rack.getByRole('listitem')).toHaveCount(18);
});

test(
  'the bench sheet cuts from the fewest coils and prints with its labels',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/ropes/cut');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ask for the handles before cutting');
    await expect(page.getByRole('note')).toContainText('Tomasz Wierzba, Yara Benmoussa');
    // Found by a part of the name: a list so long is not all drawn.
    for (const name of ['Kwabena', 'Lucía', 'Rosalind']) {
      await page.getByRole('combobox', { name: 'For whom' }).fill(name);
      await page.getByRole('combobox', { name: 'For whom' }).press('Enter');
    }
    await page.keyboard.press('Escape');
    const stock = page.getByLabel('Coils, or pre-cut cables');
    await stock.fill('2 m');
    await stock.press('Enter');
    await expect(page.getByRole('alert')).toContainText('Stock');
    await stock.fill('8.2 m');
    await stock.press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^3 cables from \d coils?$/);
    await expect(page.getByText(/no way needs fewer/).first()).toBeVisible();
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('banner')).toBeHidden();
    await expect(stock).toBeHidden();
    await expect(page.getByRole('region', { name: 'Labels' }).getByRole('listitem')).toHaveCount(3);
  },
);

test('two in one rope need a longer one, and turners 12 ft or more', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await page.goto('/ropes/shared');
  await expect(page.getByRole('heading', { name: 'Face to face' })).toBeVisible();
  await page.getByRole('combobox', { name: 'Jumper' }).fill('Wen');
  await page.getByRole('combobox', { name: 'Jumper' }).press('Enter');
  await page.getByLabel('Apart').fill('1.5 m');
  await page.getByLabel('Apart').press('Enter');
  await expect(page.getByText(/366 cm each, 12 ft/)).toBeVisible();
});

test('who has grown is reminded of in Class', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  await page.goto('/class');
  await page.getByRole('button', { name: /^Wen/ }).click();
  const card = page.getByRole('group', { name: /Wen, set and log/ });
  await expect(card.getByRole('note')).toContainText(
    'Outgrown: sized at 138 cm, now 142 cm, so it is 5 cm shorter',
  );
});

test('ropes, cables and lengths go out and come in', { tag: '@desk' }, async ({ page }) => {
  await signIn(page);
  const csv = async (table: string) => (await page.request.get(`/api/export/${table}.csv`)).text();
  expect(await csv('cables')).toContain('Blue coil');
  expect(await csv('rack')).toContain('kept_back,inspected_on,failed');
  expect(await csv('ropes')).toContain('trimmed from 266 cm');
  expect(await csv('given_ropes')).toMatch(/\r\n[0-9a-f-]{36},/);
  await page.goto('/gym/files');
  await expect(page.getByRole('link', { name: 'cables, CSV' })).toHaveAttribute('href', /cables\.csv/);
  await expect(page.getByRole('link', { name: 'given ropes, CSV' })).toBeVisible();
  await page.getByLabel('File to import').setInputFiles({
    name: 'cables.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from((await csv('cables')).replace('Blue coil, 2.6 mm', 'Blue coil of the loft')),
  });
  await expect(page.getByRole('button', { name: 'Import 1 changed' })).toBeVisible({ timeout: 15_000 });
  await page.getByRole('button', { name: 'Cancel the import' }).click();
});

test(
  'the height strip for the wall is drawn to scale and printed without the header',
  { tag: '@desk' },
  async ({ page }) => {
    await signIn(page);
    await page.goto('/ropes');
    await page.getByRole('link', { name: 'Height strip' }).click();
    const strip = page.getByRole('img', { name: /110 cm to .*ask a coach.*: R\d+;/ });
    await expect(strip).toBeVisible();
    // 110 to 210 cm at a tenth is 100 mm, 4 mm of margin above, and below it the rule in 10 mm.
    const { height = 0 } = (await strip.boundingBox()) ?? {};
    expect(height).toBeCloseTo((114 / 25.4) * 96, 1);
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('banner')).toBeHidden();
    await expect(page.getByRole('button', { name: 'Print the strip' })).toBeHidden();
    await expect(strip).toBeVisible();
  },
);

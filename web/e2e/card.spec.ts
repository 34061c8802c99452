import { expect, test, type Page } from '@playwright/test';
import { signIn } from './coach';
import { checker } from './wcag';
import { handOut, phoneAt, photographed, shiftClock, withAthlete } from './ownCard';

const counted = (phone: Page) => phone.getByRole('region', { name: 'What you counted' });

async function count(phone: Page, reps: number): Promise<void> {
  await phone.getByLabel('Reps', { exact: true }).last().fill(String(reps));
  await phone.getByRole('button', { name: `Log ${String(reps)}, stopped` }).click();
}

test(
  'an athlete counts on their own card, also without network',
  { tag: '@phone' },
  async ({ page, browser }) => {
    test.slow();
    await signIn(page);
    await withAthlete(page, async (id) => {
      const address = await handOut(page, id);
      expect(
        await photographed(page, page.getByRole('group', { name: 'The link' }).locator('svg').first()),
      ).toBe(address);
      const phone = await phoneAt(browser, address);
      await expect(phone.getByRole('heading', { level: 1 })).toHaveText(/^Tonight: .+, 5 minutes$/);
      await expect(phone.getByRole('button', { name: 'Play the beat' })).toBeVisible();
      await expect(phone.getByText('As it was known')).toHaveCount(0);
      await checker(phone)('card');
      await phone.context().setOffline(true);
      await phone.reload();
      await expect(phone.getByText(/^No network\. This is what your card said at/)).toBeVisible();
      await count(phone, 23);
      await expect(counted(phone)).toContainText('23, stopped: kept here, not sent yet');
      await phone.reload();
      await expect(counted(phone)).toContainText('kept here, not sent yet');
      await phone.context().setOffline(false);
      await expect(counted(phone)).not.toContainText('kept here', { timeout: 30_000 });
      await expect(counted(phone)).toContainText('23, stopped');
      await page.goto(`/athletes/${id}`);
      await expect(page.getByText('23, stopped own count')).toBeVisible();
      await phone.getByRole('button', { name: 'How hard was today?' }).click();
      await phone.getByRole('button', { name: '7 of 10' }).click();
      await expect(phone.getByText('You said 7 of 10 for 60 minutes.')).toBeVisible({ timeout: 30_000 });
      await page.goto(`/athletes/${id}/story`);
      await expect(page.getByText('Effort times minutes this week: 420.').first()).toBeVisible();
      await expect(page.getByText(/^7 of 10 for 60 minutes .+ their own word$/)).toBeVisible();
      await page.goto(`/athletes/${id}`);
      await counted(phone).getByRole('button', { name: 'Undo' }).click();
      await expect(page.getByText('23, stopped own count')).toHaveCount(0, { timeout: 30_000 });
      await phone.context().close();
    });
  },
);

test('pain on the card takes the jumps off on every screen', { tag: '@phone' }, async ({ page, browser }) => {
  await signIn(page);
  await withAthlete(page, async (id) => {
    const phone = await phoneAt(browser, await handOut(page, id));
    await phone.getByRole('button', { name: 'It hurts' }).click();
    await phone.getByRole('button', { name: 'shin', exact: true }).click();
    await phone.getByRole('button', { name: 'shin, 5 of 10' }).click();
    await expect(phone.getByRole('heading', { level: 1, name: 'No jumps tonight, Orla' })).toBeVisible();
    await expect(
      phone.getByText(/^Pain, shin, 5 of 10: no jumping until your coach clears it/),
    ).toBeVisible();
    await expect(phone.getByRole('button', { name: 'Play the beat' })).toHaveCount(0);
    await expect(phone.getByRole('group', { name: 'Count it yourself' })).toHaveCount(0);
    await page.goto(`/athletes/${id}`);
    await expect(page.getByRole('heading', { level: 1, name: 'Orla: no jumps today' })).toBeVisible();
    await page.goto(`/sets?athlete=${id}`);
    await expect(page.getByText(/No jumps today for Orla/)).toBeVisible();
    await phone.context().close();
  });
});

test('a link that was taken back is dead within a minute', { tag: '@phone' }, async ({ page, browser }) => {
  test.slow();
  await signIn(page);
  await withAthlete(page, async (id) => {
    const phone = await phoneAt(browser, await handOut(page, id));
    // The server's clock stands still in these journeys: before and after are told by the phone's.
    await shiftClock(phone, -60_000);
    await phone.context().setOffline(true);
    await count(phone, 17);
    await expect(counted(phone)).toContainText('kept here, not sent yet');
    await page.getByRole('button', { name: 'Take back' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Orla has no card yet' })).toBeVisible();
    // Counted after, on a phone that does not know it yet.
    await shiftClock(phone, 120_000);
    await count(phone, 5);
    await phone.context().setOffline(false);
    await expect(phone.getByRole('heading', { level: 1, name: 'This card has ended' })).toBeVisible({
      timeout: 60_000,
    });
    await expect(
      phone.getByText(/^5, stopped: not taken\. Your coach has taken this link back/),
    ).toBeVisible();
    await expect(phone.getByText('Your rope')).toHaveCount(0);
    await page.goto(`/athletes/${id}/card`);
    await expect(page.getByText('Made before the link was taken back: keep or drop?')).toBeVisible();
    await page.getByRole('button', { name: 'Keep' }).click();
    await page.goto(`/athletes/${id}`);
    await expect(page.getByText('17, stopped own count')).toBeVisible();
    await expect(page.getByText('5, stopped own count')).toHaveCount(0);
    await phone.context().close();
  });
});

test(
  'somebody under 18: only the guardian’s card states that it was cleared',
  { tag: '@phone' },
  async ({ page, browser }) => {
    test.slow();
    await signIn(page);
    await withAthlete(
      page,
      async (id) => {
        const own = await phoneAt(browser, await handOut(page, id));
        const guardians = await phoneAt(browser, await handOut(page, id, 'Guardian'));
        await expect(guardians.getByText('guardian’s card')).toBeVisible();
        await own.getByRole('button', { name: 'It hurts' }).click();
        await own.getByRole('button', { name: 'A warning sign …' }).click();
        await own.getByRole('button', { name: 'dizziness' }).click();
        await own.getByRole('button', { name: 'dizziness: stop now' }).click();
        await expect(own.getByRole('heading', { level: 1, name: 'No training today, Orla' })).toBeVisible({
          timeout: 30_000,
        });
        await expect(own.getByRole('button', { name: 'This is my statement' })).toHaveCount(0);
        await guardians.reload();
        await guardians.getByLabel('Who cleared you?').fill('the doctor at the harbour');
        await guardians.getByLabel('On which day?').fill('2026-11-24');
        await guardians.getByLabel('What did they say? In your own words').fill('She may jump again.');
        await guardians.getByLabel('I say this myself').check();
        await guardians.getByRole('button', { name: 'This is my statement' }).click();
        await expect(guardians.getByRole('heading', { level: 1 })).toHaveText(/^Tonight: .+, 5 minutes$/);
        await own.reload();
        await expect(own.getByRole('heading', { level: 1 })).toHaveText(/^Tonight: .+, 5 minutes$/);
        await own.context().close();
        await guardians.context().close();
      },
      { birthYear: 2014, guardianConsent: true },
    );
  },
);

import { expect, type Page } from '@playwright/test';

export const demo = { email: 'maren@saltmarsh.example', password: 'harbour rope 14' };

/** The browser's clock stands where the server's does (ZUMBO_NOW), and goes on from there. */
export async function setClock(page: Page): Promise<void> {
  const now = process.env['ZUMBO_NOW'];
  if (now === undefined || now === '') {
    return;
  }
  // Only the date is moved: timers and frames stay the browser's own, so that nothing waits for a clock of ours.
  await page.addInitScript(
    (offset) => {
      const Real = Date;
      globalThis.Date = new Proxy(Real, {
        construct: (target, args, self) =>
          Reflect.construct(target, args.length === 0 ? [Real.now() + offset] : args, self) as object,
        get: (target, key) =>
          key === 'now' ? () => Real.now() + offset : (Reflect.get(target, key) as unknown),
      });
    },
    Date.parse(now) - Date.now(),
  );
}

export async function signIn(page: Page, credentials = demo): Promise<void> {
  await setClock(page);
  await page.goto('/');
  await page.getByLabel('E-mail').fill(credentials.email);
  await page.getByLabel('Password').fill(credentials.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
}

interface Named {
  id: string;
  name: string;
}

/** The id of an athlete of the demo. */
export async function idOf(page: Page, name: string): Promise<string> {
  const all = (await (await page.request.get('/api/athletes')).json()) as Named[];
  const found = all.find((athlete) => athlete.name.startsWith(name));
  expect(found, name).toBeDefined();
  return found?.id ?? '';
}

/** What is taken back shows at once; a test that ends before it was sent leaves it to the next one. */
export async function takenBack(page: Page, act: () => Promise<void>): Promise<void> {
  const sent = page.waitForResponse((answer) => answer.request().method() === 'DELETE');
  await act();
  await sent;
}

/** A sign as a coach touches it: at the desk it stands there, by thumb where one looks comes first. */
export async function seeSign(page: Page, place: string, sign: string): Promise<void> {
  const where = page.getByRole('group', { name: 'Where' });
  await expect(
    page
      .getByRole('button', { name: 'Hands and arms' })
      .or(page.getByRole('group', { name: 'Hands and arms' }))
      .first(),
  ).toBeVisible();
  if (await where.isVisible()) {
    await where.getByRole('button', { name: new RegExp(`^${place}`) }).click();
  }
  await page.getByRole('button', { name: sign, exact: true }).click();
}

/** Somebody new, whose rope is asked for next; their id. */
export async function addAthlete(page: Page, name: string, experience: string): Promise<string> {
  await page.goto('/athletes/new');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Height').fill('171');
  await page.getByText(experience, { exact: true }).click();
  await page.getByRole('button', { name: /^Add/ }).click();
  await expect(page).toHaveURL(/\/ropes\//);
  return idOf(page, name);
}

/** Away again, so that other journeys find the hall as it was. */
export async function leave(page: Page, ...names: string[]): Promise<void> {
  await page.goto('/athletes');
  const gone = await page.evaluate(async (called) => {
    const all = (await (await fetch('/api/athletes')).json()) as {
      id: string;
      name: string;
      version: number;
    }[];
    const answers = all
      .filter((one) => called.includes(one.name))
      .map(({ id, version }) =>
        fetch(`/api/athletes/${id}`, {
          method: 'DELETE',
          headers: {
            'csrf-token': 'csrf-token',
            'Mutation-Id': id.replace(/^.{8}/, '01999999'),
            'If-Match': `"${String(version)}"`,
          },
        }),
      );
    return (await Promise.all(answers)).map(({ status }) => status);
  }, names);
  expect(gone, names.join(', ')).toEqual(names.map(() => 200));
}

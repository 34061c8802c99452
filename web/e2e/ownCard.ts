import { expect, type Browser, type Locator, type Page } from '@playwright/test';
import jsQR from 'jsqr';
import { setClock } from './coach';

const NAME = 'Orla Quayside';

/** Somebody of their own for a journey, so that what is noted of them is nobody else's; gone at its end. */
export async function withAthlete(
  page: Page,
  act: (id: string) => Promise<void>,
  more: { birthYear?: number; guardianConsent?: boolean } = {},
): Promise<void> {
  const id = await page.evaluate(
    async ([name, known]) => {
      const hex = Date.now().toString(16).padStart(12, '0');
      const rest = crypto.randomUUID().slice(15);
      const uuid = `${hex.slice(0, 8)}-${hex.slice(8)}-7${rest}`;
      const answer = await fetch(`/api/athletes/${uuid}`, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json', 'csrf-token': 'csrf-token' },
        body: JSON.stringify({ name, height: '168', dominantHand: 'right', experience: 'singles', ...known }),
      });
      if (answer.status !== 201) {
        throw new Error(await answer.text());
      }
      return uuid;
    },
    [NAME, more] as const,
  );
  try {
    await act(id);
  } finally {
    await page.evaluate(
      async ([athlete, name]) => {
        const version = (
          (await (await fetch(`/api/athletes/${athlete ?? ''}`)).json()) as { version: number }
        ).version;
        const send = (method: string, path: string, at: number, body?: string) =>
          fetch(path, {
            method,
            headers: {
              'Content-Type': 'application/json',
              'csrf-token': 'csrf-token',
              'Mutation-Id': `0193c000-0000-7${crypto.randomUUID().slice(15)}`,
              'If-Match': `"${String(at)}"`,
            },
            ...(body === undefined ? {} : { body }),
          });
        await send('DELETE', `/api/athletes/${athlete ?? ''}`, version);
        await send('POST', `/api/athletes/${athlete ?? ''}/erase`, version + 1, JSON.stringify({ name }));
      },
      [id, NAME],
    );
  }
}

/** The coach makes a link; answers with its address. */
export async function handOut(
  page: Page,
  athlete: string,
  holder: 'Athlete' | 'Guardian' = 'Athlete',
): Promise<string> {
  await page.goto(`/athletes/${athlete}/card`);
  await page.getByText(holder, { exact: true }).click();
  await page.getByRole('button', { name: 'Make the link' }).click();
  return page.locator('code').innerText();
}

/** What a phone's camera reads in a code on the screen. */
export async function photographed(page: Page, code: Locator): Promise<string | undefined> {
  const png = (await code.screenshot()).toString('base64');
  const { data, width, height } = await page.evaluate(async (picture) => {
    const image = new Image();
    image.src = `data:image/png;base64,${picture}`;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = image.width;
    canvas.height = image.height;
    const context = canvas.getContext('2d');
    context?.drawImage(image, 0, 0);
    const pixels = context?.getImageData(0, 0, image.width, image.height);
    return { data: [...(pixels?.data ?? [])], width: image.width, height: image.height };
  }, png);
  return jsQR(new Uint8ClampedArray(data), width, height)?.data;
}

/** A phone that nobody has signed in on, at an address, ready to go without network. */
export async function phoneAt(browser: Browser, address: string): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    reducedMotion: 'reduce',
  });
  const phone = await context.newPage();
  await setClock(phone);
  await phone.goto(address);
  await expect(phone.getByText('Your rope').or(phone.getByText('rope of your own'))).toBeVisible();
  await phone.evaluate(() => navigator.serviceWorker.ready);
  return phone;
}

/** From now on the phone's clock is off by so much more. */
export async function shiftClock(phone: Page, ms: number): Promise<void> {
  await phone.evaluate((offset) => {
    const Before = Date;
    globalThis.Date = new Proxy(Before, {
      construct: (target, args, self) =>
        Reflect.construct(target, args.length === 0 ? [Before.now() + offset] : args, self) as object,
      get: (target, key) =>
        key === 'now' ? () => Before.now() + offset : (Reflect.get(target, key) as unknown),
    });
  }, ms);
}

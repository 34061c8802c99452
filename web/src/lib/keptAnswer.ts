/** Says on an answer that the service worker had it kept, because the network was slow or away. */
export const KEPT_HEADER = 'Zumbo-Kept';

/** Fired on the window when such an answer was shown: what is on the screen may be old. */
export const KEPT_EVENT = 'zumbo-kept-answer';

/** Tells whose an answer is: the id of the coach who asked, as the server knows them. */
const WHOSE_HEADER = 'Zumbo-Coach';

/** Answers of the API kept for reading while the network is away. */
export const API_CACHE = 'zumbo-api';

/** Beside them: the coach they were given to. */
const WHOSE_CACHE = 'zumbo-whose';
const WHOSE = '/whose';

/** Files hold health notes, and an import is only as good as its last state: neither is kept on a device. */
const FILES = /^\/api\/(export|imports)/;

/** What is live; the time, which is wrong when it is old; and a hand that is dragged asks for arcs all the time, and never for the same twice. */
const PASSING = /^\/api\/(live|changes|time)$|\/arc$/;

export function mayBeKept(path: string): boolean {
  return path.startsWith('/api/') && !FILES.test(path) && !PASSING.test(path);
}

/** Beside the answers: the clock of the class, which runs on after a reload, and what is planned for it. */
export const CLASS_CLOCK = 'zumbo-class-clock';
export const CLOCK_DRAFT = 'zumbo-clock-draft';

/** Nothing that one coach saw is left on the device. A service worker has no such store, and leaves it to the page. */
export async function forgetAnswers(): Promise<void> {
  await globalThis.caches?.delete(API_CACHE);
  await globalThis.caches?.delete(WHOSE_CACHE);
  globalThis.localStorage?.removeItem(CLASS_CLOCK);
  globalThis.localStorage?.removeItem(CLOCK_DRAFT);
}

/**
 * An answer came from the server: another's, or nobody's any more, ends what was kept. A server that fails says nothing of
 * who asked, and that is when what was kept is needed.
 */
export async function noteWhose(response: Response): Promise<void> {
  if (!response.ok && response.status !== 401) {
    return;
  }
  const coach = response.status === 401 ? '' : (response.headers.get(WHOSE_HEADER) ?? '');
  if (coach !== (await whose())) {
    await forgetAnswers();
    const cache = await caches.open(WHOSE_CACHE);
    await cache.put(WHOSE, new Response(coach));
  }
}

/** Whether a kept answer is that of the coach who was last answered. */
export async function isTheirs(kept: Response): Promise<boolean> {
  const coach = kept.headers.get(WHOSE_HEADER);
  return coach !== null && coach === (await whose());
}

async function whose(): Promise<string> {
  const kept = await (await caches.open(WHOSE_CACHE)).match(WHOSE);
  return kept === undefined ? '' : kept.text();
}

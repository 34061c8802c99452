import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import {
  API_CACHE,
  CLASS_CLOCK,
  CLOCK_DRAFT,
  forgetAnswers,
  isTheirs,
  mayBeKept,
  noteWhose,
} from './keptAnswer';

/** As much of the browser's store of answers as is used: there is none outside of a browser. */
class Kept {
  private readonly all = new Map<string, Map<string, Response>>();

  open(name: string) {
    const answers = this.all.get(name) ?? new Map<string, Response>();
    this.all.set(name, answers);
    return Promise.resolve({
      match: (path: string) => Promise.resolve(answers.get(path)?.clone()),
      put: (path: string, answer: Response) => Promise.resolve(void answers.set(path, answer)),
    });
  }

  delete(name: string) {
    return Promise.resolve(this.all.delete(name));
  }
}

const answer = (status: number, coach?: string) =>
  new Response('{}', { status, headers: coach === undefined ? {} : { 'Zumbo-Coach': coach } });
const isKept = async () => (await (await caches.open(API_CACHE)).match('/api/class')) !== undefined;

describe('what is kept on a device', () => {
  it.each([
    ['/api/class', true],
    ['/api/athletes/1/sizing', true],
    ['/api/export.json', false],
    ['/api/imports/1', false],
    ['/api/live', false],
    ['/api/changes', false],
    ['/api/time', false],
    ['/api/athletes/1/arc', false],
    ['/class', false],
  ])('%s: %s', (path, kept) => expect(mayBeKept(path)).toBe(kept));
});

describe('kept answers', () => {
  beforeEach(async () => {
    vi.stubGlobal('caches', new Kept());
    await noteWhose(answer(200, 'maren'));
    await (await caches.open(API_CACHE)).put('/api/class', answer(200, 'maren'));
  });
  afterEach(() => vi.unstubAllGlobals());

  it.each([500, 503, 502, 429, 404])(
    'outlast an answer %i, which says nothing of who asked',
    async (status) => {
      await noteWhose(answer(status));
      expect(await isKept()).toBe(true);
      expect(await isTheirs(answer(200, 'maren'))).toBe(true);
    },
  );

  it.each([
    ['another coach is answered', answer(200, 'ewan')],
    ['nobody is signed in', answer(200)],
    ['the session has ended', answer(401)],
  ])('end when %s', async (_, next) => {
    await noteWhose(next);
    expect(await isKept()).toBe(false);
    expect(await isTheirs(answer(200, 'maren'))).toBe(false);
  });
});

describe('the clock of the class on a device', () => {
  it('goes with the coach who saw it', async () => {
    localStorage.setItem(CLASS_CLOCK, '{}');
    localStorage.setItem(CLOCK_DRAFT, '[]');
    await forgetAnswers();
    expect([localStorage.getItem(CLASS_CLOCK), localStorage.getItem(CLOCK_DRAFT)]).toEqual([null, null]);
  });
});

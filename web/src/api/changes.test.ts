import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { describe, expect, it } from 'vitest';
import { madeOf, refetchChanged } from './changes';

/** Each answer is given when the test says so; each says how many were asked for before it. */
function slowly(client: QueryClient) {
  const answers: (() => void)[] = [];
  const observer = new QueryObserver(client, {
    queryKey: ['class'],
    ...madeOf('athlete', 'attempt'),
    queryFn: () => {
      const asked = answers.length + 1;
      return new Promise<number>((resolve) => answers.push(() => resolve(asked)));
    },
  });
  const end = observer.subscribe(() => undefined);
  return { answers, end, shown: () => observer.getCurrentResult().data };
}

const settle = () => new Promise((done) => setTimeout(done, 0));

describe('what a change touches', () => {
  it('asks again when the first answer was still under way, for it may be older than the change', async () => {
    const client = new QueryClient();
    const { answers, end, shown } = slowly(client);
    const asked = refetchChanged(client, ['attempt']);
    answers[0]?.();
    await settle();
    expect(shown()).toBe(1);
    expect(answers).toHaveLength(2);
    answers[1]?.();
    await asked;
    expect(shown()).toBe(2);
    end();
  });

  it('is asked for again at once when there is an answer; what it does not touch is let be', async () => {
    const client = new QueryClient();
    const { answers, end, shown } = slowly(client);
    answers[0]?.();
    await settle();
    await refetchChanged(client, ['rope', 'rack']);
    await refetchChanged(client, []);
    expect(answers).toHaveLength(1);
    const asked = refetchChanged(client, ['rope', 'attempt']);
    await settle();
    answers[1]?.();
    await asked;
    expect(shown()).toBe(2);
    end();
  });

  it('is not asked for again when it shows that revision already', async () => {
    const client = new QueryClient();
    let asked = 0;
    const observer = new QueryObserver(client, {
      queryKey: ['class'],
      ...madeOf('attempt'),
      queryFn: () => Promise.resolve({ revision: 6 + (asked += 1) }),
    });
    const end = observer.subscribe(() => undefined);
    await settle();
    await refetchChanged(client, ['attempt'], 7);
    expect(asked).toBe(1);
    await refetchChanged(client, ['attempt'], 8);
    await refetchChanged(client, ['attempt'], 8);
    expect(asked).toBe(2);
    await refetchChanged(client, ['attempt'], 0);
    expect(asked).toBe(3);
    end();
  });

  it('is asked for until the revision is there, when the server answers with what was before', async () => {
    const client = new QueryClient();
    const answers = [6, 6, 6, 7];
    let asked = 0;
    const observer = new QueryObserver(client, {
      queryKey: ['class'],
      ...madeOf('attempt'),
      queryFn: () => Promise.resolve({ revision: answers[Math.min((asked += 1), 4) - 1] }),
    });
    const end = observer.subscribe(() => undefined);
    await settle();
    await refetchChanged(client, ['attempt'], 7);
    expect([asked, observer.getCurrentResult().data]).toEqual([4, { revision: 7 }]);
    end();
  });

  it.each([['import'], ['a kind of tomorrow'], ['everything' as const]])(
    'is all there is after %s',
    async (what) => {
      const client = new QueryClient();
      const { answers, end } = slowly(client);
      answers[0]?.();
      await settle();
      const asked = refetchChanged(client, what === 'everything' ? what : [what]);
      await settle();
      expect(answers).toHaveLength(2);
      answers[1]?.();
      await asked;
      end();
    },
  );
});

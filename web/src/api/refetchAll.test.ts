import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { describe, expect, it } from 'vitest';
import { refetchAll } from './refetchAll';

/** Each answer is given when the test says so; each says how many were asked for before it. */
function slowly(client: QueryClient) {
  const answers: (() => void)[] = [];
  const observer = new QueryObserver(client, {
    queryKey: ['class'],
    queryFn: () => {
      const asked = answers.length + 1;
      return new Promise<number>((resolve) => answers.push(() => resolve(asked)));
    },
  });
  const end = observer.subscribe(() => undefined);
  return { answers, end, shown: () => observer.getCurrentResult().data };
}

const settle = () => new Promise((done) => setTimeout(done, 0));

describe('asking anew', () => {
  it('asks again when the first answer was still under way, for it may be older than the change', async () => {
    const client = new QueryClient();
    const { answers, end, shown } = slowly(client);
    const asked = refetchAll(client, [['class']]);
    answers[0]?.();
    await settle();
    expect(shown()).toBe(1);
    expect(answers).toHaveLength(2);
    answers[1]?.();
    await asked;
    expect(shown()).toBe(2);
    end();
  });

  it('asks again at once when there is an answer, and lets others be', async () => {
    const client = new QueryClient();
    const { answers, end, shown } = slowly(client);
    answers[0]?.();
    await settle();
    await refetchAll(client, [['athletes']]);
    expect(answers).toHaveLength(1);
    const asked = refetchAll(client, [['athletes'], ['class']]);
    await settle();
    answers[1]?.();
    await asked;
    expect(shown()).toBe(2);
    end();
  });
});

import { describe, expect, it } from 'vitest';
import { LatestAnswer } from './latestAnswer';

/** A server whose answers are given by hand. */
function slowServer() {
  const asked: { question: number; answer: (text: string) => void; refuse: (error: Error) => void }[] = [];
  const told: string[] = [];
  const failed: string[] = [];
  const latest = new LatestAnswer<number, string>(
    (question) =>
      new Promise((answer, refuse) => {
        asked.push({ question, answer, refuse });
      }),
    (answer) => told.push(answer),
    (error) => failed.push(error.message),
  );
  return { asked, told, failed, latest };
}

const settle = () => new Promise((done) => setTimeout(done, 0));

describe('the latest answer', () => {
  it('asks one at a time, and of those that waited only the last', async () => {
    const { asked, told, latest } = slowServer();
    [1, 2, 3, 4].forEach((question) => latest.ask(question));
    expect(asked.map((one) => one.question)).toEqual([1]);
    asked[0]?.answer('one');
    await settle();
    expect(asked.map((one) => one.question)).toEqual([1, 4]);
    asked[1]?.answer('four');
    await settle();
    expect(told).toEqual(['one', 'four']);
  });

  it('tells nothing of what was forgotten, and asks again afterwards', async () => {
    const { asked, told, latest } = slowServer();
    latest.ask(1);
    latest.forget();
    latest.ask(2);
    asked[0]?.answer('one');
    await settle();
    asked[1]?.answer('two');
    await settle();
    expect(told).toEqual(['two']);
  });

  it('goes on after a refusal', async () => {
    const { asked, told, failed, latest } = slowServer();
    latest.ask(1);
    latest.ask(2);
    asked[0]?.refuse(new Error('no'));
    await settle();
    asked[1]?.answer('two');
    await settle();
    expect([failed, told]).toEqual([['no'], ['two']]);
  });
});

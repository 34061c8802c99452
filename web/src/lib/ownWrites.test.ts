import { describe, expect, it } from 'vitest';
import { OwnWrites } from './ownWrites';

describe('own writes', () => {
  it('made every revision between two, or somebody else did', () => {
    const own = new OwnWrites();
    [7, 8].forEach((revision) => own.made(revision));
    expect([own.madeAll(6, 8), own.madeAll(6, 9), own.madeAll(5, 8), own.madeAll(8, 8)]).toEqual([
      true,
      false,
      false,
      true,
    ]);
    own.forget(7);
    expect(own.madeAll(6, 8)).toBe(false);
  });

  it('are waited for, also those that fail', async () => {
    const own = new OwnWrites();
    const order: string[] = [];
    let fail: (reason: Error) => void = () => undefined;
    const write = own.during(new Promise<never>((_, reject) => (fail = reject)));
    write.catch(() => order.push('refused'));
    const settled = own.settled().then(() => order.push('settled'));
    fail(new Error('refused'));
    await settled;
    expect(order).toEqual(['refused', 'settled']);
  });
});

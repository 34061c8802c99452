import { describe, expect, it } from 'vitest';
import { fifty } from '../../../testing/pacing';
import { fieldsOf, textOf } from './composing';

const [round = []] = fifty.rounds;
const run = { kind: 'work', name: 'run', reps: 0, seconds: 120, tires: true } as const;

describe('a workout as fields', () => {
  it('is the same as text', () => {
    const fields = fieldsOf({
      ...fifty,
      rounds: [
        [...round, run],
        [...round, run],
      ],
      capS: 725,
    });
    expect(fields?.rounds).toBe(2);
    expect(fields === null ? '' : textOf(fields)).toBe('2 rounds: 50 doubles, run 2:00; cap 12:05');
  });

  it('has each of the forms', () => {
    const fields = fieldsOf(fifty);
    expect(fields).not.toBeNull();
    if (fields !== null) {
      const of = (more: Partial<typeof fields>) => textOf({ ...fields, ...more });
      expect(of({ form: 'many-rounds', windowS: 720 })).toBe('as many rounds as fit in 12:00: 50 doubles');
      expect(of({ form: 'every-minutes', windowS: 60, rounds: 8 })).toBe('every 1:00, 8 times: 50 doubles');
      expect(of({ form: 'intervals', windowS: 90, betweenS: 45, rounds: 6 })).toBe(
        '6 times 1:30 on, 45 s off: 50 doubles',
      );
      expect(of({ stations: [{ kind: 'rest', name: 'rest', reps: 0, seconds: 30 }] })).toBe(
        '2 rounds: rest 30 s',
      );
    }
  });

  it('is text alone where its rounds differ', () => {
    expect(fieldsOf({ ...fifty, rounds: [round, [...round, run]] })).toBeNull();
  });
});

import { describe, expect, it } from 'vitest';
import { clockAt, programme } from '../../../testing/classClock';
import { rowsOf, standingOf } from './standing';

const NOW = 1_000_000_000;

describe('where a programme stands', () => {
  const at = (seconds: number, one = programme('A')) =>
    standingOf(clockAt(NOW, { startMs: NOW - seconds * 1000 }), one, NOW);

  it('tells phase, time and what is done in words', () => {
    expect(at(-7)).toMatchObject({ word: 'Get ready', left: '7', what: 'tall singles', atS: null });
    expect(at(5)).toMatchObject({ word: 'Work', left: '15', what: 'tall singles', atS: 5 });
    expect(at(25)).toMatchObject({ word: 'Rest', left: '5', what: 'next tall singles', atS: null });
    expect(at(50)).toMatchObject({ word: 'Done', tone: 'over' });
  });

  it('stands still while the clock does', () => {
    const clock = clockAt(NOW, { startMs: NOW - 5000, pausedAtMs: NOW });
    expect(standingOf(clock, programme('A'), NOW + 60_000)).toMatchObject({ left: '15', word: 'Paused' });
  });

  it('shows minutes from a hundred seconds on', () => {
    const long = programme('A', {
      phases: [{ kind: 'work', seconds: 150, round: 1, station: null, contacts: 0 }],
      strips: [],
    });
    expect(at(0, long).left).toBe('2:30');
    expect(at(51, long).left).toBe('99');
    expect(at(0, long).strip).toBeNull();
  });

  it('puts those who do the same into one row', () => {
    const rows = rowsOf([
      programme('A'),
      programme('B', { text: '60' }),
      programme('C', { people: [{ firstName: 'Bram', id: 'b' }] }),
    ]);
    expect(rows.map((row) => row.people.map((one) => one.firstName))).toEqual([['Ilse', 'Bram'], ['Ilse']]);
  });
});

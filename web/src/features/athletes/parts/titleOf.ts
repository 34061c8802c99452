import type { Athlete } from '../../../api/athletes';

const small = [
  'No',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten',
  'Eleven',
  'Twelve',
  'Thirteen',
  'Fourteen',
  'Fifteen',
  'Sixteen',
];

/** "Fourteen athletes; two have no rope yet". */
export function titleOf(athletes: Athlete[]): string {
  const without = athletes.filter((athlete) => athlete.rope === null).length;
  const people = `${small[athletes.length] ?? athletes.length} ${athletes.length === 1 ? 'athlete' : 'athletes'}`;
  if (without === 0) {
    return `${people}, each with a rope`;
  }
  return `${people}; ${(small[without] ?? String(without)).toLowerCase()} ${without === 1 ? 'has' : 'have'} no rope yet`;
}

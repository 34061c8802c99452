import type { Beat } from './beatScheduler';

/** What is said with a double: one word for the landing, one for each turn. */
export const usualSyllables = 'low high high';

/** The word of this moment, while a jump with more than one turn goes on; null else. */
export function syllableAt(beats: Beat[], headS: number | null, words: string): string | null {
  const beat = beats.find((one) => headS !== null && headS >= one.atS && headS < one.endS);
  if (beat === undefined || headS === null || beat.turnsS.length < 2) {
    return null;
  }
  const said = words.trim().split(/\s+/);
  const turned = beat.turnsS.filter((at) => at <= headS).length;
  return said[Math.min(turned, said.length - 1)] ?? null;
}

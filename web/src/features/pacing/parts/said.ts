import type { Speed, Way } from '../../../api/pacing';

/** A chance as one says it. */
export function timesInHundred(chance: number): string {
  const hundredths = Math.round(100 * chance);
  return hundredths === 0
    ? 'hardly ever'
    : hundredths === 100
      ? 'as good as always'
      : hundredths === 1
        ? 'once in 100'
        : `${String(hundredths)} times in 100`;
}

export function missesOf(misses: number): string {
  const count = Math.round(misses);
  return count === 0 ? 'hardly a miss' : `about ${String(count)} ${count === 1 ? 'miss' : 'misses'}`;
}

export const wayNames: Record<Way['scaling'], string> = {
  full: 'All doubles',
  'first-then-singles': 'First doubles, then singles',
  fewer: 'Fewer doubles',
  tries: 'Tries for a time',
  'half-rounds': 'Half the rounds',
  singles: 'Singles',
};

export const speedNames: Record<Speed, string> = {
  'low-fast': 'Low and fast',
  natural: 'Natural',
  'high-slow': 'High and slow',
};

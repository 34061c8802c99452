import type { Seen } from '../../../api/placement';

export interface Option<Value> {
  value: Value;
  label: string;
}

/** What was touched so far. */
export interface Touched {
  halts?: number;
  rope?: Seen['rope'];
  misses?: number;
  /** Null: nobody counted. */
  turns?: number | null;
  /** Doubles in a row. */
  best?: 'none' | 0 | 3 | 10 | 20;
  tall?: number;
  doubles?: number;
}

export const HALTS: Option<number>[] = [
  { value: 0, label: 'never' },
  { value: 1, label: 'once' },
  { value: 2, label: 'twice or more' },
];

export const ROPE: Option<Seen['rope']>[] = [
  { value: 'quiet', label: 'one landing each turn' },
  { value: 'bouncing', label: 'two landings each turn' },
  { value: 'not-yet', label: 'does not come round yet' },
];

export const MISSES: Option<number>[] = [
  { value: 0, label: 'none' },
  { value: 1, label: '1' },
  { value: 2, label: '2' },
  { value: 3, label: '3 or more' },
];

/** Each by the least it stands for. */
export const BEST: Option<NonNullable<Touched['best']>>[] = [
  { value: 'none', label: 'no' },
  { value: 0, label: 'under 3' },
  { value: 3, label: '3 to 9' },
  { value: 10, label: '10 to 19' },
  { value: 20, label: '20 and more' },
];

export const OF_THREE: Option<number>[] = [0, 1, 2, 3].map((value) => ({ value, label: String(value) }));

/** What is sent; null: something that decides was not touched yet. */
export function seenOf(athleteId: string, touched: Touched): Seen | null {
  const { halts, rope, misses, turns = null, best = 'none', tall = 0, doubles = 0 } = touched;
  if (halts === undefined || rope === undefined || misses === undefined) {
    return null;
  }
  const of = { athleteId, halts, rope, misses, turns };
  return best === 'none' ? { ...of, tall, doubles, best: null } : { ...of, tall: 0, doubles: 0, best };
}

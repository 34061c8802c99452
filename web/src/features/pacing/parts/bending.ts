import type { Pacing } from '../../../api/pacing';

type Bend = NonNullable<Pacing['bend']>;

/** A break on its way: the nth, after so many reps. */
export interface Moved {
  nth: number;
  place: number;
}

/** After how many reps each break comes. */
export function placesOf(sets: readonly number[]): number[] {
  return sets.slice(0, -1).map((_, i) => sets.slice(0, i + 1).reduce((sum, one) => sum + one, 0));
}

/** The sets with a break elsewhere, as far as its neighbours let it, and what they take: the server has told of every place. */
export function moved(bend: Bend, at: Moved | null): { sets: number[]; expectedS: number } {
  const one = at === null ? undefined : bend.breaks[at.nth];
  if (at === null || one === undefined) {
    return { sets: bend.sets, expectedS: bend.expectedS };
  }
  const place = Math.max(one.from, Math.min(at.place, one.from + one.expectedS.length - 1));
  const first = place - one.from + 1;
  const both = (bend.sets[at.nth] ?? 0) + (bend.sets[at.nth + 1] ?? 0);
  return {
    sets: bend.sets.map((set, i) => (i === at.nth ? first : i === at.nth + 1 ? both - first : set)),
    expectedS: one.expectedS[place - one.from] ?? bend.expectedS,
  };
}

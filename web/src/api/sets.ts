import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
import { call, type Schemas } from './client';

export type Ladder = Schemas['LadderView'];
export type Rung = Schemas['RungView'];
export type Intervals = Schemas['IntervalView'];
export type Family = Schemas['AthleteView']['ladders'][number];
export type MissRule = Ladder['missRule'];
export type Fitted = Schemas['FittedView'];
export type Aim = 'practise' | 'test' | 'tire';

export interface LadderWish {
  family: Family;
  start: number;
  step: number;
  top: number;
  times: number;
  fixedSingles: number;
  exitSingles: number;
  missRule: MissRule;
}

/** What a ladder shall be that is fitted; minutes null: one time through. */
/** What is fitted, and which of those that were found is taken: 0 is the best. */
export interface Fitting extends FitWish {
  pick: number;
}

export interface FitWish {
  aim: Aim;
  minutes: number | null;
  contacts: number | null;
}

/** Field by field, or as a text; the text wins. */
export type IntervalWish = { keepLastRest: boolean } & (
  { text: string } | { workS: number; restS: number; rounds: number; stations: string }
);

const asKept = { placeholderData: keepPreviousData, retry: false } as const;

export function useLadder(athleteId: string, wish: LadderWish, wanted: boolean) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'ladder', wish],
    queryFn: () => call('GET', '/api/athletes/{id}/ladder', { path: { id: athleteId }, query: wish }),
    enabled: wanted,
    ...madeOf('athlete', 'attempt'),
    ...asKept,
  });
}

/** The ladder one typed, with what was fitted of it. */
export function fittedWish(wish: LadderWish, { start, step, top, times }: Fitted): LadderWish {
  return { ...wish, start, step, top, times };
}

/** The best one first, then what else would fit. */
export function foundBy(fit: Schemas['LadderFitView'] | undefined): Fitted[] {
  return fit === undefined || fit.best === null ? [] : [fit.best, ...fit.alternatives];
}

/** The ladder that fits an athlete: asked for when somebody wants it. */
export function useFit(athleteId: string, wish: LadderWish, fit: FitWish | null, wanted: boolean) {
  const { family, fixedSingles, exitSingles, missRule } = wish;
  const query = {
    family,
    fixedSingles,
    exitSingles,
    missRule,
    aim: fit?.aim ?? 'practise',
    minutes: fit?.minutes ?? null,
    contacts: fit?.contacts ?? null,
  };
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'fit', query],
    queryFn: () => call('GET', '/api/athletes/{id}/ladder/fit', { path: { id: athleteId }, query }),
    enabled: wanted,
    ...madeOf('athlete', 'attempt'),
    retry: false,
  });
}

export function useIntervals(athleteId: string, wish: IntervalWish, wanted: boolean) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'intervals', wish],
    queryFn: () => call('GET', '/api/athletes/{id}/intervals', { path: { id: athleteId }, query: wish }),
    enabled: wanted,
    ...madeOf('athlete', 'attempt'),
    ...asKept,
  });
}

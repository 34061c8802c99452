import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
import { call, type Schemas } from './client';

export type Ladder = Schemas['LadderView'];
export type Rung = Schemas['RungView'];
export type Intervals = Schemas['IntervalView'];
export type Family = 'rising' | 'pyramid' | 'falling-singles' | 'fixed-singles';

export interface LadderWish {
  family: Family;
  top: number;
  fixedSingles: number;
}

/** Field by field, or as a text; the text wins. */
export type IntervalWish =
  { text: string } | { workS: number; restS: number; rounds: number; stations: string };

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

export function useIntervals(athleteId: string, wish: IntervalWish, wanted: boolean) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'intervals', wish],
    queryFn: () => call('GET', '/api/athletes/{id}/intervals', { path: { id: athleteId }, query: wish }),
    enabled: wanted,
    ...madeOf('athlete', 'attempt'),
    ...asKept,
  });
}

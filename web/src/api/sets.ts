import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
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

function useSet<Set>(athleteId: string, kind: 'ladder' | 'intervals', wish: object, wanted: boolean) {
  const query = new URLSearchParams(
    Object.entries(wish).map(([name, value]) => [name, String(value)]),
  ).toString();
  return useQuery({
    queryKey: [...athletesKey, athleteId, kind, query],
    queryFn: () => call<Set>('GET', `/api/athletes/${athleteId}/${kind}?${query}`),
    enabled: wanted,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useLadder(athleteId: string, wish: LadderWish, wanted: boolean) {
  return useSet<Ladder>(athleteId, 'ladder', wish, wanted);
}

export function useIntervals(athleteId: string, wish: IntervalWish, wanted: boolean) {
  return useSet<Intervals>(athleteId, 'intervals', wish, wanted);
}

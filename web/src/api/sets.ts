import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { call, type Schemas } from './client';

export type Ladder = Schemas['LadderView'];
export type Rung = Schemas['RungView'];
export type Family = 'rising' | 'pyramid' | 'falling-singles' | 'fixed-singles';

export interface LadderWish {
  family: Family;
  top: number;
  fixedSingles: number;
}

export function useLadder(athleteId: string, wish: LadderWish) {
  const query = new URLSearchParams(
    Object.entries(wish).map(([name, value]) => [name, String(value)]),
  ).toString();
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'ladder', query],
    queryFn: () => call<Ladder>('GET', `/api/athletes/${athleteId}/ladder?${query}`),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

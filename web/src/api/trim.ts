import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { call, type Change, type Schemas } from './client';
import { meKey } from './session';
import { useWriteThen } from './writes';

export type Trim = Schemas['TrimView'];
export type PastLength = Schemas['PastLengthView'];
export type TrimSchool = Schemas['TrimSchool'];
export type Rope = Schemas['RopeView'];

/** Where the path is to end, and in what steps; what is left out is the server's to choose. */
export interface TrimWish {
  goal?: Schemas['School'];
  step?: string;
}

export function useTrim(athleteId: string, wish: TrimWish) {
  const query = new URLSearchParams({ ...wish }).toString();
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'trim', query],
    queryFn: () => call<Trim>('GET', `/api/athletes/${athleteId}/trim${query === '' ? '' : `?${query}`}`),
    placeholderData: keepPreviousData,
  });
}

export function useTrimRope() {
  return useWriteThen([athletesKey], ({ id, ...input }: { id: string; ropeId: string; cable: string }) =>
    call<Rope>('PUT', `/api/trims/${id}`, input),
  );
}

export function useCutTails() {
  return useWriteThen([athletesKey], (it: { id: string; change: Change }) =>
    call<Rope>('DELETE', `/api/ropes/${it.id}/tails`, undefined, it.change),
  );
}

export function useTailsAreWhole() {
  return useWriteThen([athletesKey], (it: { id: string; change: Change }) =>
    call<Rope>('POST', `/api/ropes/${it.id}/tails/restore`, undefined, it.change),
  );
}

export function useGymTrimSchool() {
  return useWriteThen([meKey, athletesKey], (it: { trimSchool: TrimSchool; change: Change }) =>
    call<Schemas['GymView']>('PATCH', '/api/gym/trim-school', { trimSchool: it.trimSchool }, it.change),
  );
}

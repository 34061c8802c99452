import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { judgedOf } from './changes';
import { call, type Change, type Schemas } from './client';
import { useWriteOf } from './writes';

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
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'trim', wish],
    queryFn: () => call('GET', '/api/athletes/{id}/trim', { path: { id: athleteId }, query: wish }),
    ...judgedOf(),
    placeholderData: keepPreviousData,
  });
}

export function useTrimRope() {
  return useWriteOf(['rope'], ({ id, ...input }: { id: string; ropeId: string; cable: string }) =>
    call('PUT', '/api/trims/{id}', { path: { id }, body: input }),
  );
}

export function useCutTails() {
  return useWriteOf(['rope'], (it: { id: string; change: Change }) =>
    call('DELETE', '/api/ropes/{id}/tails', { path: { id: it.id }, change: it.change }),
  );
}

export function useTailsAreWhole() {
  return useWriteOf(['rope'], (it: { id: string; change: Change }) =>
    call('POST', '/api/ropes/{id}/tails/restore', { path: { id: it.id }, change: it.change }),
  );
}

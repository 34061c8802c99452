import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { call, type Change, type Schemas } from './client';

export type Sizing = Schemas['SizingView'];
export type SchoolRope = Schemas['SchoolRopeView'];
export type School = Schemas['School'];
export type Stance = Schemas['Stance'];
export type Turning = Schemas['TurningView'];
export type Figure = Schemas['FigureView'];
export type Rope = Schemas['RopeView'];
export type RopeInput = Schemas['RopeInput'];

/** What the coach asked for; what is left out is the server's to choose. */
export interface SizingWish {
  school?: School;
  stance?: Stance;
  handle?: string;
  cable?: string;
}

export function useSizing(athleteId: string, wish: SizingWish) {
  const query = new URLSearchParams({ ...wish }).toString();
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'sizing', query],
    queryFn: () => call<Sizing>('GET', `/api/athletes/${athleteId}/sizing${query === '' ? '' : `?${query}`}`),
    // The old arc stays until the new one is there.
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useRope(id: string | undefined) {
  return useQuery({
    queryKey: [...athletesKey, 'rope', id],
    queryFn: () => call<Rope>('GET', `/api/ropes/${id ?? ''}`),
    enabled: id !== undefined,
  });
}

function useRopeWrite<Input>(write: (input: Input) => Promise<Rope>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    // Not awaited: the screen that asked must hear of its success before it is drawn anew.
    onSuccess: () => void client.invalidateQueries({ queryKey: athletesKey }),
  });
}

export function useKeepRope() {
  return useRopeWrite(({ id, input }: { id: string; input: RopeInput }) =>
    call<Rope>('PUT', `/api/ropes/${id}`, input),
  );
}

export function useTakeBackRope() {
  return useRopeWrite(({ id, change }: { id: string; change: Change }) =>
    call<Rope>('DELETE', `/api/ropes/${id}`, undefined, change),
  );
}

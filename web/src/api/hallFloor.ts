import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { madeOf } from './changes';
import { call, type Schemas } from './client';
import { newId } from '../lib/ids';

export type HallFloor = Schemas['FloorView'];
export type Spot = Schemas['SpotView'];

const floorKey = ['floor'] as const;

/** The hall to scale; asked for where there is room to draw it. */
export function useHallFloor(wanted: boolean) {
  return useQuery({
    queryKey: floorKey,
    queryFn: () => call('GET', '/api/floor'),
    enabled: wanted,
    ...madeOf('floor', 'athlete', 'rope', 'gym', 'night'),
  });
}

function useFloorWrite<Input>(write: (input: Input) => Promise<HallFloor>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    onSuccess: (floor) => client.setQueryData(floorKey, floor),
    // Another coach was quicker, or the network is gone: they stand where the server has them.
    onError: () => client.invalidateQueries({ queryKey: floorKey }),
  });
}

export function usePutSpot() {
  return useFloorWrite(({ spot, xM, yM }: { spot: Spot; xM: number; yM: number }) =>
    call('PUT', '/api/floor/{id}', {
      path: { id: spot.athleteId },
      body: { xM, yM },
      change: { mutationId: newId(), version: spot.version },
    }),
  );
}

export function useArrange() {
  return useFloorWrite((id: string) => call('PUT', '/api/floor/arrangements/{id}', { path: { id } }));
}

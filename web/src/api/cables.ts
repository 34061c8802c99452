import { useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
import { call, type Change, type Schemas } from './client';
import { useWriteOf } from './writes';

export type Cables = Schemas['CablesView'];
export type CableRow = Schemas['CableRowView'];
export type OwnCable = Schemas['OwnCableView'];
export type OwnCableInput = Schemas['OwnCableInput'];

export function useCables(athleteId: string) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'cables'],
    queryFn: () => call('GET', '/api/athletes/{id}/cables', { path: { id: athleteId } }),
    ...madeOf('athlete', 'rope', 'cable', 'gym'),
  });
}

export function useAddCable() {
  return useWriteOf(['cable'], ({ id, input }: { id: string; input: OwnCableInput }) =>
    call('PUT', '/api/cables/{id}', { path: { id }, body: input }),
  );
}

export function useRemoveCable() {
  return useWriteOf(['cable'], (it: { id: string; change: Change }) =>
    call('DELETE', '/api/cables/{id}', { path: { id: it.id }, change: it.change }),
  );
}

export function useRestoreCable() {
  return useWriteOf(['cable'], (it: { id: string; change: Change }) =>
    call('POST', '/api/cables/{id}/restore', { path: { id: it.id }, change: it.change }),
  );
}

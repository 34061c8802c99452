import { useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { call, type Change, type Schemas } from './client';
import { useWriteThen } from './writes';

export type Cables = Schemas['CablesView'];
export type CableRow = Schemas['CableRowView'];
export type OwnCable = Schemas['OwnCableView'];
export type OwnCableInput = Schemas['OwnCableInput'];

export function useCables(athleteId: string) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'cables'],
    queryFn: () => call<Cables>('GET', `/api/athletes/${athleteId}/cables`),
  });
}

export function useAddCable() {
  return useWriteThen([athletesKey], ({ id, input }: { id: string; input: OwnCableInput }) =>
    call<OwnCable>('PUT', `/api/cables/${id}`, input),
  );
}

export function useRemoveCable() {
  return useWriteThen([athletesKey], (it: { id: string; change: Change }) =>
    call<OwnCable>('DELETE', `/api/cables/${it.id}`, undefined, it.change),
  );
}

export function useRestoreCable() {
  return useWriteThen([athletesKey], (it: { id: string; change: Change }) =>
    call<OwnCable>('POST', `/api/cables/${it.id}/restore`, undefined, it.change),
  );
}

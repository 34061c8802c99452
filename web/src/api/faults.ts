import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { newId } from '../lib/ids';
import { refetchAll } from './refetchAll';
import { athletesKey } from './athletes';
import { classKey } from './classHour';
import { call, type Schemas } from './client';

export type SignGroup = Schemas['SignGroupView'];
export type SignCode = Schemas['Sign'];
export type Diagnosis = Schemas['DiagnosisView'];
export type RankedFault = Schemas['RankedFaultView'];
export type Cue = Schemas['CueView'];
export type FocusInput = Schemas['FocusInput'];

export function useSigns() {
  return useQuery({
    queryKey: ['signs'],
    queryFn: () => call('GET', '/api/signs'),
    staleTime: Infinity,
  });
}

export function useDiagnosis(athleteId: string, signs: string[], ropeChecked: boolean) {
  const query = { signs: signs.join(','), ropeChecked: ropeChecked ? 'yes' : 'no' } as const;
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'diagnosis', query],
    queryFn: () => call('GET', '/api/athletes/{id}/diagnosis', { path: { id: athleteId }, query }),
    enabled: signs.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** Gives an athlete a focus, or takes it off; what shows cues is fetched anew. */
export function useFocus() {
  const client = useQueryClient();
  const refresh = () => refetchAll(client, [classKey, athletesKey]);
  const give = useMutation({
    mutationFn: ({ id, input }: { id: string; input: FocusInput }) =>
      call('PUT', '/api/focuses/{id}', { path: { id }, body: input }),
    onSuccess: refresh,
  });
  const takeOff = useMutation({
    mutationFn: ({ id, version }: { id: string; version: number }) =>
      call('DELETE', '/api/focuses/{id}', { path: { id }, change: { mutationId: newId(), version } }),
    onSuccess: refresh,
  });
  return { give, takeOff };
}

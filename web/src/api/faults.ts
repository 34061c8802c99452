import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { newId } from '../lib/ids';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
import { call, type Schemas } from './client';
import { useWriteOf } from './writes';

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
    ...madeOf('athlete', 'rope'),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** Gives an athlete a focus, or takes it off. */
export function useFocus() {
  const give = useWriteOf(['focus'], ({ id, input }: { id: string; input: FocusInput }) =>
    call('PUT', '/api/focuses/{id}', { path: { id }, body: input }),
  );
  const takeOff = useWriteOf(['focus'], ({ id, version }: { id: string; version: number }) =>
    call('DELETE', '/api/focuses/{id}', { path: { id }, change: { mutationId: newId(), version } }),
  );
  return { give, takeOff };
}

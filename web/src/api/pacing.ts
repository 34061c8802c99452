import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { call, type Schemas } from './client';

export type Pacing = Schemas['PacingView'];
export type Way = Schemas['ScaledView'];
export type Aim = 'keep-moving' | 'practise' | 'race';

export interface Work {
  reps: number;
  rounds: number;
  missCost: number;
  breakCost: number;
  aim: Aim;
}

export function usePacing(athleteId: string | null, work: Work) {
  const query = new URLSearchParams(
    Object.entries(work).map(([name, value]) => [name, String(value)]),
  ).toString();
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'pacing', query],
    queryFn: () => call<Pacing>('GET', `/api/athletes/${athleteId ?? ''}/pacing?${query}`),
    enabled: athleteId !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

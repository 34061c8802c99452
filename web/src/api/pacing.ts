import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
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

export function usePacing(athleteId: string | null, work: Work, enabled = true) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'pacing', work],
    queryFn: () => call('GET', '/api/athletes/{id}/pacing', { path: { id: athleteId ?? '' }, query: work }),
    ...madeOf('athlete', 'attempt'),
    enabled: enabled && athleteId !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

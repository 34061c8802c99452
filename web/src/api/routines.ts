import { useQuery } from '@tanstack/react-query';
import { judgedOf } from './changes';
import { call, type Schemas } from './client';

export type Routine = Schemas['RoutineView'];

export interface RoutineWish {
  seconds: number | null;
  beatsPerMin: number;
  /** Codes; none: all that the stage is taught. */
  moves: readonly string[];
}

export function useRoutine(id: string, { seconds, beatsPerMin, moves }: RoutineWish) {
  return useQuery({
    queryKey: ['routine', id, seconds, beatsPerMin, moves],
    queryFn: () =>
      call('GET', '/api/athletes/{id}/routine', {
        path: { id },
        query: {
          beatsPerMin,
          ...(seconds === null ? {} : { seconds }),
          ...(moves.length === 0 ? {} : { moves: moves.join(',') }),
        },
      }),
    placeholderData: (before) => before,
    ...judgedOf(),
  });
}

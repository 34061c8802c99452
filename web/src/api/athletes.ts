import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call, type Change, type Schemas } from './client';

export type Athlete = Schemas['AthleteView'];
export type AthleteInput = Schemas['AthleteInput'];

export const athletesKey = ['athletes'] as const;
const path = (id: string) => `/api/athletes/${id}`;

export function useAthletes() {
  return useQuery({ queryKey: athletesKey, queryFn: () => call<Athlete[]>('GET', '/api/athletes') });
}

export function useAthlete(id: string) {
  return useQuery({ queryKey: [...athletesKey, id], queryFn: () => call<Athlete>('GET', path(id)) });
}

interface Addition {
  id: string;
  input: AthleteInput;
}

/** After any write, everything that shows athletes is fetched anew. */
function useWrite<Input>(write: (input: Input) => Promise<Athlete>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    // Not awaited: the screen that asked must hear of its success before it is drawn anew.
    onSuccess: () => void client.invalidateQueries({ queryKey: athletesKey }),
  });
}

export function useAddAthlete() {
  return useWrite(({ id, input }: Addition) => call<Athlete>('PUT', path(id), input));
}

export function useChangeAthlete() {
  return useWrite(({ id, input, change }: Addition & { change: Change }) =>
    call<Athlete>('PATCH', path(id), input, change),
  );
}

export function useRemoveAthlete() {
  return useWrite(({ id, change }: { id: string; change: Change }) =>
    call<Athlete>('DELETE', path(id), undefined, change),
  );
}

export function useRestoreAthlete() {
  return useWrite(({ id, change }: { id: string; change: Change }) =>
    call<Athlete>('POST', `${path(id)}/restore`, undefined, change),
  );
}

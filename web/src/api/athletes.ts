import { useQuery } from '@tanstack/react-query';
import { call, type Change, type Schemas } from './client';
import { useWriteThen } from './writes';

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
  return useWriteThen([athletesKey], write);
}

export function useAddAthlete() {
  return useWrite(({ id, input }: Addition) => call<Athlete>('PUT', path(id), input));
}

export function useChangeAthlete() {
  return useWrite(({ id, input, change }: Addition & { change: Change }) =>
    call<Athlete>('PATCH', path(id), input, change),
  );
}

export function useMoveAthlete() {
  return useWrite(({ id, stage, change }: { id: string; stage: Athlete['stage']; change: Change }) =>
    call<Athlete>('PATCH', `${path(id)}/stage`, { stage }, change),
  );
}

export function useRemoveAthlete() {
  return useWrite(({ id, change }: { id: string; change: Change }) =>
    call<Athlete>('DELETE', path(id), undefined, change),
  );
}

export function useEraseAthlete() {
  return useWriteThen([athletesKey], ({ id, name, change }: { id: string; name: string; change: Change }) =>
    call<undefined>('POST', `${path(id)}/erase`, { name }, change),
  );
}

export type MeasuresInput = Schemas['MeasuresInput'];

export function useMeasureAthlete() {
  return useWrite(({ id, input, change }: { id: string; input: MeasuresInput; change: Change }) =>
    call<Athlete>('PATCH', `${path(id)}/measures`, input, change),
  );
}

export function useRestoreAthlete() {
  return useWrite(({ id, change }: { id: string; change: Change }) =>
    call<Athlete>('POST', `${path(id)}/restore`, undefined, change),
  );
}

import { useQuery } from '@tanstack/react-query';
import { judgedOf, madeOf } from './changes';
import { call, type Change, type Schemas } from './client';
import { useWriteOf } from './writes';

export type Athlete = Schemas['AthleteView'];
export type AthleteInput = Schemas['AthleteInput'];
export type Allowance = Schemas['AllowanceView'];
export type RopeVerdict = Schemas['RopeVerdictView'];

export const athletesKey = ['athletes'] as const;

export function useAthletes() {
  return useQuery({
    queryKey: athletesKey,
    queryFn: () => call('GET', '/api/athletes'),
    ...judgedOf('athlete', 'rope', 'gym'),
  });
}

export function useAthlete(id: string) {
  return useQuery({
    queryKey: [...athletesKey, id],
    queryFn: () => call('GET', '/api/athletes/{id}', { path: { id } }),
    ...judgedOf('athlete', 'rope', 'gym'),
  });
}

interface Addition {
  id: string;
  input: AthleteInput;
}

function useWrite<Input>(write: (input: Input) => Promise<Athlete>) {
  return useWriteOf(['athlete'], write);
}

export function useAddAthlete() {
  return useWrite(({ id, input }: Addition) =>
    call('PUT', '/api/athletes/{id}', { path: { id }, body: input }),
  );
}

export function useChangeAthlete() {
  return useWrite(({ id, input, change }: Addition & { change: Change }) =>
    call('PATCH', '/api/athletes/{id}', { path: { id }, body: input, change }),
  );
}

export function useMoveAthlete() {
  return useWrite(({ id, stage, change }: { id: string; stage: Athlete['stage']; change: Change }) =>
    call('PATCH', '/api/athletes/{id}/stage', { path: { id }, body: { stage }, change }),
  );
}

export function useRemoveAthlete() {
  return useWrite(({ id, change }: { id: string; change: Change }) =>
    call('DELETE', '/api/athletes/{id}', { path: { id }, change }),
  );
}

export function useEraseAthlete() {
  return useWriteOf(['athlete'], ({ id, name, change }: { id: string; name: string; change: Change }) =>
    call('POST', '/api/athletes/{id}/erase', { path: { id }, body: { name }, change }),
  );
}

export type MeasuresInput = Schemas['MeasuresInput'];

export function useMeasureAthlete() {
  return useWrite(({ id, input, change }: { id: string; input: MeasuresInput; change: Change }) =>
    call('PATCH', '/api/athletes/{id}/measures', { path: { id }, body: input, change }),
  );
}

export function useRestoreAthlete() {
  return useWrite(({ id, change }: { id: string; change: Change }) =>
    call('POST', '/api/athletes/{id}/restore', { path: { id }, change }),
  );
}

/** Who was removed and is not forgotten yet. */
export function useArchive() {
  return useQuery({
    queryKey: [...athletesKey, 'archive'],
    queryFn: () => call('GET', '/api/athletes/archive'),
    ...madeOf('athlete'),
  });
}

export type AthleteTerms = Schemas['AthleteTermsView'];

/** The words that forms about athletes need; they change only with the app. */
export function useAthleteTerms() {
  return useQuery({
    queryKey: ['athlete-terms'],
    queryFn: () => call('GET', '/api/athlete-terms'),
    staleTime: Infinity,
  });
}

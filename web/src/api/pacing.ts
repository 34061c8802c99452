import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { judgedOf, madeOf, refetchChanged } from './changes';
import { call, href, type Schemas } from './client';
import { newId } from '../lib/ids';

export type Pacing = Schemas['PacingView'];
export type Way = Schemas['ScaledView'];
export type ClassPacing = Schemas['ClassPacingView'];
export type KeptWorkout = Schemas['KeptWorkoutView'];
export type PacedRuns = Schemas['PacedRunsView'];
export type PacedRun = Schemas['PacedRunView'];
export type Speed = Pacing['speeds'][number]['speed'];
export type WorkoutRead = Schemas['ReadWorkoutView'];
export type Aim = 'keep-moving' | 'practise' | 'race';

/** What a workout costs an athlete, how fast is jumped, and what matters. */
export interface Costs {
  /** Null: their own when known, else what is usual. */
  missCost: number | null;
  breakCost: number | null;
  speed: Speed;
  aim: Aim;
}

/** How each way of scaling is meant; null: half, or as much as fits today. */
export interface Scale {
  first: number | null;
  cut: number | null;
  ratio: number;
  tries: number | null;
}

export const usualCosts: Costs = { missCost: null, breakCost: null, speed: 'natural', aim: 'keep-moving' };
export const usualScale: Scale = { first: null, cut: null, ratio: 2, tries: null };

interface Asked extends Costs {
  text: string;
  scale: Scale;
  /** "20-15-15"; empty: as they are best. */
  sets: string;
}

const workoutsKey = ['workouts'] as const;

/** What a text says; the last answer stays while one types. */
export function useReadWorkout(text: string) {
  return useQuery({
    queryKey: [...workoutsKey, 'read', text],
    queryFn: () => call('GET', '/api/workouts/read', { query: { text } }),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

export function useWorkouts() {
  return useQuery({
    queryKey: workoutsKey,
    queryFn: () => call('GET', '/api/workouts'),
    ...madeOf('workout'),
  });
}

export function useKeepWorkout() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { name: string; text: string }) =>
      call('PUT', '/api/workouts/{id}', { path: { id: newId() }, body }),
    onSuccess: () => client.invalidateQueries({ queryKey: workoutsKey, exact: true }),
  });
}

export function useRemoveWorkout() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, version, restore }: { id: string; version: number; restore: boolean }) => {
      const change = { mutationId: newId(), version };
      return restore
        ? call('POST', '/api/workouts/{id}/restore', { path: { id }, change })
        : call('DELETE', '/api/workouts/{id}', { path: { id }, change });
    },
    onSuccess: () => client.invalidateQueries({ queryKey: workoutsKey, exact: true }),
  });
}

function costsQuery({ missCost, breakCost, speed, aim }: Costs) {
  return {
    speed,
    aim,
    ...(missCost === null ? {} : { missCost }),
    ...(breakCost === null ? {} : { breakCost }),
  };
}

export function usePacing(athleteId: string, { scale, text, sets, ...costs }: Asked, enabled: boolean) {
  const { first, cut, ratio, tries } = scale;
  const query = {
    ...costsQuery(costs),
    text,
    sets,
    ratio,
    ...(tries === null ? {} : { tries }),
    ...(first === null ? {} : { first }),
    ...(cut === null ? {} : { cut }),
  };
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'pacing', query],
    queryFn: () => call('GET', '/api/athletes/{id}/pacing', { path: { id: athleteId }, query }),
    ...madeOf('athlete', 'attempt', 'run', 'way'),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export interface ClassAsked extends Costs {
  text: string;
  /** Seconds from the first to the last; null: nobody is levelled. */
  within: number | null;
  least: number;
}

function classQuery({ within, text, least, ...costs }: ClassAsked) {
  return { ...costsQuery(costs), text, least, ...(within === null ? {} : { within }) };
}

export function useClassPacing(asked: ClassAsked, enabled: boolean) {
  const query = classQuery(asked);
  return useQuery({
    queryKey: ['class-pacing', query],
    queryFn: () => call('GET', '/api/class-pacing', { query }),
    ...judgedOf('run', 'way'),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** Where a browser fetches the same as a file. */
export function classPacingFile(asked: ClassAsked, format: 'csv' | 'json'): string {
  const query = classQuery(asked);
  return format === 'csv' ? href('/api/class-pacing/csv', { query }) : href('/api/class-pacing', { query });
}

/** Of an athlete, or of everybody: what they were paced through, and how many forecasts held. */
export function usePacedRuns(athlete: string | null) {
  return useQuery({
    queryKey: ['paced-runs', athlete],
    queryFn: () => call('GET', '/api/paced-runs', { query: athlete === null ? {} : { athlete } }),
    ...madeOf('run', 'athlete'),
  });
}

/** Takes a paced workout away, or brings it back. */
export function useRemoveRun() {
  const client = useQueryClient();
  return useMutation({
    onSuccess: () => refetchChanged(client, ['run']),
    mutationFn: ({ id, version, removed }: Pick<PacedRun, 'id' | 'version' | 'removed'>) => {
      const change = { mutationId: newId(), version };
      return removed
        ? call('POST', '/api/paced-runs/{id}/restore', { path: { id }, change })
        : call('DELETE', '/api/paced-runs/{id}', { path: { id }, change });
    },
  });
}

/** Keeps how a coach wants it done, or takes that back. */
export function useChooseWay() {
  const client = useQueryClient();
  return useMutation({
    onSuccess: () => refetchChanged(client, ['way']),
    mutationFn: (way: Schemas['ChosenWayInput'] | { takeBack: Schemas['ChosenWayView'] }) => {
      if ('takeBack' in way) {
        const { id, version } = way.takeBack;
        return call('DELETE', '/api/chosen-ways/{id}', {
          path: { id },
          change: { mutationId: newId(), version },
        });
      }
      return call('PUT', '/api/chosen-ways/{id}', { path: { id: newId() }, body: way });
    },
  });
}

import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { judgedOf, madeOf } from './changes';
import { call, href, type Schemas } from './client';
import { newId } from '../lib/ids';

export type Pacing = Schemas['PacingView'];
export type Way = Schemas['ScaledView'];
export type ClassPacing = Schemas['ClassPacingView'];
export type KeptWorkout = Schemas['KeptWorkoutView'];
export type WorkoutRead = Schemas['ReadWorkoutView'];
export type Aim = 'keep-moving' | 'practise' | 'race';

/** What a workout costs an athlete, and what matters. */
export interface Costs {
  missCost: number;
  breakCost: number;
  aim: Aim;
}

/** How each way of scaling is meant; null: half, or as much as fits today. */
export interface Scale {
  first: number | null;
  cut: number | null;
  ratio: number;
  tries: number | null;
}

export const usualCosts: Costs = { missCost: 10, breakCost: 4, aim: 'keep-moving' };
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

export function usePacing(athleteId: string, { scale, ...asked }: Asked, enabled: boolean) {
  const { first, cut, ratio, tries } = scale;
  const query = {
    ...asked,
    ratio,
    ...(tries === null ? {} : { tries }),
    ...(first === null ? {} : { first }),
    ...(cut === null ? {} : { cut }),
  };
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'pacing', query],
    queryFn: () => call('GET', '/api/athletes/{id}/pacing', { path: { id: athleteId }, query }),
    ...madeOf('athlete', 'attempt'),
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

function classQuery({ within, ...asked }: ClassAsked) {
  return { ...asked, ...(within === null ? {} : { within }) };
}

export function useClassPacing(asked: ClassAsked, enabled: boolean) {
  const query = classQuery(asked);
  return useQuery({
    queryKey: ['class-pacing', query],
    queryFn: () => call('GET', '/api/class-pacing', { query }),
    ...judgedOf(),
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

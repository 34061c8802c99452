import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { classKey } from './classHour';
import { judgedOf } from './changes';
import { call, type Schemas } from './client';
import { newId } from '../lib/ids';

export type Plan = Schemas['PracticeView'];
export type Part = Schemas['PartView'];
export type PlanGroup = Schemas['PlanGroupView'];
export type PlanChange = Schemas['PracticeChangeInput'];

const practiceKey = ['practice'] as const;

/** The practice of tonight: kept, or as it is proposed. */
export function usePractice() {
  return useQuery({
    queryKey: practiceKey,
    queryFn: () => call('GET', '/api/practice'),
    ...judgedOf('plan', 'focus', 'night'),
  });
}

/** A practice for one athlete, outside the class: the same minutes and seed give the same one. */
export function useOnePractice(athleteId: string, wish: { minutes: number; seed: number | null }) {
  return useQuery({
    queryKey: [...practiceKey, athleteId, wish],
    queryFn: () =>
      call('GET', '/api/athletes/{id}/practice', {
        path: { id: athleteId },
        query: { minutes: wish.minutes, ...(wish.seed === null ? {} : { seed: wish.seed }) },
      }),
    ...judgedOf('focus'),
    placeholderData: keepPreviousData,
  });
}

/** What a coach changes: a plan that nobody has kept yet is kept first, for one changes what one has seen. */
export function useChangePlan(plan: Plan) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (change: PlanChange | null) => {
      const kept = plan.id === null ? await keep(plan) : plan;
      return change === null || kept.id === null
        ? kept
        : call('PATCH', '/api/practice/{id}', {
            path: { id: kept.id },
            body: change,
            change: { mutationId: newId(), version: kept.version },
          });
    },
    onSuccess: (now) => {
      client.setQueryData(practiceKey, now);
      void client.invalidateQueries({ queryKey: classKey });
    },
    // Another coach was quicker, or it can't be done: what stands is shown.
    onError: () => client.invalidateQueries({ queryKey: practiceKey }),
  });
}

function keep({ minutes, hardFloor, seed }: Plan): Promise<Plan> {
  return call('PUT', '/api/practice/{id}', { path: { id: newId() }, body: { minutes, hardFloor, seed } });
}

export function useDropPlan() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, version }: { id: string; version: number }) =>
      call('DELETE', '/api/practice/{id}', { path: { id }, change: { mutationId: newId(), version } }),
    onSuccess: (now) => {
      client.setQueryData(practiceKey, now);
      void client.invalidateQueries({ queryKey: classKey });
    },
  });
}

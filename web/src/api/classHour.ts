import { queryOptions, skipToken, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { judgedOf } from './changes';
import { call, type Schemas } from './client';

export type Tonight = Schemas['ClassView'];
export type ClassAthlete = Schemas['ClassAthleteView'];
export type Station = Schemas['StationView'];
export type Today = Schemas['TodayView'];
export type Drill = Schemas['DrillView'];

export const classKey = ['class'] as const;

export const tonightQuery = queryOptions({
  queryKey: classKey,
  queryFn: () => call('GET', '/api/class'),
  ...judgedOf('focus', 'go', 'plan'),
});

export function useTonight() {
  return useQuery(tonightQuery);
}

/** Left out: nobody's, and nothing is fetched. */
export function useToday(athleteId: string | undefined) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'today'],
    queryFn:
      athleteId === undefined
        ? skipToken
        : () => call('GET', '/api/athletes/{id}/today', { path: { id: athleteId } }),
    ...judgedOf('focus', 'go', 'plan'),
  });
}

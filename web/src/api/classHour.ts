import { useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { judgedOf } from './changes';
import { call, type Schemas } from './client';

export type Tonight = Schemas['ClassView'];
export type ClassAthlete = Schemas['ClassAthleteView'];
export type Station = Schemas['StationView'];
export type Today = Schemas['TodayView'];
export type Drill = Schemas['DrillView'];

export const classKey = ['class'] as const;

export function useTonight() {
  return useQuery({
    queryKey: classKey,
    queryFn: () => call('GET', '/api/class'),
    ...judgedOf('focus'),
  });
}

export function useToday(athleteId: string) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'today'],
    queryFn: () => call('GET', '/api/athletes/{id}/today', { path: { id: athleteId } }),
    ...judgedOf('focus'),
  });
}

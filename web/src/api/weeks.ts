import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { judgedOf } from './changes';
import { call, type Schemas } from './client';
import { newId } from '../lib/ids';

export type ClassWeeks = Schemas['ClassWeeksView'];
export type AthleteWeeks = Schemas['AthleteWeeksView'];
export type WeeksRow = Schemas['WeeksRowView'];
export type PlannedWeek = Schemas['PlannedWeekView'];
export type PlannedDay = Schemas['PlannedDayView'];

const weeksKey = ['weeks'] as const;

/** The next four weeks of everybody. */
export function useClassWeeks() {
  return useQuery({
    queryKey: weeksKey,
    queryFn: () => call('GET', '/api/weeks'),
    ...judgedOf('weeks'),
  });
}

/** The next four weeks of one, and when the gate may open at so many practices a week; null: as they come now. */
export function useAthleteWeeks(id: string, perWeek: number | null) {
  return useQuery({
    queryKey: [...weeksKey, id, perWeek],
    queryFn: () =>
      call('GET', '/api/athletes/{id}/weeks', {
        path: { id },
        query: perWeek === null ? {} : { perWeek },
      }),
    placeholderData: (before) => before,
    ...judgedOf('weeks'),
  });
}

export function useAcceptWeeks() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (athleteId: string) =>
      call('PUT', '/api/weeks/{id}', { path: { id: newId() }, body: { athleteId } }),
    onSettled: () => client.invalidateQueries({ queryKey: weeksKey }),
  });
}

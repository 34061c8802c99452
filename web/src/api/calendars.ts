import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { madeOf } from './changes';
import { call, type Schemas } from './client';
import { newId } from '../lib/ids';
import { newSecret } from '../lib/wayIn';

export type CalendarLink = Schemas['CalendarLinkView'];

const calendarKey = ['calendar-links'] as const;

/** The private addresses under which calendars fetch plans. */
export function useCalendarLinks() {
  return useQuery({
    queryKey: calendarKey,
    queryFn: () => call('GET', '/api/calendar-links'),
    ...madeOf('calendar', 'athlete'),
  });
}

/** Null: of the gym's classes. */
export function useMakeCalendarLink() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (athleteId: string | null) =>
      call('PUT', '/api/calendar-links/{id}', {
        path: { id: newId() },
        body: { secret: newSecret(), athleteId },
      }),
    onSuccess: (links) => client.setQueryData(calendarKey, links),
  });
}

export function useTakeBackCalendarLink() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, version }: Pick<CalendarLink, 'id' | 'version'>) =>
      call('DELETE', '/api/calendar-links/{id}', { path: { id }, change: { mutationId: newId(), version } }),
    onSuccess: (links) => client.setQueryData(calendarKey, links),
  });
}

/** Reads weekly classes out of a calendar file; keeps nothing. */
export function useReadClassTimes() {
  return useMutation({ mutationFn: (text: string) => call('POST', '/api/class-times', { body: { text } }) });
}

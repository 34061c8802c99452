import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { newId } from '../lib/ids';
import { sayEntry } from '../lib/entryWords';
import type { Entry } from '../lib/logLine';
import type { Waiting } from '../lib/outboxStore';
import { judgedOf, refetchChanged } from './changes';
import { athletesKey } from './athletes';
import { call, outgoing, type Schemas } from './client';
import type { Outbox } from './outbox';

export type Tonight = Schemas['ClassView'];
export type ClassAthlete = Schemas['ClassAthleteView'];
export type Station = Schemas['StationView'];
export type Today = Schemas['TodayView'];
export type Drill = Schemas['DrillView'];
export type Attempt = Schemas['AttemptView'];
export type AttemptInput = Schemas['AttemptInput'];

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

/** The write of a new entry, as it is kept on the device and sent. */
export function entryWrite(athleteId: string, name: string, drill: string, entry: Entry, now: Date): Waiting {
  const id = newId();
  const body: AttemptInput = {
    athleteId,
    drill,
    kind: entry.kind,
    reps: entry.reps,
    misses: entry.misses,
    end: entry.end,
    clean: entry.clean,
    at: now.toISOString(),
  };
  const put = outgoing('PUT', '/api/attempts/{id}', { path: { id }, body });
  return { ...put, rowId: id, said: `${name} ${sayEntry(entry)}` };
}

/** Changes an entry that is on the server; one that still waits is amended in the outbox. */
export function useChangeAttempt(outbox: Outbox | null) {
  const client = useQueryClient();
  const refresh = () => refetchChanged(client, ['attempt']);
  const judge = useMutation({
    mutationFn: async ({ attempt, clean }: { attempt: Attempt; clean: boolean }) =>
      (await outbox?.amend(attempt.id, { clean })) === true ||
      call('PATCH', '/api/attempts/{id}', {
        path: { id: attempt.id },
        body: { clean },
        change: { mutationId: newId(), version: attempt.version },
      }),
    onSuccess: refresh,
  });
  const remove = useMutation({
    mutationFn: async ({ id, version }: { id: string; version: number }) =>
      (await outbox?.takeBack(id)) === true ||
      call('DELETE', '/api/attempts/{id}', { path: { id }, change: { mutationId: newId(), version } }),
    onSuccess: refresh,
  });
  return { judge, remove };
}

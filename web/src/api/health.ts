import { useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
import { call, type Change, type Schemas } from './client';
import { useWriteOf } from './writes';

export type NotedCaution = Schemas['NotedCautionView'];
export type CautionInput = Schemas['CautionInput'];
export type Statement = Schemas['StatementInput'];
export type StopWord = Schemas['StopWord'];
export type DayStop = Schemas['StopView'];

/** What was noted of an athlete's health, the newest first; for coaches. */
export function useCautions(athleteId: string, mayRead: boolean) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'cautions'],
    queryFn: () => call('GET', '/api/athletes/{id}/cautions', { path: { id: athleteId } }),
    enabled: mayRead,
    ...madeOf('caution', 'athlete'),
  });
}

export function useNoteCaution() {
  return useWriteOf(['caution'], ({ id, input }: { id: string; input: CautionInput }) =>
    call('PUT', '/api/cautions/{id}', { path: { id }, body: input }),
  );
}

export function useClearCaution() {
  return useWriteOf(['caution'], ({ id, note, change }: { id: string; note: string; change: Change }) =>
    call('POST', '/api/cautions/{id}/clear', { path: { id }, body: { note }, change }),
  );
}

export function useStateClearance() {
  return useWriteOf(['caution'], (it: { id: string; statement: Statement; change: Change }) =>
    call('POST', '/api/cautions/{id}/statement', {
      path: { id: it.id },
      body: it.statement,
      change: it.change,
    }),
  );
}

export function useStopDay() {
  return useWriteOf(['stop'], ({ id, ...input }: { id: string; athleteId: string; why: StopWord }) =>
    call('PUT', '/api/stops/{id}', { path: { id }, body: input }),
  );
}

export function useTakeBackStop() {
  return useWriteOf(['stop'], ({ id, change }: { id: string; change: Change }) =>
    call('DELETE', '/api/stops/{id}', { path: { id }, change }),
  );
}

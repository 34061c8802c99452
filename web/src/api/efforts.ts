import { newId } from '../lib/ids';
import { call, type Schemas } from './client';
import { useWriteOf } from './writes';

export type Effort = Schemas['SessionEffortView'];

/** How hard a session felt, as a coach writes it down. */
export function useSayEffort(athleteId: string) {
  return useWriteOf(['effort'], (said: { on: string; effort: number; minutes: number }) =>
    call('PUT', '/api/session-efforts/{id}', { path: { id: newId() }, body: { athleteId, ...said } }),
  );
}

/** Takes it back, or brings it back. */
export function useTakeBackEffort() {
  return useWriteOf(['effort'], ({ id, version, removed }: Pick<Effort, 'id' | 'version' | 'removed'>) => {
    const about = { path: { id }, change: { mutationId: newId(), version } };
    return removed
      ? call('POST', '/api/session-efforts/{id}/restore', about)
      : call('DELETE', '/api/session-efforts/{id}', about);
  });
}

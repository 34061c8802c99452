import { newId } from '../lib/ids';
import { call, type Schemas } from './client';
import { useWriteOf } from './writes';

export type Absent = Schemas['AbsentView'];
export type Mark = Schemas['MarkInput']['mark'];
export type Guest = Schemas['GuestInput'];

/** Says of somebody that they are here tonight, left early, or did not come. */
export function useMark() {
  return useWriteOf(['athlete'], (it: { athleteId: string; mark: Mark }) =>
    call('PUT', '/api/attendance/{id}', { path: { id: newId() }, body: it }),
  );
}

export function useAddGuest() {
  return useWriteOf(['athlete'], ({ id, guest }: { id: string; guest: Guest }) =>
    call('PUT', '/api/guests/{id}', { path: { id }, body: guest }),
  );
}

/** A guest belongs here from now on, whatever was changed of them meanwhile: the class does not tell their version. */
export function useJoinGuest() {
  return useWriteOf(['athlete'], async (id: string) => {
    const { version } = await call('GET', '/api/athletes/{id}', { path: { id } });
    return call('POST', '/api/guests/{id}/join', { path: { id }, change: { mutationId: newId(), version } });
  });
}

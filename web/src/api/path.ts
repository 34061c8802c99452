import { useQuery } from '@tanstack/react-query';
import { judgedOf, madeOf } from './changes';
import { call, type Change, type Schemas } from './client';
import { useWriteOf } from './writes';

export type AthletePath = Schemas['AthletePathView'];
export type PathStage = Schemas['PathStageView'];
export type GateDecision = Schemas['GateDecisionView'];
export type GateInput = Schemas['GateInput'];
export type Way = Schemas['TaughtWayView'];
export type Ways = Schemas['WaysInput'];
export type LibraryDrill = Schemas['LibraryDrillView'];
export type OwnDrill = Required<Schemas['OwnDrillInput']>;

/** Where an athlete is, what each stage asks of them, and how they are taught. */
export function useAthletePath(id: string) {
  return useQuery({
    queryKey: ['path', id],
    queryFn: () => call('GET', '/api/athletes/{id}/path', { path: { id } }),
    ...judgedOf(),
  });
}

/** How the gym teaches. */
export function useGymWays() {
  return useQuery({
    queryKey: ['ways'],
    queryFn: () => call('GET', '/api/gym/ways'),
    ...madeOf('gym'),
  });
}

/** What the gym asks at each stage. */
export function useGymGates() {
  return useQuery({
    queryKey: ['gates'],
    queryFn: () => call('GET', '/api/gates'),
    ...madeOf('gym', 'gate'),
  });
}

/** The drills that are taught here, or to one athlete. */
export function useDrills(athleteId?: string) {
  return useQuery({
    queryKey: ['drills', athleteId ?? ''],
    queryFn: () => call('GET', '/api/drills', { query: athleteId === undefined ? {} : { athleteId } }),
    ...madeOf('gym', 'athlete', 'drill'),
  });
}

export function useChooseGymWays() {
  return useWriteOf(['gym'], ({ ways, change }: { ways: Ways; change: Change }) =>
    call('PATCH', '/api/gym/ways', { body: ways, change }),
  );
}

export function useChooseAthleteWays() {
  return useWriteOf(['athlete'], ({ id, ways, change }: { id: string; ways: Ways; change: Change }) =>
    call('PATCH', '/api/athletes/{id}/ways', { path: { id }, body: ways, change }),
  );
}

export function useDecideGate() {
  return useWriteOf(['gate'], ({ id, input }: { id: string; input: GateInput }) =>
    call('PUT', '/api/gates/{id}', { path: { id }, body: input }),
  );
}

export function useRemoveGate() {
  return useWriteOf(['gate'], ({ id, change }: { id: string; change: Change }) =>
    call('DELETE', '/api/gates/{id}', { path: { id }, change }),
  );
}

export function useRestoreGate() {
  return useWriteOf(['gate'], ({ id, change }: { id: string; change: Change }) =>
    call('POST', '/api/gates/{id}/restore', { path: { id }, change }),
  );
}

/** A gym's own drill, its own copy of one, or that it does without one. */
export function useKeepDrill() {
  return useWriteOf(
    ['drill'],
    ({ id, drill, change }: { id: string; drill: OwnDrill; change: Change | null }) =>
      change === null
        ? call('PUT', '/api/drills/{id}', { path: { id }, body: drill })
        : call('PATCH', '/api/drills/{id}', { path: { id }, body: drill, change }),
  );
}

export function useRemoveDrill() {
  return useWriteOf(['drill'], ({ id, change }: { id: string; change: Change }) =>
    call('DELETE', '/api/drills/{id}', { path: { id }, change }),
  );
}

export function useRestoreDrill() {
  return useWriteOf(['drill'], ({ id, change }: { id: string; change: Change }) =>
    call('POST', '/api/drills/{id}/restore', { path: { id }, change }),
  );
}

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { judgedOf, madeOf } from './changes';
import { call, type Change, type Schemas } from './client';
import { useWriteOf } from './writes';

export type Sizing = Schemas['SizingView'];
export type SchoolRope = Schemas['SchoolRopeView'];
export type School = Schemas['School'];
export type Stance = Schemas['Stance'];
export type Turning = Schemas['TurningView'];
export type Figure = Schemas['FigureView'];
export type Hands = Schemas['HandsView'];
export type HandLimits = Schemas['HandLimitsView'];
export type InspectionPoint = Schemas['InspectionPoint'];
export type Rope = Schemas['RopeView'];
export type RopeInput = Schemas['RopeInput'];

/** What the coach asked for; what is left out is the server's to choose. */
export interface SizingWish {
  school?: School;
  stance?: Stance;
  handle?: string;
  cable?: string;
}

export function useSizing(athleteId: string, wish: SizingWish) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'sizing', wish],
    queryFn: () => call('GET', '/api/athletes/{id}/sizing', { path: { id: athleteId }, query: wish }),
    ...judgedOf(),
    // The old arc stays until the new one is there.
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** A cable in hands that were moved. Not cached: while a hand is dragged no place comes twice. */
export function fetchArc(athleteId: string, cable: string, hands: Hands): Promise<Turning> {
  return call('GET', '/api/athletes/{id}/arc', {
    path: { id: athleteId },
    query: { cable, ...mapped(hands) },
  });
}

/** To a tenth of a millimetre: a pointer is not finer. */
function mapped(hands: Hands): Hands {
  const rounded = Object.entries(hands).map(([name, metres]) => [name, Number(metres.toFixed(4))]);
  return Object.fromEntries(rounded) as Hands;
}

export type Fit = Schemas['FitView'];

/** What is known of a rope that is there. */
export interface FitWish {
  reaches?: Schemas['ReachTermView']['code'];
  cable?: string;
  stance?: Stance;
  handle?: string;
}

export function useFit(athleteId: string, wish: FitWish) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'fit', wish],
    queryFn: () => call('GET', '/api/athletes/{id}/fit', { path: { id: athleteId }, query: wish }),
    ...madeOf('athlete', 'gym'),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export type RopeTerms = Schemas['RopeTermsView'];

/** The words that forms about ropes need; they change only with the app. */
export function useRopeTerms() {
  return useQuery({
    queryKey: ['rope-terms'],
    queryFn: () => call('GET', '/api/rope-terms'),
    staleTime: Infinity,
  });
}

export type SharedRopes = Schemas['SharedRopesView'];

export function useSharedRopes(wish: { one: string; other: string; jumper?: string; apart?: string }) {
  return useQuery({
    queryKey: [...athletesKey, 'shared-ropes', wish],
    queryFn: () => call('GET', '/api/shared-ropes', { query: wish }),
    ...madeOf('athlete', 'gym'),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useRope(id: string | undefined) {
  return useQuery({
    queryKey: [...athletesKey, 'rope', id],
    queryFn: () => call('GET', '/api/ropes/{id}', { path: { id: id ?? '' } }),
    ...madeOf('rope'),
    enabled: id !== undefined,
  });
}

export function useKeepRope() {
  return useWriteOf(['rope'], ({ id, input }: { id: string; input: RopeInput }) =>
    call('PUT', '/api/ropes/{id}', { path: { id }, body: input }),
  );
}

export function useTakeBackRope() {
  return useWriteOf(['rope'], ({ id, change }: { id: string; change: Change }) =>
    call('DELETE', '/api/ropes/{id}', { path: { id }, change }),
  );
}

export function useInspectRope() {
  return useWriteOf(['rope'], (it: { id: string; failed: InspectionPoint[]; change: Change }) =>
    call('POST', '/api/ropes/{id}/inspection', {
      path: { id: it.id },
      body: { failed: it.failed },
      change: it.change,
    }),
  );
}

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { call, type Change, type Schemas } from './client';
import { useWriteThen } from './writes';

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
  const query = new URLSearchParams({ ...wish }).toString();
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'sizing', query],
    queryFn: () => call<Sizing>('GET', `/api/athletes/${athleteId}/sizing${query === '' ? '' : `?${query}`}`),
    // The old arc stays until the new one is there.
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** A cable in hands that were moved. Not cached: while a hand is dragged no place comes twice. */
export function fetchArc(athleteId: string, cable: string, hands: Hands): Promise<Turning> {
  const query = new URLSearchParams({ cable, ...mapped(hands) });
  return call<Turning>('GET', `/api/athletes/${athleteId}/arc?${query.toString()}`);
}

/** To a tenth of a millimetre: a pointer is not finer. */
function mapped(hands: Hands): Record<string, string> {
  return Object.fromEntries(Object.entries(hands).map(([name, metres]) => [name, metres.toFixed(4)]));
}

export type Fit = Schemas['FitView'];

/** What is known of a rope that is there. */
export interface FitWish {
  reaches?: string;
  cable?: string;
  stance?: Stance;
  handle?: string;
}

export function useFit(athleteId: string, wish: FitWish) {
  const query = new URLSearchParams({ ...wish }).toString();
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'fit', query],
    queryFn: () => call<Fit>('GET', `/api/athletes/${athleteId}/fit${query === '' ? '' : `?${query}`}`),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export type RopeTerms = Schemas['RopeTermsView'];

/** The words that forms about ropes need; they change only with the app. */
export function useRopeTerms() {
  return useQuery({
    queryKey: ['rope-terms'],
    queryFn: () => call<RopeTerms>('GET', '/api/rope-terms'),
    staleTime: Infinity,
  });
}

export type SharedRopes = Schemas['SharedRopesView'];

export function useSharedRopes(wish: { one: string; other: string; jumper?: string; apart?: string }) {
  const query = new URLSearchParams({ ...wish }).toString();
  return useQuery({
    queryKey: [...athletesKey, 'shared-ropes', query],
    queryFn: () => call<SharedRopes>('GET', `/api/shared-ropes?${query}`),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useRope(id: string | undefined) {
  return useQuery({
    queryKey: [...athletesKey, 'rope', id],
    queryFn: () => call<Rope>('GET', `/api/ropes/${id ?? ''}`),
    enabled: id !== undefined,
  });
}

export function useKeepRope() {
  return useWriteThen([athletesKey], ({ id, input }: { id: string; input: RopeInput }) =>
    call<Rope>('PUT', `/api/ropes/${id}`, input),
  );
}

export function useTakeBackRope() {
  return useWriteThen([athletesKey], ({ id, change }: { id: string; change: Change }) =>
    call<Rope>('DELETE', `/api/ropes/${id}`, undefined, change),
  );
}

export function useInspectRope() {
  return useWriteThen([athletesKey], (it: { id: string; failed: InspectionPoint[]; change: Change }) =>
    call<Rope>('POST', `/api/ropes/${it.id}/inspection`, { failed: it.failed }, it.change),
  );
}

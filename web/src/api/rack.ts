import { useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { call, type Change, type Schemas } from './client';
import { useWriteThen } from './writes';

export type RackRope = Schemas['RackRopeView'];
export type RackRopeInput = Schemas['RackRopeInput'];
export type HeightBand = Schemas['HeightBandView'];
export type TonightsRopes = Schemas['TonightView'];
export type GivenRope = Schemas['GivenRopeView'];
export type Pin = Schemas['PinView'];
export type Pair = Schemas['PinInput'];
export type InspectionPoint = Schemas['InspectionPoint'];

// Under the athletes: what another screen changes is fetched anew here too.
const rackKey = [...athletesKey, 'rack'] as const;
const ropesKey = [...rackKey, 'ropes'] as const;
const changed = [rackKey];

export function useRack() {
  return useQuery({ queryKey: ropesKey, queryFn: () => call('GET', '/api/rack') });
}

export function useHeightStrip() {
  return useQuery({
    queryKey: [...rackKey, 'strip'],
    queryFn: () => call('GET', '/api/rack/strip'),
  });
}

export function useTonightsRopes() {
  return useQuery({
    queryKey: [...rackKey, 'tonight'],
    queryFn: () => call('GET', '/api/rack/tonight'),
  });
}

export function useHangRope() {
  return useWriteThen(changed, ({ id, input }: { id: string; input: RackRopeInput }) =>
    call('PUT', '/api/rack/{id}', { path: { id }, body: input }),
  );
}

export function useChangeRackRope() {
  return useWriteThen(changed, (it: { id: string; input: RackRopeInput; change: Change }) =>
    call('PATCH', '/api/rack/{id}', { path: { id: it.id }, body: it.input, change: it.change }),
  );
}

export function useInspectRackRope() {
  return useWriteThen(changed, (it: { id: string; failed: InspectionPoint[]; change: Change }) =>
    call('POST', '/api/rack/{id}/inspection', {
      path: { id: it.id },
      body: { failed: it.failed },
      change: it.change,
    }),
  );
}

export function useTakeOffRack() {
  return useWriteThen(changed, (it: { id: string; change: Change }) =>
    call('DELETE', '/api/rack/{id}', { path: { id: it.id }, change: it.change }),
  );
}

export function useHangBack() {
  return useWriteThen(changed, (it: { id: string; change: Change }) =>
    call('POST', '/api/rack/{id}/restore', { path: { id: it.id }, change: it.change }),
  );
}

export function usePin() {
  return useWriteThen(changed, ({ id, pair }: { id: string; pair: Pair }) =>
    call('PUT', '/api/pins/{id}', { path: { id }, body: pair }),
  );
}

/** Another rope for the same athlete, in one request. */
export function useMovePin() {
  return useWriteThen(changed, (it: { id: string; rackRopeId: string; change: Change }) =>
    call('PATCH', '/api/pins/{id}', {
      path: { id: it.id },
      body: { rackRopeId: it.rackRopeId },
      change: it.change,
    }),
  );
}

export function useUnpin() {
  return useWriteThen(changed, (it: { id: string; change: Change }) =>
    call('DELETE', '/api/pins/{id}', { path: { id: it.id }, change: it.change }),
  );
}

export function useHandOut() {
  return useWriteThen(changed, ({ id, pairs }: { id: string; pairs: Pair[] }) =>
    call('PUT', '/api/nights/{id}', { path: { id }, body: { pairs } }),
  );
}

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { madeOf } from './changes';
import { call, type Change, type Schemas } from './client';
import { useWriteOf } from './writes';

export type RackRope = Schemas['RackRopeView'];
export type RackRopeInput = Schemas['RackRopeInput'];
export type HeightBand = Schemas['HeightBandView'];
export type HeightStrip = Schemas['StripView'];
export type TonightsRopes = Schemas['TonightView'];
export type GivenRope = Schemas['GivenRopeView'];
export type Pin = Schemas['PinView'];
export type Pair = Schemas['PinInput'];
export type InspectionPoint = Schemas['InspectionPoint'];

const rackKey = ['rack'] as const;
const ropesKey = [...rackKey, 'ropes'] as const;

export function useRack() {
  return useQuery({ queryKey: ropesKey, queryFn: () => call('GET', '/api/rack'), ...madeOf('rack', 'gym') });
}

export function useHeightStrip() {
  return useQuery({
    queryKey: [...rackKey, 'strip'],
    queryFn: () => call('GET', '/api/rack/strip'),
    ...madeOf('rack', 'gym'),
  });
}

/** Whom the rack is to serve, and by which school; what is left out: whoever has no sound rope, each by their own. */
export interface TonightWish {
  who?: 'without' | 'everybody';
  school?: Schemas['School'];
}

export function useTonightsRopes(wish: TonightWish = {}) {
  return useQuery({
    queryKey: [...rackKey, 'tonight', wish],
    queryFn: () => call('GET', '/api/rack/tonight', { query: wish }),
    placeholderData: keepPreviousData,
    ...madeOf('athlete', 'rope', 'rack', 'rope_pin', 'night', 'gym'),
  });
}

export function useHangRope() {
  return useWriteOf(['rack'], ({ id, input }: { id: string; input: RackRopeInput }) =>
    call('PUT', '/api/rack/{id}', { path: { id }, body: input }),
  );
}

export function useChangeRackRope() {
  return useWriteOf(['rack'], (it: { id: string; input: RackRopeInput; change: Change }) =>
    call('PATCH', '/api/rack/{id}', { path: { id: it.id }, body: it.input, change: it.change }),
  );
}

export function useInspectRackRope() {
  return useWriteOf(['rack'], (it: { id: string; failed: InspectionPoint[]; change: Change }) =>
    call('POST', '/api/rack/{id}/inspection', {
      path: { id: it.id },
      body: { failed: it.failed },
      change: it.change,
    }),
  );
}

export function useTakeOffRack() {
  return useWriteOf(['rack'], (it: { id: string; change: Change }) =>
    call('DELETE', '/api/rack/{id}', { path: { id: it.id }, change: it.change }),
  );
}

export function useHangBack() {
  return useWriteOf(['rack'], (it: { id: string; change: Change }) =>
    call('POST', '/api/rack/{id}/restore', { path: { id: it.id }, change: it.change }),
  );
}

export function usePin() {
  return useWriteOf(['rope_pin'], ({ id, pair }: { id: string; pair: Pair }) =>
    call('PUT', '/api/pins/{id}', { path: { id }, body: pair }),
  );
}

/** Another rope for the same athlete, in one request. */
export function useMovePin() {
  return useWriteOf(['rope_pin'], (it: { id: string; rackRopeId: string; change: Change }) =>
    call('PATCH', '/api/pins/{id}', {
      path: { id: it.id },
      body: { rackRopeId: it.rackRopeId },
      change: it.change,
    }),
  );
}

export function useUnpin() {
  return useWriteOf(['rope_pin'], (it: { id: string; change: Change }) =>
    call('DELETE', '/api/pins/{id}', { path: { id: it.id }, change: it.change }),
  );
}

export function useHandOut() {
  return useWriteOf(['night'], ({ id, pairs }: { id: string; pairs: Pair[] }) =>
    call('PUT', '/api/nights/{id}', { path: { id }, body: { pairs } }),
  );
}

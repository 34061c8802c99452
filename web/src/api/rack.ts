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
  return useQuery({ queryKey: ropesKey, queryFn: () => call<RackRope[]>('GET', '/api/rack') });
}

export function useHeightStrip() {
  return useQuery({
    queryKey: [...rackKey, 'strip'],
    queryFn: () => call<HeightBand[]>('GET', '/api/rack/strip'),
  });
}

export function useTonightsRopes() {
  return useQuery({
    queryKey: [...rackKey, 'tonight'],
    queryFn: () => call<TonightsRopes>('GET', '/api/rack/tonight'),
  });
}

export function useHangRope() {
  return useWriteThen(changed, ({ id, input }: { id: string; input: RackRopeInput }) =>
    call<RackRope>('PUT', `/api/rack/${id}`, input),
  );
}

export function useChangeRackRope() {
  return useWriteThen(changed, (it: { id: string; input: RackRopeInput; change: Change }) =>
    call<RackRope>('PATCH', `/api/rack/${it.id}`, it.input, it.change),
  );
}

export function useInspectRackRope() {
  return useWriteThen(changed, (it: { id: string; failed: InspectionPoint[]; change: Change }) =>
    call<RackRope>('POST', `/api/rack/${it.id}/inspection`, { failed: it.failed }, it.change),
  );
}

export function useTakeOffRack() {
  return useWriteThen(changed, (it: { id: string; change: Change }) =>
    call<RackRope>('DELETE', `/api/rack/${it.id}`, undefined, it.change),
  );
}

export function useHangBack() {
  return useWriteThen(changed, (it: { id: string; change: Change }) =>
    call<RackRope>('POST', `/api/rack/${it.id}/restore`, undefined, it.change),
  );
}

export function usePin() {
  return useWriteThen(changed, ({ id, pair }: { id: string; pair: Pair }) =>
    call<Pin>('PUT', `/api/pins/${id}`, pair),
  );
}

export function useUnpin() {
  return useWriteThen(changed, (it: { id: string; change: Change }) =>
    call<Pin>('DELETE', `/api/pins/${it.id}`, undefined, it.change),
  );
}

export function useHandOut() {
  return useWriteThen(changed, ({ id, pairs }: { id: string; pairs: Pair[] }) =>
    call<TonightsRopes>('PUT', `/api/nights/${id}`, { pairs }),
  );
}

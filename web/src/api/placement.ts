import { call, type Schemas } from './client';
import { useWriteOf } from './writes';

export type Seen = Schemas['PlacementInput'];
export type Placed = Schemas['PlacementView'];

/** Puts a newcomer where two minutes showed them to be. */
export function usePlace() {
  return useWriteOf(['athlete'], ({ id, seen }: { id: string; seen: Seen }) =>
    call('PUT', '/api/placements/{id}', { path: { id }, body: seen }),
  );
}

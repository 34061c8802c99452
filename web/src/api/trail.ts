import { useInfiniteQuery } from '@tanstack/react-query';
import { call, type Schemas } from './client';

export type TrailLine = Schemas['TrailLineView'];
export type Change = Schemas['ChangeView'];

/** Who changed what, page by page, the newest first; for owners. */
export function useTrail(athlete: string | null, enabled: boolean) {
  return useInfiniteQuery({
    queryKey: ['trail', athlete],
    queryFn: ({ pageParam }) =>
      call('GET', '/api/trail', {
        query: {
          ...(pageParam === null ? {} : { before: pageParam }),
          ...(athlete === null ? {} : { athlete }),
        },
      }),
    initialPageParam: null as string | null,
    getNextPageParam: (last) => last.next,
    enabled,
    // Whoever looks wants to see what was done just now.
    staleTime: 0,
  });
}

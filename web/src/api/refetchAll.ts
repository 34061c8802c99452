import type { QueryClient, QueryKey } from '@tanstack/react-query';

/**
 * Fetches again what has changed. A first answer that is still under way may be older than the change, and
 * `invalidateQueries` alone would take it for the new one: it is waited for, and asked again.
 */
export async function refetchAll(client: QueryClient, keys: readonly QueryKey[]): Promise<void> {
  await Promise.all(
    keys.map(async (queryKey) => {
      const first = client
        .getQueryCache()
        .findAll({ queryKey, fetchStatus: 'fetching', predicate: ({ state }) => state.data === undefined });
      await Promise.allSettled(first.map((query) => query.promise));
      await client.invalidateQueries({ queryKey });
    }),
  );
}

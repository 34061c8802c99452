import { QueryCache, QueryClient } from '@tanstack/react-query';
import { ProblemError } from './client';
import { meKey } from './session';

/** An ended session shows at the first refused request: ask again who is signed in. */
export function makeQueryClient(): QueryClient {
  const client: QueryClient = new QueryClient({
    queryCache: new QueryCache({
      onError: (error) => {
        if (error instanceof ProblemError && error.problem.status === 401) {
          void client.invalidateQueries({ queryKey: meKey });
        }
      },
    }),
    defaultOptions: {
      mutations: { networkMode: 'always' },
      // The service worker answers while the network is away, so asking is always worth it.
      queries: {
        networkMode: 'always',
        staleTime: 10_000,
        retry: (count, error) => !(error instanceof ProblemError) && count < 2,
      },
    },
  });
  return client;
}

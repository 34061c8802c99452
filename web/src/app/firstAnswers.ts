import type { QueryClient } from '@tanstack/react-query';
import { tonightQuery } from '../api/classHour';
import { meQuery } from '../api/session';

/** Asks for what the first page needs while its code still comes; Class is where most evenings begin. */
export function firstAnswers(client: QueryClient, path: string): void {
  const isClass = path === '/' || path === '/class';
  if (isClass) {
    void import('../features/class-hour');
  }
  void client.fetchQuery(meQuery).then(
    ({ coach }) => (isClass && coach !== null ? client.prefetchQuery(tonightQuery) : undefined),
    () => undefined,
  );
}

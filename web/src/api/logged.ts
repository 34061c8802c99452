import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { madeOf } from './changes';
import { call, href, type Schemas } from './client';
import type { paths } from './schema';

export type History = Schemas['EntryHistoryView'];
export type FoundEntry = Schemas['FoundEntryView'];

/** Which entries are looked for; an empty word asks for nothing. */
export interface EntrySearch {
  athlete: string;
  stage: string;
  drill: string;
  by: string;
  /** "yes": only what athletes counted themselves; "no": only what they did not. */
  own: string;
  /** Code of a fault that was worked on then. */
  fault: string;
  /** Id of a rope of the athlete. */
  rope: string;
  from: string;
  to: string;
}

type Asked = NonNullable<paths['/api/entries']['get']['parameters']['query']>;

const asked = (search: EntrySearch) =>
  Object.fromEntries(Object.entries(search).filter(([, word]) => word !== '')) as Asked;

/** The log, page by page, the newest first. */
export function useLogged(search: EntrySearch) {
  return useInfiniteQuery({
    queryKey: ['entries', search],
    queryFn: ({ pageParam }) =>
      call('GET', '/api/entries', {
        query: { ...asked(search), ...(pageParam === null ? {} : { after: pageParam }) },
      }),
    initialPageParam: null as string | null,
    getNextPageParam: (last) => last.next,
    ...madeOf('attempt', 'athlete'),
  });
}

/** Where a browser fetches exactly these as a table. */
export const loggedFile = (search: EntrySearch) => href('/api/entries/csv', { query: asked(search) });

/** What became of an entry, that it was written first. */
export function useHistory(id: string) {
  return useQuery({
    queryKey: ['entries', 'history', id],
    queryFn: () => call('GET', '/api/attempts/{id}/history', { path: { id } }),
    ...madeOf('attempt'),
  });
}

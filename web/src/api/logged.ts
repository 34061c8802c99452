import { useInfiniteQuery } from '@tanstack/react-query';
import { madeOf } from './changes';
import { call, href, type Schemas } from './client';

export type FoundEntry = Schemas['FoundEntryView'];

/** Which entries are looked for; an empty word asks for nothing. */
export interface EntrySearch {
  athlete: string;
  from: string;
  to: string;
}

const asked = (search: EntrySearch) =>
  Object.fromEntries(Object.entries(search).filter(([, word]) => word !== '')) as Partial<EntrySearch>;

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

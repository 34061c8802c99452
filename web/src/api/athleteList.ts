import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { call, sendFile, type Schemas } from './client';
import type { Brought } from '../lib/brought';
import { madeOf } from './changes';
import { useWriteOf } from './writes';

export type AthleteList = Schemas['AthleteListView'];
export type FirstRope = Schemas['FirstRopeView'];

const asked = (columns: string | null) => (columns === null ? {} : { query: { columns } });

/** How a list is understood; nothing is written. */
export function useAthleteList(brought: Brought | null, columns: string | null) {
  return useQuery({
    queryKey: ['athlete-list', brought?.key, columns],
    queryFn: () =>
      brought === null
        ? Promise.reject(new Error('no list'))
        : sendFile('POST', '/api/athlete-lists', asked(columns), brought.content, brought.type),
    enabled: brought !== null,
    placeholderData: keepPreviousData,
    retry: false,
    ...madeOf('athlete'),
  });
}

export function useAddList() {
  return useWriteOf(
    ['athlete'],
    ({ id, brought, columns }: { id: string; brought: Brought; columns: string | null }) =>
      sendFile(
        'PUT',
        '/api/athlete-lists/{id}',
        { path: { id }, ...asked(columns) },
        brought.content,
        brought.type,
      ),
  );
}

/** The rope of everybody who has none, with these handles where none are known; '': none are taken for granted. */
export function useFirstRopes(handle: string) {
  return useQuery({
    queryKey: ['first-ropes', handle],
    queryFn: () => call('GET', '/api/first-ropes', { query: handle === '' ? {} : { handle } }),
    placeholderData: keepPreviousData,
    retry: false,
    ...madeOf('athlete', 'rope', 'gym'),
  });
}

export function useKeepFirstRopes() {
  return useWriteOf(['rope'], (it: { id: string; handle: string; athletes: string[] }) =>
    call('PUT', '/api/first-ropes/{id}', {
      path: { id: it.id },
      body: { handle: it.handle, athletes: it.athletes },
    }),
  );
}

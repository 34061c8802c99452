import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Brought } from '../lib/brought';
import { call, sendFile, type Change, type Schemas } from './client';
import { madeOf } from './changes';
import { useWriteOf } from './writes';

export type EntryList = Schemas['EntryListView'];
export type DayOrder = 'day-first' | 'month-first';

/** How a log is to be read, and of what it is; null: as it shows, not said. */
export interface Reading {
  columns: string | null;
  order: DayOrder | null;
  drill: string | null;
}

function asked({ columns, order, drill }: Reading) {
  return {
    query: {
      ...(columns === null ? {} : { columns }),
      ...(order === null ? {} : { order }),
      ...(drill === null ? {} : { drill }),
    },
  };
}

/** How a log is understood; nothing is written. */
export function useEntryList(brought: Brought | null, reading: Reading) {
  return useQuery({
    queryKey: ['entry-list', brought?.key, reading],
    queryFn: () =>
      brought === null
        ? Promise.reject(new Error('no list'))
        : sendFile('POST', '/api/entry-lists', asked(reading), brought.content, brought.type),
    enabled: brought !== null,
    placeholderData: keepPreviousData,
    retry: false,
    ...madeOf('athlete', 'attempt'),
  });
}

export function useAddEntries() {
  return useWriteOf(
    ['attempt'],
    ({ id, brought, reading }: { id: string; brought: Brought; reading: Reading }) =>
      sendFile(
        'PUT',
        '/api/entry-lists/{id}',
        { path: { id }, ...asked(reading) },
        brought.content,
        brought.type,
      ),
  );
}

/** Takes all entries of a list back. */
export function useTakeBackEntries() {
  return useWriteOf(['attempt'], (it: { id: string; change: Change }) =>
    call('DELETE', '/api/entry-lists/{id}', { path: { id: it.id }, change: it.change }),
  );
}

import { useInfiniteQuery } from '@tanstack/react-query';
import { call, type Change, type Schemas } from './client';
import { madeOf } from './changes';
import { useWriteOf } from './writes';

export type Note = Schemas['NoteView'];

/** What coaches noted of their evenings, some evenings at a time. */
export function useNotes(enabled: boolean) {
  return useInfiniteQuery({
    queryKey: ['notes'],
    queryFn: ({ pageParam }) =>
      call('GET', '/api/notes', { query: pageParam === null ? {} : { before: pageParam } }),
    initialPageParam: null as string | null,
    getNextPageParam: (last) => last.next,
    enabled,
    ...madeOf('note'),
  });
}

export function useWriteNote() {
  return useWriteOf(['note'], ({ id, text }: { id: string; text: string }) =>
    call('PUT', '/api/notes/{id}', { path: { id }, body: { text } }),
  );
}

export function useRewriteNote() {
  return useWriteOf(['note'], ({ id, text, change }: { id: string; text: string; change: Change }) =>
    call('PATCH', '/api/notes/{id}', { path: { id }, body: { text }, change }),
  );
}

export function useRemoveNote() {
  return useWriteOf(['note'], ({ id, change }: { id: string; change: Change }) =>
    call('DELETE', '/api/notes/{id}', { path: { id }, change }),
  );
}

export function useRestoreNote() {
  return useWriteOf(['note'], ({ id, change }: { id: string; change: Change }) =>
    call('POST', '/api/notes/{id}/restore', { path: { id }, change }),
  );
}

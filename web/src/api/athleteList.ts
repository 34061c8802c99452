import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { call, sendFile, type Schemas } from './client';
import { madeOf } from './changes';
import { useWriteOf } from './writes';

export type AthleteList = Schemas['AthleteListView'];
export type ListColumn = Schemas['ListColumnView'];
export type ColumnMeaning = Schemas['AthleteColumn'];
export type FirstRope = Schemas['FirstRopeView'];

/** A list as a coach brings it: text that was pasted, or a file. */
export interface Brought {
  /** The same for the same content. */
  key: string;
  content: Blob;
  type: ListType;
}

const TYPES = {
  txt: 'text/plain',
  csv: 'text/csv',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  ods: 'application/vnd.oasis.opendocument.spreadsheet',
} as const;
type ListType = (typeof TYPES)[keyof typeof TYPES];

/** What the file chooser offers. */
export const LIST_ENDINGS = Object.keys(TYPES)
  .map((ending) => `.${ending}`)
  .join(',');

export function broughtText(text: string): Brought {
  return { key: text, content: new Blob([text]), type: TYPES.txt };
}

/** By its ending; what has another is taken for text, and the server says if it is not. */
export function broughtFile(file: File): Brought {
  const ending = file.name.toLowerCase().replace(/^.*\./, '');
  const type = ending in TYPES ? TYPES[ending as keyof typeof TYPES] : TYPES.txt;
  return { key: `${file.name} ${file.size} ${file.lastModified}`, content: file, type };
}

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

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { newId } from '../lib/ids';
import { refetchChanged } from './changes';
import { call, href, sendFile, type Schemas } from './client';
import { useSending } from './useSending';

export type Import = Schemas['ImportView'];

const importKey = (id: string) => ['import', id] as const;

/** While the worker is at it, the page asks this often. */
const ASK_MS = 600;

const moving: readonly Import['state'][] = ['waiting', 'reading', 'agreed', 'writing'];

export function isMoving(one: Import): boolean {
  return moving.includes(one.state);
}

const of = (athlete?: string): { query?: { athlete: string } } =>
  athlete === undefined ? {} : { query: { athlete } };
const markOf = (marked: boolean) => (marked ? { mark: 'with' as const } : {});

/** Where everything that is kept is fetched from: of everybody, or of one athlete. */
export function wholeExport(athleteId?: string): string {
  return href('/api/export.json', of(athleteId));
}

/** All of one athlete as people read it. */
export const pageExport = (athleteId: string) => href('/api/export/{id}.html', { path: { id: athleteId } });

/** The same, packed with a CSV file of each table. */
export function zipExport(athleteId: string | undefined, marked: boolean): string {
  return href('/api/export.zip', { query: { ...of(athleteId).query, ...markOf(marked) } });
}

/** The same of one table, as CSV. */
export function tableExport(table: string, athleteId: string | undefined, marked: boolean): string {
  return href('/api/export/{table}.csv', {
    path: { table },
    query: { ...of(athleteId).query, ...markOf(marked) },
  });
}

const TYPES = { csv: 'text/csv', zip: 'application/zip', json: 'application/json' } as const;

/** By its name; what has another is taken for JSON, and the server says if it is not. */
function typeOf(file: File) {
  const ending = file.name.toLowerCase().replace(/^.*\./, '');
  return ending in TYPES ? TYPES[ending as keyof typeof TYPES] : TYPES.json;
}

export function useSendImport() {
  return useSending(({ id, file }: { id: string; file: File }, onSent) =>
    sendFile('PUT', '/api/imports/{id}', { path: { id } }, file, typeOf(file), onSent),
  );
}

export function useImport(id: string | null) {
  const client = useQueryClient();
  return useQuery({
    queryKey: importKey(id ?? ''),
    queryFn: async () => {
      const one = await call('GET', '/api/imports/{id}', { path: { id: id ?? '' } });
      if (one.state === 'done') {
        void refetchChanged(client, 'everything');
      }
      return one;
    },
    enabled: id !== null,
    refetchInterval: (query) =>
      query.state.data !== undefined && isMoving(query.state.data) ? ASK_MS : false,
    retry: false,
  });
}

export function useDecideImport() {
  const client = useQueryClient();
  const refresh = (one: Import) => client.invalidateQueries({ queryKey: importKey(one.id) });
  const about = (one: Import) => ({
    path: { id: one.id },
    change: { mutationId: newId(), version: one.version },
  });
  const agree = useMutation({
    mutationFn: (one: Import) => call('POST', '/api/imports/{id}/agree', about(one)),
    onSuccess: refresh,
  });
  const callOff = useMutation({
    mutationFn: (one: Import) => call('DELETE', '/api/imports/{id}', about(one)),
    onSuccess: refresh,
  });
  return { agree, callOff };
}

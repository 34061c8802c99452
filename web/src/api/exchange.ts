import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { newId } from '../lib/ids';
import { refetchAll } from './refetchAll';
import { athletesKey } from './athletes';
import { classKey } from './classHour';
import { call, sendFile, type Schemas } from './client';
import { useSending } from './useSending';

export type Import = Schemas['ImportView'];

const importKey = (id: string) => ['import', id] as const;
const path = (id: string) => `/api/imports/${id}`;

/** While the worker is at it, the page asks this often. */
const ASK_MS = 600;

const moving: readonly Import['state'][] = ['waiting', 'reading', 'agreed', 'writing'];

export function isMoving(one: Import): boolean {
  return moving.includes(one.state);
}

/** Where a file is fetched from: of everybody, or of one athlete. */
export function exportPath(file: string, athleteId?: string): string {
  return `/api/${file}${athleteId === undefined ? '' : `?athlete=${athleteId}`}`;
}

/** CSV by its name; everything else is taken for JSON, and the server says if it is not. */
export function useSendImport() {
  return useSending(({ id, file }: { id: string; file: File }, onSent) =>
    sendFile<Import>(path(id), file, /\.csv$/i.test(file.name) ? 'text/csv' : 'application/json', { onSent }),
  );
}

export function useImport(id: string | null) {
  const client = useQueryClient();
  return useQuery({
    queryKey: importKey(id ?? ''),
    queryFn: async () => {
      const one = await call<Import>('GET', path(id ?? ''));
      if (one.state === 'done') {
        void refetchAll(client, [classKey, athletesKey]);
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
  const condition = (one: Import) => ({ mutationId: newId(), version: one.version });
  const agree = useMutation({
    mutationFn: (one: Import) => call<Import>('POST', `${path(one.id)}/agree`, undefined, condition(one)),
    onSuccess: refresh,
  });
  const callOff = useMutation({
    mutationFn: (one: Import) => call<Import>('DELETE', path(one.id), undefined, condition(one)),
    onSuccess: refresh,
  });
  return { agree, callOff };
}

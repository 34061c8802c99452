import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { judgedOf } from './changes';
import { call, type Schemas } from './client';
import { newId } from '../lib/ids';

export type After = Schemas['AfterView'];

const afterKey = ['class-after'] as const;

export function useAfter() {
  return useQuery({
    queryKey: afterKey,
    queryFn: () => call('GET', '/api/class-after'),
    ...judgedOf('focus', 'clock', 'night'),
  });
}

export function useConfirmAfter() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call('PUT', '/api/class-after/{id}', { path: { id: newId() } }),
    onSuccess: (after) => {
      client.setQueryData(afterKey, after);
      void client.invalidateQueries({ queryKey: ['class-clock'] });
    },
  });
}

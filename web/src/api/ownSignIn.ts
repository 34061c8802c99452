import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call, type Schemas } from './client';

export type OwnSession = Schemas['SessionView'];
export type PasswordChange = Schemas['PasswordChangeInput'];

const sessionsKey = ['sessions'] as const;

/** Where one is signed in. */
export function useSessions() {
  return useQuery({ queryKey: sessionsKey, queryFn: () => call('GET', '/api/me/sessions') });
}

export function useEndSession() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => call('DELETE', '/api/sessions/{id}', { path: { id } }),
    onSettled: () => client.invalidateQueries({ queryKey: sessionsKey }),
  });
}

/** Ends the other sessions; this one goes on. */
export function useChangePassword() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (input: PasswordChange) => call('POST', '/api/me/password', { body: input }),
    onSuccess: () => client.invalidateQueries({ queryKey: sessionsKey }),
  });
}

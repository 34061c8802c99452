import { useMutation, useQuery, useQueryClient, type UseMutationResult } from '@tanstack/react-query';
import { madeOf } from './changes';
import { call, type Schemas } from './client';
import type { LengthUnit } from '../lib/units';

export type Me = Schemas['MeView'];
export type Credentials = Schemas['SignInInput'];

export const meKey = ['me'] as const;

export function useMe() {
  return useQuery({
    queryKey: meKey,
    queryFn: () => call('GET', '/api/me'),
    staleTime: 60_000,
    ...madeOf('gym'),
  });
}

/** The unit of the coach's gym; centimetres until it is known. */
export function useUnit(): LengthUnit {
  return useMe().data?.gym?.unit ?? 'cm';
}

export function useMayChange(): boolean {
  const role = useMe().data?.coach?.role;
  return role === 'coach' || role === 'owner';
}

export function useSignIn(): UseMutationResult<unknown, Error, Credentials> {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (credentials: Credentials) => call('POST', '/api/sign-in', { body: credentials }),
    onSuccess: () => client.invalidateQueries({ queryKey: meKey }),
  });
}

export function useSignOut(): UseMutationResult<unknown, Error, void> {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call('POST', '/api/sign-out'),
    // Nothing of one coach may be seen by the next who signs in on this device.
    onSuccess: () => {
      client.clear();
      void globalThis.caches?.delete('zumbo-api');
      return client.invalidateQueries({ queryKey: meKey });
    },
  });
}

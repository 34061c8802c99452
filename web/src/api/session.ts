import {
  queryOptions,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryClient,
  type UseMutationResult,
} from '@tanstack/react-query';
import { madeOf } from './changes';
import { forgetAnswers } from '../lib/keptAnswer';
import { call, ProblemError, Unreachable, type Schemas } from './client';
import type { LengthUnit } from '../lib/units';

export type Me = Schemas['MeView'];
export type Credentials = Schemas['SignInInput'];

export const meKey = ['me'] as const;

export const meQuery = queryOptions({
  queryKey: meKey,
  queryFn: whoIsThere,
  staleTime: 60_000,
  ...madeOf('gym'),
});

export function useMe() {
  return useQuery(meQuery);
}

/** The unit of the coach's gym; centimetres until it is known. */
export function useUnit(): LengthUnit {
  return useMe().data?.gym?.unit ?? 'cm';
}

/** A pattern to begin with, of the method the gym teaches by. */
export function useUsualPattern(): string {
  return useMe().data?.gym?.usualPattern ?? 's';
}

export function useMayChange(): boolean {
  const role = useMe().data?.coach?.role;
  return role === 'coach' || role === 'owner';
}

export function useSignIn(): UseMutationResult<unknown, Error, Credentials> {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (credentials: Credentials) => call('POST', '/api/sign-in', { body: credentials }),
    onSuccess: async () => {
      localStorage.removeItem(SIGN_OUT_DUE);
      await forgetAnswers();
      forgetFetched(client);
      await client.invalidateQueries({ queryKey: meKey });
    },
  });
}

export function useSignOut(): UseMutationResult<unknown, Error, void> {
  const client = useQueryClient();
  return useMutation({
    mutationFn: signOut,
    // Nothing of one coach may be seen by the next who signs in on this device.
    onSuccess: async () => {
      await forgetAnswers();
      client.setQueryData(meKey, nobody);
      forgetFetched(client);
    },
  });
}

/** All but who is signed in: another coach's answers are not ours. */
function forgetFetched(client: QueryClient): void {
  client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== meKey[0] });
}

/** Set while a coach has signed out and the server does not know it yet: the cookie is not ours to take away. */
const SIGN_OUT_DUE = 'zumbo-sign-out-due';

const nobody: Me = { coach: null, gym: null };

/** Signed out on this device at once; the server hears of it as soon as it can be reached. */
async function signOut(): Promise<void> {
  localStorage.setItem(SIGN_OUT_DUE, '1');
  await tellSignOut();
}

async function tellSignOut(): Promise<void> {
  try {
    await call('POST', '/api/sign-out');
    localStorage.removeItem(SIGN_OUT_DUE);
  } catch (error) {
    if (!(error instanceof Unreachable || (error instanceof ProblemError && error.problem.status >= 500))) {
      throw error;
    }
  }
}

/** The page asks while its code still comes (index.html): that answer is of before a sign-out, and not for after it. */
async function whoIsThere(): Promise<Me> {
  if (localStorage.getItem(SIGN_OUT_DUE) === null) {
    return call('GET', '/api/me');
  }
  await tellSignOut();
  return nobody;
}

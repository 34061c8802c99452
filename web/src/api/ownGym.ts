import { queryOptions, useMutation, useQuery } from '@tanstack/react-query';
import type { WayIn } from '../lib/wayIn';
import { madeOf } from './changes';
import { call, type Change, type Schemas } from './client';
import { useSignIn } from './session';
import { useWriteOf } from './writes';

export type FirstGym = Schemas['FirstGymInput'];
export type Newcomer = Schemas['CoachInput'];
export type NewPassword = Schemas['PasswordInput'];
export type Person = Schemas['PersonView'];
export type Role = Person['role'];
export type OpenLink = Schemas['LinkView'];
export type Settings = Schemas['SettingsInput'];
export type Invitation = Schemas['InvitationInput'];

const peopleKey = ['people'] as const;

export const welcomeQuery = queryOptions({
  queryKey: ['welcome'],
  queryFn: () => call('GET', '/api/welcome'),
});

/** What somebody who is not signed in can do here. */
export function useWelcome() {
  return useQuery(welcomeQuery);
}

/** Makes the first gym of the machine, and signs its owner in. */
export function useMakeFirstGym() {
  const signIn = useSignIn();
  return useMutation({
    mutationFn: async ({ id, input }: { id: string; input: FirstGym }) => {
      await call('PUT', '/api/first-gym/{id}', { path: { id }, body: input });
      await signIn.mutateAsync({ email: input.coach.email, password: input.coach.password.password });
    },
  });
}

/** What a link is for; an error says that it is not good any more. */
export function useWayIn(link: WayIn | null) {
  return useQuery({
    queryKey: ['way-in', link?.id],
    queryFn: () => call('POST', '/api/way-in', { body: link ?? { gym: '', id: '', secret: '' } }),
    enabled: link !== null,
    retry: false,
    staleTime: Infinity,
  });
}

/** Takes up an invitation, and signs in. */
export function useJoin() {
  const signIn = useSignIn();
  return useMutation({
    mutationFn: async (it: { link: WayIn; coachId: string; coach: Newcomer }) => {
      await call('POST', '/api/join', { body: it });
      await signIn.mutateAsync({ email: it.coach.email, password: it.coach.password.password });
    },
  });
}

/** Chooses another password by a reset link, and signs in. */
export function useResetPassword() {
  const signIn = useSignIn();
  return useMutation({
    mutationFn: async ({ link, email, password }: { link: WayIn; email: string; password: NewPassword }) => {
      await call('POST', '/api/reset', { body: { link, password } });
      await signIn.mutateAsync({ email, password: password.password });
    },
  });
}

/** For owners. */
export function usePeople(enabled: boolean) {
  return useQuery({
    queryKey: peopleKey,
    queryFn: () => call('GET', '/api/people'),
    enabled,
    ...madeOf('gym'),
  });
}

export function useInvite() {
  return useWriteOf(['gym'], ({ id, input }: { id: string; input: Invitation }) =>
    call('PUT', '/api/invitations/{id}', { path: { id }, body: input }),
  );
}

export function useOfferReset() {
  return useWriteOf(['gym'], (it: { id: string; coachId: string; secret: string }) =>
    call('PUT', '/api/resets/{id}', {
      path: { id: it.id },
      body: { coachId: it.coachId, secret: it.secret },
    }),
  );
}

export function useTakeBackLink() {
  return useWriteOf(['gym'], (it: { id: string; change: Change }) =>
    call('DELETE', '/api/links/{id}', { path: { id: it.id }, change: it.change }),
  );
}

export function useChangeRole() {
  return useWriteOf(['gym'], (it: { id: string; role: Role; change: Change }) =>
    call('PATCH', '/api/people/{id}', { path: { id: it.id }, body: { role: it.role }, change: it.change }),
  );
}

export function useRemovePerson() {
  return useWriteOf(['gym'], (it: { id: string; change: Change }) =>
    call('DELETE', '/api/people/{id}', { path: { id: it.id }, change: it.change }),
  );
}

/** What is left out stays as it is. */
export function useChangeSettings() {
  return useWriteOf(['gym'], ({ change, ...body }: Settings & { change: Change }) =>
    call('PATCH', '/api/gym', { body, change }),
  );
}

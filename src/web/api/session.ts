import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { invitationSchema, meSchema, sessionSchema, type Me, type Session } from '../../contracts';
import { leaveDrafts } from '../stores/device-owner';
import { forgetAnswers } from '../device/offline-cache';
import { request } from './request';

export const sessionKey = ['session'] as const;

/** Who is signed in, as far as this window knows. */
export function useSession() {
  return useQuery({
    queryKey: sessionKey,
    queryFn: async ({ client }) => {
      const session = await request(sessionSchema, '/session');
      if (!session.me) forgetLast(client);
      return session;
    },
    staleTime: 60_000,
    refetchOnWindowFocus: true,
  });
}

/** Removes what the last person read, from view and from the device. */
function forgetLast(client: QueryClient): void {
  void forgetAnswers();
  client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== sessionKey[0] });
}

function enter(client: QueryClient, me: Me): void {
  forgetLast(client);
  client.setQueryData<Session>(sessionKey, (old) => ({ demoAccounts: old?.demoAccounts ?? [], needsSetUp: false, me }));
}

/** Nobody is there any more. */
export function leave(client: QueryClient): void {
  client.setQueryData<Session>(sessionKey, (old) => (old ? { ...old, me: null } : old));
  forgetLast(client);
  void client.invalidateQueries({ queryKey: sessionKey });
}

function useEntering<Body>(path: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Body) => request(meSchema, path, { method: 'POST', body }),
    onSuccess: (me) => enter(client, me),
  });
}

export const useSignIn = () => useEntering<{ login: string; password: string }>('/session');
export const useSetUp = () =>
  useEntering<{ code: string; shop: string; name: string; login: string; password: string }>('/session/set-up');
export const useAcceptInvitation = () =>
  useEntering<{ code: string; login: string; password: string }>('/session/invitation/accept');

export function useChangePassword() {
  return useMutation({
    mutationFn: (body: { current: string; next: string }) =>
      request(meSchema, '/session/password', { method: 'PUT', body }),
  });
}

/** @param everywhere all sessions of the person, not only this one */
export function useSignOut() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ everywhere }: { everywhere: boolean }) =>
      request(z.undefined(), everywhere ? '/session/all' : '/session', { method: 'DELETE' }),
    onSuccess: () => {
      leaveDrafts();
      leave(client);
    },
  });
}

export function useInvitation(code: string) {
  return useQuery({
    queryKey: ['invitation', code],
    queryFn: () => request(invitationSchema, '/session/invitation', { method: 'POST', body: { code } }),
    retry: false,
    refetchOnWindowFocus: false,
  });
}

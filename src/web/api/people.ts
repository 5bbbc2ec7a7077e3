import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import {
  auditPageSchema,
  erasedOwnerSchema,
  invitedSchema,
  ownerCasesSchema,
  peopleSchema,
  type AuditAction,
  type ErasedFiles,
  type Role,
} from '../../contracts';
import { request } from './request';

const peopleKey = ['people'] as const;

/** Who works in the shop, and who is invited. */
export function usePeople() {
  return useQuery({ queryKey: peopleKey, queryFn: () => request(peopleSchema, '/people') });
}

export function useInvite() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { name: string; role: Role }) =>
      request(invitedSchema, '/people/invitations', { method: 'POST', body }),
    onSuccess: () => client.invalidateQueries({ queryKey: peopleKey }),
  });
}

export function useWithdrawInvitation() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request(z.undefined(), `/people/invitations/${id}`, { method: 'DELETE' }),
    onSuccess: () => client.invalidateQueries({ queryKey: peopleKey }),
  });
}

export function useChangePerson() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id: string; role?: Role; isActive?: boolean }) =>
      request(z.undefined(), `/people/${id}`, { method: 'PUT', body }),
    onSettled: () => client.invalidateQueries({ queryKey: peopleKey }),
  });
}

/** The audit, the newest first, page by page. */
export function useAudit({ action, person }: { action: AuditAction | null; person: string | null }) {
  return useInfiniteQuery({
    queryKey: ['audit', action, person],
    queryFn: ({ pageParam }) => {
      const query = new URLSearchParams({
        ...(action ? { action } : {}),
        ...(person ? { person } : {}),
        ...(pageParam === null ? {} : { before: String(pageParam) }),
      });
      return request(auditPageSchema, `/audit?${query.toString()}`);
    },
    initialPageParam: null as number | null,
    getNextPageParam: ({ entries, hasMore }) => (hasMore ? (entries.at(-1)?.id ?? null) : null),
  });
}

export const ownerFile = (name: string, kind: 'json' | 'zip'): string =>
  `/api/owners/file${kind === 'zip' ? '.zip' : ''}?name=${encodeURIComponent(name)}`;

/** The cases of an owner; nothing is asked while the name is empty. */
export function useOwnerCases(name: string) {
  return useQuery({
    queryKey: ['owners', name],
    queryFn: () => request(ownerCasesSchema, `/owners?name=${encodeURIComponent(name)}`),
    enabled: name !== '',
  });
}

export function useEraseOwner() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ name, files }: { readonly name: string; readonly files: ErasedFiles }) =>
      request(erasedOwnerSchema, '/owners/erase', { method: 'POST', body: { name, files } }),
    onSuccess: () => client.invalidateQueries(),
  });
}

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { madeOwnerLinkSchema, ownerLinksSchema, ownerViewSchema } from '../../contracts';
import { request, requestFile } from './request';

const keyOf = (caseId: string) => ['owner-links', caseId] as const;

/** The links that open a case for its owner. */
export function useOwnerLinks(caseId: string) {
  return useQuery({
    queryKey: keyOf(caseId),
    queryFn: () => request(ownerLinksSchema, `/cases/${caseId}/owner-links`),
  });
}

export function useMakeOwnerLink(caseId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (days: number) =>
      request(madeOwnerLinkSchema, `/cases/${caseId}/owner-links`, { method: 'POST', body: { days } }),
    onSuccess: () => client.invalidateQueries({ queryKey: keyOf(caseId) }),
  });
}

export function useRevokeOwnerLink(caseId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request(z.undefined(), `/cases/${caseId}/owner-links/${id}`, { method: 'DELETE' }),
    onSettled: () => client.invalidateQueries({ queryKey: keyOf(caseId) }),
  });
}

const viewKey = (token: string) => ['owner-view', token] as const;

/** What an owner sees by a link. */
export function useOwnerView(token: string) {
  return useQuery({
    queryKey: viewKey(token),
    queryFn: () => request(ownerViewSchema, '/owner/look', { method: 'POST', body: { token } }),
    retry: false,
  });
}

export function useAnswerEstimate(token: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (answer: { readonly estimate: string; readonly isAccepted: boolean; readonly words?: string }) =>
      request(ownerViewSchema, '/owner/answer', { method: 'POST', body: { token, ...answer } }),
    onSuccess: (view) => client.setQueryData(viewKey(token), view),
    // A newer estimate, or an answer from another device: it is shown.
    onError: () => client.invalidateQueries({ queryKey: viewKey(token) }),
  });
}

/** The owner's sheet as PDF. */
export const readOwnerSheet = (token: string): Promise<Blob> =>
  requestFile('/owner/sheet', { method: 'POST', body: { token } });

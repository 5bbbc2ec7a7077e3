import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import type { CaseEvent, CaseStage } from '../../core/casework';
import {
  caseDetailSchema,
  caseListSchema,
  readEvent,
  storedEventSchema,
  type CaseDetail,
  type StoredEvent,
} from '../../contracts';
import { ProblemError } from './problem-error';
import { request } from './request';

const appendedSchema = z.object({ events: z.array(storedEventSchema) });
const newerSchema = z.object({ newerEvents: z.array(storedEventSchema) });

const caseKey = (id: string) => ['case', id] as const;

export function useCaseList({ stage, search }: { stage: CaseStage | null; search: string }) {
  const query = new URLSearchParams({
    ...(stage ? { stage } : {}),
    ...(search.trim() ? { search: search.trim() } : {}),
  });
  return useQuery({
    queryKey: ['cases', stage, search.trim()],
    queryFn: () => request(caseListSchema, `/cases?${query.toString()}`),
    placeholderData: (previous) => previous,
    refetchInterval: 60_000,
  });
}

export function useCaseDetail(id: string) {
  return useQuery({ queryKey: caseKey(id), queryFn: () => request(caseDetailSchema, `/cases/${id}`) });
}

export function useOpenCase() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { id: string; events: CaseEvent[] }) =>
      request(caseDetailSchema, '/cases', { method: 'POST', body }),
    onSuccess: (detail) => {
      client.setQueryData(caseKey(detail.id), detail);
      void client.invalidateQueries({ queryKey: ['cases'] });
    },
  });
}

/** Puts events behind those that are known of a case. */
export function mergeIntoCase(client: QueryClient, id: string, events: readonly StoredEvent[]): void {
  client.setQueryData<CaseDetail>(caseKey(id), (old) =>
    old ? { ...old, events: mergeEvents(old.events, events) } : old,
  );
}

/** The sequence of the last event that is known of a case; null where nothing is. */
export const lastSequence = (client: QueryClient, id: string): number | null =>
  client.getQueryData<CaseDetail>(caseKey(id))?.events.at(-1)?.sequence ?? null;

/** Another window, or somebody else, wrote to a case. */
export function refreshCase(client: QueryClient, id: string): Promise<void> {
  return client.invalidateQueries({ queryKey: caseKey(id) });
}

/**
 * Appends to a case. The events keep their ids, so trying again never doubles them. Returns what somebody else wrote
 * first, if so: it is in view then and nothing was stored. Failure: as `request`.
 */
export async function appendToCase(
  client: QueryClient,
  id: string,
  events: readonly CaseEvent[],
): Promise<readonly CaseEvent[]> {
  const known =
    lastSequence(client, id) ??
    (await client.query({ queryKey: caseKey(id), queryFn: () => request(caseDetailSchema, `/cases/${id}`) })).events
      .length;
  try {
    const body = { expectedSequence: known, events };
    const { events: stored } = await request(appendedSchema, `/cases/${id}/events`, { method: 'POST', body });
    mergeIntoCase(client, id, stored);
    return [];
  } catch (error) {
    const newer = error instanceof ProblemError ? newerSchema.safeParse(error.problem) : null;
    if (!newer?.success) throw error;
    mergeIntoCase(client, id, newer.data.newerEvents);
    return newer.data.newerEvents.map(({ event }) => readEvent(event));
  }
}

function mergeEvents(old: readonly StoredEvent[], more: readonly StoredEvent[]): StoredEvent[] {
  const bySequence = new Map([...old, ...more].map((stored) => [stored.sequence, stored]));
  return [...bySequence.values()].sort((a, b) => a.sequence - b.sequence);
}

import { caseKey, lastSequence, mergeIntoCase, withLaterEvents } from './case-cache';
import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import type { CaseEvent } from '../../core/casework';
import { caseDetailSchema, readEvent, storedEventSchema, type CaseDetail } from '../../contracts';
import type { Seen } from '../device/outbox';
import { ProblemError } from './problem-error';
import { request } from './request';

/** No more than the server takes. */
const maxSeen = 1000;
const appendedSchema = z.object({ events: z.array(storedEventSchema) });
const newerSchema = z.object({ newerEvents: z.array(storedEventSchema) });

export function useCaseDetail(id: string) {
  const client = useQueryClient();
  return useQuery({ queryKey: caseKey(id), queryFn: () => fetchCase(client, id) });
}

/** One case, as this window knows it or as the server has it. */
export const readCaseDetail = (client: QueryClient, id: string) =>
  client.query({ queryKey: caseKey(id), queryFn: () => fetchCase(client, id) });

/** The server's answer may be older than what was stored, and came into view, while it was on its way. */
async function fetchCase(client: QueryClient, id: string): Promise<CaseDetail> {
  const before = lastSequence(client, id);
  const detail = await request(caseDetailSchema, `/cases/${id}`);
  return before === null ? detail : withLaterEvents(client, detail, before);
}

export function useOpenCase() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { id: string; events: readonly CaseEvent[]; contact?: string }) =>
      request(caseDetailSchema, '/cases', { method: 'POST', body }),
    onSuccess: (detail) => {
      client.setQueryData(caseKey(detail.id), detail);
      void client.invalidateQueries({ queryKey: ['cases'] });
    },
  });
}

/** Takes in the log of another bench as a case of its own. */
export function useImportCase() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { id: string; events: readonly CaseEvent[] }) =>
      request(caseDetailSchema, '/cases', { method: 'POST', body: { ...body, imported: true } }),
    onSuccess: (detail) => {
      client.setQueryData(caseKey(detail.id), detail);
      void client.invalidateQueries({ queryKey: ['cases'] });
    },
  });
}

/**
 * Appends to a case. The events keep their ids, so trying again never doubles them. Returns what somebody else wrote
 * first and the writer has not seen, if so: it is in view then and nothing was stored. Failure: as `request`.
 * @param seen what the writer has seen of the case; left out, all that this window knows
 */
export async function appendToCase(
  client: QueryClient,
  id: string,
  events: readonly CaseEvent[],
  seen?: Seen,
): Promise<readonly CaseEvent[]> {
  const known = seen?.sequence ?? lastSequence(client, id) ?? (await readCaseDetail(client, id)).events.length;
  try {
    const body = { expectedSequence: known, seen: seen?.ids.slice(-maxSeen) ?? [], events };
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

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import type { CaseEvent, CaseStage } from '../../core/casework';
import {
  caseDetailSchema,
  caseListSchema,
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
    refetchInterval: 15_000,
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
    onSuccess: (detail) => client.setQueryData(caseKey(detail.id), detail),
  });
}

/** Somebody else wrote to the case first; the newer events are already in view, one's own are not saved. */
export class StaleError extends Error {
  constructor(readonly newerEvents: readonly StoredEvent[]) {
    super(
      `${newerEvents.length === 1 ? 'An entry was' : `${newerEvents.length} entries were`} added from somewhere else. Yours was not saved. Look again, then press once more.`,
    );
  }
}

/** Appends to a case. The event keeps its id, so trying again never doubles it. */
export function useAppendEvents(id: string) {
  const client = useQueryClient();
  const merge = (events: readonly StoredEvent[]) =>
    client.setQueryData<CaseDetail>(caseKey(id), (old) =>
      old ? { ...old, events: mergeEvents(old.events, events) } : old,
    );
  return useMutation<readonly StoredEvent[], Error, readonly CaseEvent[]>({
    mutationFn: async (events) => {
      const seen = client.getQueryData<CaseDetail>(caseKey(id));
      const expectedSequence = seen?.events.at(-1)?.sequence ?? 0;
      try {
        const body = { expectedSequence, events };
        const { events: stored } = await request(appendedSchema, `/cases/${id}/events`, { method: 'POST', body });
        merge(stored);
        return stored;
      } catch (error) {
        const newer = error instanceof ProblemError ? newerSchema.safeParse(error.problem) : null;
        if (!newer?.success) throw error;
        merge(newer.data.newerEvents);
        throw new StaleError(newer.data.newerEvents);
      }
    },
  });
}

function mergeEvents(old: readonly StoredEvent[], more: readonly StoredEvent[]): StoredEvent[] {
  const bySequence = new Map([...old, ...more].map((stored) => [stored.sequence, stored]));
  return [...bySequence.values()].sort((a, b) => a.sequence - b.sequence);
}

import type { QueryClient } from '@tanstack/react-query';
import type { CaseDetail, StoredEvent } from '../../contracts';

/** What the query cache holds of cases; apart from reading and writing them, which the first screen does not need. */

export const caseKey = (id: string) => ['case', id] as const;

/** Puts events behind those that are known of a case. */
export function mergeIntoCase(client: QueryClient, id: string, events: readonly StoredEvent[]): void {
  client.setQueryData<CaseDetail>(caseKey(id), (old) =>
    old ? { ...old, events: mergeEvents(old.events, events) } : old,
  );
}

/** A case with the events that have come into view behind a sequence. */
export function withLaterEvents(client: QueryClient, detail: CaseDetail, sequence: number): CaseDetail {
  const later = client
    .getQueryData<CaseDetail>(caseKey(detail.id))
    ?.events.filter((stored) => stored.sequence > sequence);
  return later && later.length > 0 ? { ...detail, events: mergeEvents(later, detail.events) } : detail;
}

/** The sequence of the last event that is known of a case; null where nothing is. */
export const lastSequence = (client: QueryClient, id: string): number | null =>
  client.getQueryData<CaseDetail>(caseKey(id))?.events.at(-1)?.sequence ?? null;

/** Another window, or somebody else, wrote to a case. */
export function refreshCase(client: QueryClient, id: string): Promise<void> {
  return client.invalidateQueries({ queryKey: caseKey(id) });
}

/** The owner of a case was erased: it is read again where it is shown, and goes where it is not. */
export function forgetOwner(client: QueryClient, id: string): void {
  client.removeQueries({ queryKey: caseKey(id), type: 'inactive' });
  void client.invalidateQueries({ queryKey: caseKey(id) });
}

function mergeEvents(old: readonly StoredEvent[], more: readonly StoredEvent[]): StoredEvent[] {
  const bySequence = new Map([...old, ...more].map((stored) => [stored.sequence, stored]));
  return [...bySequence.values()].sort((a, b) => a.sequence - b.sequence);
}

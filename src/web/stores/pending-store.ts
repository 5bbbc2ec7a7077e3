import { create } from 'zustand';
import type { CaseEvent } from '../../core/casework';

interface PendingStore {
  /** Events on their way to the server, by case: shown and diagnosed at once, taken back if they are refused. */
  readonly pending: Readonly<Record<string, readonly CaseEvent[]>>;
  set(caseId: string, events: readonly CaseEvent[]): void;
}

export const usePendingStore = create<PendingStore>()((set) => ({
  pending: {},
  set: (caseId, events) => set(({ pending }) => ({ pending: { ...pending, [caseId]: events } })),
}));

const none: readonly CaseEvent[] = [];

export const usePending = (caseId: string): readonly CaseEvent[] =>
  usePendingStore(({ pending }) => pending[caseId] ?? none);

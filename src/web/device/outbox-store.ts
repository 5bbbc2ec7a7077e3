import type { QueryClient } from '@tanstack/react-query';
import { create } from 'zustand';
import type { CaseEvent } from '../../core/casework';
import { lastSequence } from '../api/case-cache';
import { AwayError, ProblemError } from '../api/problem-error';
import { deviceStorage } from './device-storage';
import { isPassing, later, newQueueKey } from './queue-tools';
import { createOutbox, type Batch, type Outbox, type OutboxState, type Sent, type Trouble } from './outbox';

export const useOutboxStore = create<OutboxState>()(() => ({
  waiting: {},
  isAway: false,
  awayReason: null,
  troubles: {},
  unkept: new Set<string>(),
}));

let client: QueryClient | null = null;

/** The outbox of this window. */
export const outbox: Outbox = createOutbox({
  storage: deviceStorage,
  send,
  shown: (caseId) => (client ? lastSequence(client, caseId) : null),
  onChange: (state) => useOutboxStore.setState(state),
  newKey: newQueueKey,
  later,
});

/** Where what was stored comes into view. */
export const connectOutbox = (to: QueryClient): void => void (client = to);

async function send({ caseId, events, seen }: Batch): Promise<Sent> {
  if (!client) return { kind: 'away' };
  // What reads and writes logs is not needed before there is something to send.
  const cases = await import('../api/cases').catch(() => null);
  if (!cases) return { kind: 'away', reason: 'The program was updated, or the server is away. Reload the page.' };
  try {
    const theirs = await cases.appendToCase(client, caseId, events, seen);
    return theirs.length === 0 ? { kind: 'stored' } : { kind: 'conflict', theirs };
  } catch (error) {
    if (error instanceof ProblemError && !isPassing(error.problem.status))
      return { kind: 'refused', message: error.message };
    if (!(error instanceof AwayError || error instanceof ProblemError))
      return { kind: 'refused', message: String(error) };
    return error instanceof ProblemError && error.problem.status === 429
      ? { kind: 'away', reason: error.message }
      : { kind: 'away' };
  }
}

const none: readonly CaseEvent[] = [];

/** What of a case is not stored yet. */
export const useWaiting = (caseId: string): readonly CaseEvent[] =>
  useOutboxStore(({ waiting }) => waiting[caseId] ?? none);

export const useTrouble = (caseId: string): Trouble | null =>
  useOutboxStore(({ troubles }) => troubles[caseId] ?? null);

/** How many of these entries go with the tab, as the device keeps nothing. */
export const useUnkept = (events: readonly CaseEvent[]): number =>
  useOutboxStore(({ unkept }) => events.filter(({ id }) => unkept.has(id)).length);

/** What of a case stays on this device for now: nobody answers, or a decision is due. */
export const useUnsent = (caseId: string): readonly CaseEvent[] =>
  useOutboxStore(({ waiting, isAway, troubles }) =>
    isAway || troubles[caseId]?.kind === 'conflict' ? (waiting[caseId] ?? none) : none,
  );

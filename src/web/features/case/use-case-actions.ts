import { useCallback, useState } from 'react';
import type { CaseEvent, EventBody } from '../../../core/casework';
import { StaleError, useAppendEvents } from '../../api/cases';
import { newId } from '../../stores/new-id';
import { usePendingStore } from '../../stores/pending-store';
import { usePersonStore } from '../../stores/person-store';

/** What is to be written; its id may be chosen beforehand. */
export type NewEvent = EventBody & { readonly id?: string };

export interface CaseActions {
  /** Writes events, all or none. Resolves true once they are stored. */
  record(...bodies: readonly NewEvent[]): Promise<boolean>;
  /** Sends what did not get through again, with the same ids. */
  retry(): Promise<boolean>;
  readonly isSaving: boolean;
  readonly error: Error | null;
  /** Set while something waits to be sent again. */
  readonly canRetry: boolean;
  dismiss(): void;
}

/** Writing to the log of one case: shown at once, taken back if it is refused. A failure keeps the events for another try; a stale writer has to look again. */
export function useCaseActions(caseId: string): CaseActions {
  const append = useAppendEvents(caseId);
  const by = usePersonStore((store) => store.name);
  const [unsent, setUnsent] = useState<readonly CaseEvent[] | null>(null);
  const [error, setError] = useState<Error | null>(null);
  const { mutateAsync } = append;
  const show = usePendingStore((store) => store.set);

  const send = useCallback(
    async (events: readonly CaseEvent[]) => {
      show(caseId, events);
      try {
        await mutateAsync(events);
        setUnsent(null);
        setError(null);
        return true;
      } catch (failure) {
        show(caseId, []);
        setError(failure instanceof Error ? failure : new Error(String(failure)));
        setUnsent(failure instanceof StaleError ? null : events);
        return false;
      }
    },
    [mutateAsync, show, caseId],
  );
  const record = useCallback(
    (...bodies: readonly NewEvent[]) =>
      send(bodies.map((body) => ({ id: newId(), ...body, at: new Date().toISOString(), by }) as CaseEvent)),
    [send, by],
  );
  return {
    record,
    retry: () => (unsent ? send(unsent) : Promise.resolve(false)),
    isSaving: append.isPending,
    error,
    canRetry: unsent !== null,
    dismiss: () => {
      setError(null);
      setUnsent(null);
    },
  };
}

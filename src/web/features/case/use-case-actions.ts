import { useCallback, useRef, useState } from 'react';
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

/**
 * Writing to the log of one case: shown at once and sent one after the other, taken back if it is refused. A failure keeps
 * what did not get through for another try, with all that was pressed behind it; a stale writer has to look again.
 */
export function useCaseActions(caseId: string): CaseActions {
  const append = useAppendEvents(caseId);
  const by = usePersonStore((store) => store.name);
  const [unsent, setUnsent] = useState<readonly CaseEvent[] | null>(null);
  const [error, setError] = useState<Error | null>(null);
  const { mutateAsync } = append;
  const show = usePendingStore((store) => store.set);

  /** On their way, in order; the next waits for the one before. */
  const underway = useRef<readonly CaseEvent[]>([]);
  const last = useRef(Promise.resolve(true));

  const send = useCallback(
    (events: readonly CaseEvent[]) => {
      const before = underway.current.length > 0 ? last.current : Promise.resolve(true);
      const keep = (list: readonly CaseEvent[]) => show(caseId, (underway.current = list));
      keep([...underway.current, ...events]);
      const leave = () => keep(underway.current.filter((event) => !events.includes(event)));
      last.current = before.then(async (isThrough) => {
        try {
          if (isThrough) await mutateAsync(events);
          else setUnsent((waiting) => waiting && [...waiting, ...events]);
          if (isThrough) setUnsent(null);
          if (isThrough) setError(null);
          return isThrough;
        } catch (failure) {
          setError(failure instanceof Error ? failure : new Error(String(failure)));
          setUnsent(failure instanceof StaleError ? null : events);
          return false;
        } finally {
          leave();
        }
      });
      return last.current;
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

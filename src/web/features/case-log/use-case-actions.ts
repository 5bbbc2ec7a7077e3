import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { isPartEvent, type EventBody } from '../../../core/casework';
import { useMe } from '../../shell/me';
import { outbox, useOutboxStore, useWaiting } from '../../device/outbox-store';
import { newId } from '../../stores/new-id';

/** What is to be written; its id may be chosen beforehand. */
export type NewEvent = EventBody & { readonly id?: string };

export interface CaseActions {
  /**
   * Writes events, all or none: shown at once, kept on the device, sent in order. Resolves true once they are stored, or
   * are safely kept while the server is away.
   */
  readonly record: (...bodies: readonly NewEvent[]) => Promise<boolean>;
  /** They are on their way to a server that answers. */
  readonly isSaving: boolean;
}

/** Writing to the log of one case. */
export function useCaseActions(caseId: string): CaseActions {
  const { name: by } = useMe();
  const client = useQueryClient();
  const isWaiting = useWaiting(caseId).length > 0;
  const isAway = useOutboxStore((store) => store.isAway);
  const record = useCallback(
    async (...bodies: readonly NewEvent[]) => {
      const saved = await outbox.write(
        caseId,
        bodies.map((body) => ({ id: newId(), ...body, at: new Date().toISOString(), by })),
      );
      // The shelf follows what a case says of its spares.
      if (bodies.some(isPartEvent)) void client.invalidateQueries({ queryKey: ['shelf'] });
      return saved;
    },
    [caseId, by, client],
  );
  return { record, isSaving: isWaiting && !isAway };
}

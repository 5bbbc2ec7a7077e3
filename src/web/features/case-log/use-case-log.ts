import { useMemo, useRef } from 'react';
import { foldCase, type CaseEvent, type Folded } from '../../../core/casework';
import type { CaseDetail } from '../../../contracts';
import { useWaiting } from '../../device/outbox-store';

export interface CaseLog {
  readonly events: readonly CaseEvent[];
  readonly folded: Folded;
}

/**
 * The log as it is shown, and its state: what is stored, and behind it what is on its way, if it fits. The same log is
 * given back as long as its events are the same, so that storing what was shown already changes nothing.
 */
export function useCaseLog(caseId: string, detail: CaseDetail | undefined): CaseLog | null {
  const pending = useWaiting(caseId);
  const last = useRef<CaseLog | null>(null);
  return useMemo(() => {
    if (!detail) return null;
    const stored = detail.events.map(({ event }) => event);
    const ids = new Set(stored.map(({ id }) => id));
    const all = [...stored, ...pending.filter(({ id }) => !ids.has(id))];
    const before = last.current;
    if (before && isSame(before.events, all)) return before;
    last.current = fitting(stored, all);
    return last.current;
  }, [detail, pending]);
}

const isSame = (a: readonly CaseEvent[], b: readonly CaseEvent[]): boolean =>
  a.length === b.length && a.every(({ id }, i) => id === b[i]?.id);

function fitting(stored: readonly CaseEvent[], all: readonly CaseEvent[]): CaseLog {
  const folded = foldCase(all);
  // The server says why it refuses; until then the log stands as it is stored.
  return folded.ok || all.length === stored.length
    ? { events: all, folded }
    : { events: stored, folded: foldCase(stored) };
}

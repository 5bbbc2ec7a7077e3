import { useMemo, useState } from 'react';
import type { TrialView } from '../../../core/diagnosis';
import { gateOf } from '../../../core/trials';
import { useDesk, useDeskStore } from '../../stores/desk-store';

export interface Gate {
  /** Nothing had to be confirmed, or it was. */
  readonly isConfirmed: boolean;
  readonly isAsked: boolean;
  readonly confirm: () => void;
  /** True if what was seen may be noted; otherwise the confirmation is asked for. */
  readonly pass: (outcome: string) => boolean;
}

/** One confirmation counts for one carrying out of a trial. */
const gateId = (trial: TrialView, stepsBefore: number): string => `${trial.id} ${stepsBefore}`;

/** Cautions where harm is possible stand before the outcomes: they are confirmed once for the trial in hand. */
export function useGate(caseId: string, trial: TrialView | null, stepsBefore: number): Gate {
  const { confirmed } = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const [askedFor, setAskedFor] = useState<string | null>(null);
  const isConfirmed = trial === null || gateOf(trial.cautions).length === 0 || confirmed === gateId(trial, stepsBefore);
  return useMemo(
    () => ({
      isConfirmed,
      isAsked: !isConfirmed && askedFor === gateId(trial, stepsBefore),
      confirm: () => trial && change(caseId, { confirmed: gateId(trial, stepsBefore) }),
      pass: (outcome) => {
        // Nothing was done, so nothing had to be safe.
        if (isConfirmed || outcome === 'could-not') return true;
        setAskedFor(gateId(trial, stepsBefore));
        return false;
      },
    }),
    [caseId, change, isConfirmed, askedFor, trial, stepsBefore],
  );
}

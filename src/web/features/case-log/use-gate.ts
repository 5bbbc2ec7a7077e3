import { useMemo, useState } from 'react';
import type { TrialView } from '../../../core/diagnosis';
import { gateOf, leftToConfirm, type CautionId } from '../../../core/trials';
import { deskNow, useDesk, useDeskStore } from '../../stores/desk-store';

export interface Gate {
  /** Nothing had to be confirmed, or it was. */
  readonly isConfirmed: boolean;
  readonly isAsked: boolean;
  /** The cautions that are confirmed for this trial: not what holds since an earlier one. */
  readonly asks: readonly CautionId[];
  readonly confirm: () => void;
  /** True if what was seen may be noted; otherwise the confirmation is asked for. */
  readonly pass: (outcome: string) => boolean;
}

interface GateOf {
  readonly trial: TrialView | null;
  readonly stepsBefore: number;
  /** The log says that it is off, the cord out. */
  readonly isOff: boolean;
}

/** One confirmation counts for one carrying out of a trial. */
const gateId = (trial: TrialView, stepsBefore: number): string => `${trial.id} ${stepsBefore}`;

const noCautions: readonly CautionId[] = [];

/** Cautions where harm is possible stand before the outcomes: they are confirmed once for the trial in hand. */
export function useGate(caseId: string, { trial, stepsBefore, isOff }: GateOf): Gate {
  const { confirmed, cautions: held } = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const [askedFor, setAskedFor] = useState<string | null>(null);
  return useMemo(() => {
    if (!trial)
      return { isConfirmed: true, isAsked: false, asks: noCautions, confirm: () => undefined, pass: () => true };
    const id = gateId(trial, stepsBefore);
    // What this very confirmation adds to what holds does not change what it was about.
    const before = confirmed === id ? held.filter((one) => !trial.cautions.includes(one)) : held;
    const asks = leftToConfirm(trial.cautions, { confirmed: before, isOff });
    const isConfirmed = gateOf(asks).length === 0 || confirmed === id;
    return {
      isConfirmed,
      isAsked: !isConfirmed && askedFor === id,
      asks,
      confirm: () => change(caseId, { confirmed: id, cautions: [...new Set([...held, ...trial.cautions])] }),
      pass: (outcome) => {
        // Nothing was done, so nothing had to be safe. What was confirmed a moment ago is not drawn yet.
        if (isConfirmed || outcome === 'could-not' || deskNow(caseId).confirmed === id) return true;
        setAskedFor(id);
        return false;
      },
    };
  }, [caseId, change, confirmed, held, askedFor, trial, stepsBefore, isOff]);
}

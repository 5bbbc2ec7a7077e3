import { useState } from 'react';
import { isSilent, isStrippedStart } from '../../../core/trials';
import type { TrialView } from '../../../core/diagnosis';
import { inARow } from '../../../core/wording';
import { deskNow, useDeskStore } from '../../stores/desk-store';
import type { CaseView } from './case-view';
import { askedToStrip, changesWithLeftIn, leftIn, leftInWords } from './left-in';
import type { useWriteOutcome } from './use-write-outcome';

export interface StillOn {
  readonly names: readonly string[];
  readonly answer: (isOn: boolean) => void;
  readonly leave: () => void;
}

interface LeftInOf {
  readonly caseId: string;
  readonly view: CaseView;
  readonly trial: TrialView | null;
  readonly write: ReturnType<typeof useWriteOutcome>;
}

/** A stripped start with leads that nobody ticked: before its outcome is written it is asked whether they are still on. */
export function useLeftIn({ caseId, view, trial, write }: LeftInOf) {
  const change = useDeskStore((store) => store.change);
  /** The outcome that was pressed and waits for the answer. */
  const [pressed, setPressed] = useState<string | null>(null);
  const state = view.drafted;
  const isAsked = (outcome: string): boolean => {
    const { accounted } = deskNow(caseId);
    if (!trial || isSilent(outcome) || !isStrippedStart(trial.id)) return false;
    if (leftIn(state, accounted).length === 0) return false;
    setPressed(outcome);
    return true;
  };
  const answer = (isOn: boolean) => {
    const { accounted, note } = deskNow(caseId);
    setPressed(null);
    if (!trial || pressed === null) return;
    const left = leftIn(state, accounted);
    if (isOn) {
      const words = inARow([leftInWords(left), note.trim()]);
      write(trial, { outcome: pressed, note: words, setUpAs: changesWithLeftIn(state, trial.id, left) });
      return;
    }
    change(caseId, { accounted: askedToStrip(state).map(({ id }) => id) });
    write(trial, { outcome: pressed, note: note.trim() });
  };
  const stillOn: StillOn | null =
    pressed !== null && trial
      ? {
          names: leftIn(state, deskNow(caseId).accounted).map(({ name }) => name),
          answer,
          leave: () => setPressed(null),
        }
      : null;
  return { isAsked, stillOn };
}

import { useState } from 'react';
import { isSilent, isStrippedStart } from '../../../core/trials';
import type { TrialView } from '../../../core/diagnosis';
import { deskNow, useDeskStore } from '../../stores/desk-store';
import type { CaseView } from './case-view';
import { askedToStrip, leftIn, startWithLeftIn } from './left-in';
import type { CaseActions } from './use-case-actions';
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
  readonly actions: CaseActions;
  readonly write: ReturnType<typeof useWriteOutcome>;
}

/** A stripped start with leads that nobody ticked: before its outcome is written it is asked whether they are still on. */
export function useLeftIn({ caseId, view, trial, actions, write }: LeftInOf) {
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
    const seen = { outcome: pressed, note: note.trim() };
    if (isOn) {
      void actions.record(...startWithLeftIn(state, trial.id, leftIn(state, accounted), seen)).then((saved) => {
        if (saved) change(caseId, { note: '', seen: null, signals: null });
      });
      return;
    }
    change(caseId, { accounted: askedToStrip(state).map(({ id }) => id) });
    write(trial, seen);
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

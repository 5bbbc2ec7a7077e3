import type { CaseState } from '../../../core/casework';
import type { Diagnosis, TrialView } from '../../../core/diagnosis';
import { useDesk, useDeskStore } from '../../stores/desk-store';
import { outcomeForKey, splitOutcomes } from './outcome-choices';
import type { CaseActions } from './use-case-actions';

export interface TrialWork {
  readonly trial: TrialView | null;
  readonly alternatives: readonly TrialView[];
  readonly isDisabled: boolean;
  choose(id: string | null): void;
  outcome(id: string, volts?: number): void;
  startWait(): void;
  clearNote(): void;
  handleKey(key: string): boolean;
}

/** The trial in hand: the proposed one, or the one picked instead. */
export function useTrialWork(
  caseId: string,
  state: CaseState,
  diagnosis: Diagnosis | null,
  isCurrent: boolean,
  actions: CaseActions,
): TrialWork {
  const desk = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const proposed = diagnosis?.advice.trial ?? null;
  const chosen = diagnosis?.alternatives.find(({ id }) => id === desk.chosenTrial) ?? null;
  const trial = chosen ?? proposed;
  const isDisabled = !isCurrent || actions.isSaving || state.stage === 'closed' || state.stage === 'parked';
  const outcome = (id: string, volts?: number) => {
    if (!trial || isDisabled) return;
    const note = desk.note.trim();
    void actions
      .record({
        kind: 'trial-done',
        trial: trial.id,
        outcome: id,
        ...(volts === undefined ? {} : { volts }),
        ...(note ? { note } : {}),
      })
      .then((saved) => saved && change(caseId, { chosenTrial: null, note: '', wait: null }));
  };
  const startWait = () =>
    trial?.wait && change(caseId, { wait: { trial: trial.id, endsAt: Date.now() + 1000 * trial.wait.seconds } });
  const others = diagnosis ? [...(chosen && proposed ? [proposed] : []), ...diagnosis.alternatives] : [];
  return {
    trial,
    alternatives: others.filter(({ id }) => id !== trial?.id),
    isDisabled,
    choose: (id) => change(caseId, { chosenTrial: id }),
    outcome,
    startWait,
    clearNote: () => change(caseId, { note: '' }),
    handleKey: (key) => {
      if (key === 't' && trial?.wait)
        return (desk.wait?.trial === trial.id ? change(caseId, { wait: null }) : startWait(), true);
      const id = trial && trial.kind !== 'measure' ? outcomeForKey(splitOutcomes(trial), key) : null;
      if (id === null) return false;
      outcome(id);
      return true;
    },
  };
}

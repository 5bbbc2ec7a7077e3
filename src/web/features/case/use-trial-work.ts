import type { CaseState, EventBody } from '../../../core/casework';
import type { Diagnosis, TrialView } from '../../../core/diagnosis';
import { useDesk, useDeskStore } from '../../stores/desk-store';
import { outcomeForKey, splitOutcomes } from './outcome-choices';
import { canReadAloud, readAloud } from '../../components/read-aloud';
import { spokenTrial } from './spoken-trial';
import type { CaseActions } from './use-case-actions';
import { useGate, type Gate } from './use-gate';

export interface TrialWork {
  readonly trial: TrialView | null;
  readonly alternatives: readonly TrialView[];
  readonly isDisabled: boolean;
  readonly gate: Gate;
  readonly isSetUp: boolean;
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
  const known = diagnosis ? [...(proposed ? [proposed] : []), ...diagnosis.alternatives] : [];
  // Whoever sets the machine up by hand wants to start it like that.
  const wanted = desk.chosenTrial ?? (desk.draft.length > 0 ? 'start' : null);
  const chosen = known.find(({ id }) => id === wanted && id !== proposed?.id) ?? null;
  const trial = chosen ?? proposed;
  const isDisabled = !isCurrent || actions.isSaving || state.stage === 'closed' || state.stage === 'parked';
  const gate = useGate(caseId, trial);
  const outcome = (id: string, volts?: number) => {
    if (!trial || isDisabled || !gate.pass(id)) return;
    const note = desk.note.trim();
    const setUp: readonly EventBody[] =
      desk.draft.length > 0 ? [{ kind: 'configuration-changed', changes: desk.draft }] : [];
    void actions
      .record(...setUp, {
        kind: 'trial-done',
        trial: trial.id,
        outcome: id,
        ...(volts === undefined ? {} : { volts }),
        ...(note ? { note } : {}),
      })
      .then(
        (saved) => saved && change(caseId, { chosenTrial: null, note: '', wait: null, draft: [], confirmed: null }),
      );
  };
  const startWait = () =>
    trial?.wait && change(caseId, { wait: { trial: trial.id, endsAt: Date.now() + 1000 * trial.wait.seconds } });
  const others = diagnosis ? [...(chosen && proposed ? [proposed] : []), ...diagnosis.alternatives] : [];
  return {
    trial,
    alternatives: others.filter(({ id }) => id !== trial?.id),
    isDisabled,
    gate,
    isSetUp: desk.draft.length > 0 && trial?.id === 'start',
    choose: (id) => change(caseId, { chosenTrial: id, confirmed: null }),
    outcome,
    startWait,
    clearNote: () => change(caseId, { note: '' }),
    handleKey: (key) => {
      if (key === 'g' && !gate.isConfirmed) return (gate.confirm(), true);
      if (key === 'r' && trial && canReadAloud()) return (readAloud(spokenTrial(trial)), true);
      if (key === 't' && trial?.wait)
        return (desk.wait?.trial === trial.id ? change(caseId, { wait: null }) : startWait(), true);
      const id = trial && trial.kind !== 'measure' ? outcomeForKey(splitOutcomes(trial), key) : null;
      if (id === null) return false;
      outcome(id);
      return true;
    },
  };
}

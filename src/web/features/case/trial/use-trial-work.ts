import { useMemo, useState } from 'react';
import type { CaseState } from '../../../../core/casework';
import type { Diagnosis, TrialView } from '../../../../core/diagnosis';
import { useLatest } from '../../../components/use-latest';
import { newId } from '../../../stores/new-id';
import { useDesk, useDeskStore } from '../../../stores/desk-store';
import { outcomeForKey, splitOutcomes, type OutcomeChoices } from './outcome-choices';
import { canReadAloud, readAloud } from '../../../components/read-aloud';
import { spokenTrial } from './spoken-trial';
import type { CaseActions } from '../../case-log/use-case-actions';
import { useGate, type Gate } from './use-gate';

export interface TrialWork {
  readonly trial: TrialView | null;
  readonly alternatives: readonly TrialView[];
  /** Something is on its way, or the case takes no entries; asked at the moment of a press. */
  isBusy(): boolean;
  readonly gate: Gate;
  readonly isSetUp: boolean;
  readonly choices: OutcomeChoices;
  choose(id: string | null): void;
  backToProposal(): void;
  outcome(id: string, volts?: number): void;
  /** Set while the reason is asked for which the trial could not be done. */
  readonly whyNot: { answer(reason: string): void; leave(): void } | null;
  startWait(): void;
  clearNote(): void;
  handleKey(key: string): boolean;
}

const noChoices: OutcomeChoices = { likely: [], others: [] };

/** The trial in hand: the proposed one, or the one picked instead. */
export function useTrialWork(
  caseId: string,
  state: CaseState,
  logged: CaseState,
  diagnosis: Diagnosis | null,
  isCurrent: boolean,
  actions: CaseActions,
  /** How many steps the log has with what is on its way: what is chosen meanwhile is for after those. */
  newestSteps: number,
): TrialWork {
  const desk = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const proposed = diagnosis?.advice.trial ?? null;
  const known = diagnosis ? [...(proposed ? [proposed] : []), ...diagnosis.alternatives] : [];
  // Whoever sets the machine up by hand wants to start it like that.
  const isDrafted = state !== logged;
  const chosenTrial = desk.chosenAfter === logged.steps.length ? desk.chosenTrial : null;
  const wanted = chosenTrial ?? (isDrafted ? 'start' : null);
  const chosen = known.find(({ id, outcomes }) => id === wanted && id !== proposed?.id && outcomes.length > 0) ?? null;
  const trial = chosen ?? proposed;
  const isDisabled = !isCurrent || state.stage === 'closed' || state.stage === 'parked';
  const gate = useGate(caseId, trial, logged.steps.length);
  const [asksWhyNot, setAsksWhyNot] = useState(false);
  const outcome = useLatest((id: string, volts?: number) => {
    if (!trial || isDisabled || !gate.pass(id)) return;
    if (id === 'could-not') return setAsksWhyNot(true);
    write(trial, id, { volts, note: desk.note.trim() });
  });
  const write = (done: TrialView, id: string, { volts, note }: { volts?: number | undefined; note: string }) => {
    const draftId = isDrafted ? newId() : null;
    const setUp = draftId ? [{ kind: 'configuration-changed', id: draftId, changes: desk.draft } as const] : [];
    if (draftId) change(caseId, { draftId });
    void actions
      .record(...setUp, {
        kind: 'trial-done',
        trial: done.id,
        outcome: id,
        ...(volts === undefined ? {} : { volts }),
        ...(note ? { note } : {}),
      })
      .then((saved) => saved && clear({ trial: done.id, draftId, note: desk.note }));
  };
  /** Once it is stored, what belonged to it leaves the desk; what was laid there since stays. */
  const clear = (of: { readonly trial: string; readonly draftId: string | null; readonly note: string }) => {
    const now = useDeskStore.getState().desks[caseId];
    change(caseId, {
      ...(now?.note === of.note ? { note: '' } : {}),
      ...(now?.wait?.trial === of.trial ? { wait: null } : {}),
      ...(of.draftId !== null && now?.draftId === of.draftId ? { draft: [], draftId: null } : {}),
    });
  };
  const startWait = useLatest(() => {
    if (trial?.wait) change(caseId, { wait: { trial: trial.id, endsAt: Date.now() + 1000 * trial.wait.seconds } });
  });
  const choose = (id: string | null) => change(caseId, { chosenTrial: id, chosenAfter: newestSteps, confirmed: null });
  const backToProposal = useLatest(() => choose(proposed?.id ?? null));
  const choices = useMemo(() => (trial ? splitOutcomes(trial) : noChoices), [trial]);
  const isBusy = useLatest(() => isDisabled);
  const trialId = trial?.id;
  const alternatives = useMemo(() => {
    if (!diagnosis) return [];
    const { advice, alternatives: others } = diagnosis;
    return [...(advice.trial ? [advice.trial] : []), ...others].filter(({ id }) => id !== trialId);
  }, [diagnosis, trialId]);
  return {
    trial,
    alternatives,
    isBusy,
    gate,
    isSetUp: isDrafted && trial?.id === 'start',
    choices,
    choose,
    backToProposal,
    outcome,
    whyNot:
      asksWhyNot && trial
        ? {
            answer: (reason) => {
              setAsksWhyNot(false);
              write(trial, 'could-not', { note: [reason, desk.note.trim()].filter(Boolean).join('. ') });
            },
            leave: () => setAsksWhyNot(false),
          }
        : null,
    startWait,
    clearNote: () => change(caseId, { note: '' }),
    handleKey: (key) => {
      if (key === 'g' && !gate.isConfirmed) return (gate.confirm(), true);
      if (key === 'r' && trial && canReadAloud()) return (readAloud(spokenTrial(trial)), true);
      if (key === 't' && trial?.wait)
        return (desk.wait?.trial === trial.id ? change(caseId, { wait: null }) : startWait(), true);
      const id = trial && trial.kind !== 'measure' ? outcomeForKey(choices, key) : null;
      if (id === null) return false;
      outcome(id);
      return true;
    },
  };
}

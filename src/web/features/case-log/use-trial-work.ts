import { useMemo, useState } from 'react';
import type { Diagnosis, TrialView } from '../../../core/diagnosis';
import { differ } from '../../../core/machine';
import type { BoardBookEntry } from '../../../core/firmware';
import { byHand, formatTrialId, parseTrialId, quickestReset } from '../../../core/trials';
import { inARow } from '../../../core/wording';
import { rightForTrial } from '../../../contracts';
import { useMay } from '../../shell/me';
import { canReadAloud } from '../../components/read-aloud';
import { useLatest } from '../../components/use-latest';
import { useDesk, useDeskStore } from '../../stores/desk-store';
import { isDrafted, type CaseView } from './case-view';
import { isOffByLog, type ReadingMeter } from '../../../core/casework';
import type { CaseActions } from './use-case-actions';
import { outcomeForKey, splitOutcomes, type OutcomeChoices } from './outcome-choices';
import { useReadNext } from './use-read-next';
import { useGate, type Gate } from './use-gate';
import { useLeftIn, type StillOn } from './use-left-in';
import { useProcedure, type ShownProcedure } from './use-procedure';
import { useWriteOutcome } from './use-write-outcome';

export interface TrialWork {
  readonly trial: TrialView | null;
  readonly alternatives: readonly TrialView[];
  /** Something is on its way, or the case takes no entries; asked at the moment of a press. */
  readonly isBusy: () => boolean;
  readonly gate: Gate;
  readonly shown: ShownProcedure;
  readonly isSetUp: boolean;
  readonly choices: OutcomeChoices;
  readonly choose: (id: string | null) => void;
  readonly backToProposal: () => void;
  readonly outcome: (id: string, volts?: number, meter?: ReadingMeter) => void;
  /** Set while the reason is asked for which the trial could not be done. */
  readonly whyNot: { readonly answer: (reason: string) => void; readonly leave: () => void } | null;
  /** Set while it is asked whether unticked leads of a stripped start are still connected. */
  readonly stillOn: StillOn | null;
  readonly startWait: () => void;
  /** The note was stored: it goes, unless something else was typed since. */
  readonly clearNote: (stored: string) => void;
  readonly handleKey: (key: string) => boolean;
}

export interface TrialWorkOf {
  readonly caseId: string;
  /** What the diagnosis speaks of. */
  readonly view: CaseView;
  /** With what was written since: what is chosen meanwhile is for after that. */
  readonly newest: CaseView;
  readonly diagnosis: Diagnosis | null;
  /** Nothing newer is being diagnosed, and the user may write. */
  readonly canWrite: boolean;
  readonly actions: CaseActions;
}

const plainStart = formatTrialId({ kind: 'start' });
const noChoices: OutcomeChoices = { likely: [], others: [] };

/** The trial in hand: the proposed one, or the one picked instead. */
export function useTrialWork({ caseId, view, newest, diagnosis, canWrite, actions }: TrialWorkOf): TrialWork {
  const desk = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const stepsBefore = view.logged.steps.length;
  const proposed = diagnosis?.advice.trial ?? null;
  const inHand = trialInHand(view, diagnosis, desk.chosenAfter === stepsBefore ? desk.chosenTrial : null);
  const shown = useProcedure(view.drafted, inHand?.id ?? null);
  const trial = useMemo(() => withBoardWait(withSetUp(view, inHand), shown.board), [view, inHand, shown.board]);
  const { stage } = view.logged;
  const mayRecord = useMay(trial ? rightForTrial(trial.id) : 'write-cases');
  const isDisabled = !canWrite || !mayRecord || stage === 'closed' || stage === 'parked';
  const gate = useGate(caseId, { trial, stepsBefore, isOff: isOffByLog(view.logged) });
  const readNext = useReadNext(trial, shown);
  const [asksWhyNot, setAsksWhyNot] = useState(false);
  const write = useWriteOutcome(caseId, view, actions);
  const leads = useLeftIn({ caseId, view, trial, write });
  const outcome = useLatest((id: string, volts?: number, meter?: ReadingMeter) => {
    if (!trial || isDisabled || !gate.pass(id)) return;
    if (id === 'could-not') return setAsksWhyNot(true);
    if (leads.isAsked(id)) return;
    write(trial, { outcome: id, volts, meter, note: desk.note.trim() });
  });
  const wait = useWait(caseId, trial);
  const choose = (id: string | null) =>
    change(caseId, { chosenTrial: id, chosenAfter: newest.logged.steps.length, confirmed: null });
  const choices = useMemo(() => (trial ? splitOutcomes(trial) : noChoices), [trial]);
  const whyNot = {
    answer: (reason: string) => {
      setAsksWhyNot(false);
      const note = inARow([reason, desk.note.trim()]);
      if (trial) write(trial, { outcome: 'could-not', note });
    },
    leave: () => setAsksWhyNot(false),
  };
  const work = {
    trial,
    alternatives: useOthers(diagnosis, trial?.id),
    isBusy: useLatest(() => isDisabled),
    gate,
    shown,
    isSetUp: isDrafted(view) && trial?.id === plainStart,
    choices,
    choose,
    backToProposal: useLatest(() => choose(proposed?.id ?? null)),
    outcome,
    whyNot: asksWhyNot && trial ? whyNot : null,
    stillOn: leads.stillOn,
    startWait: wait.start,
    clearNote: (stored: string) => {
      const { note } = useDeskStore.getState().desks[caseId] ?? { note: '' };
      if (note.trim() === stored.trim()) change(caseId, { note: '' });
    },
  };
  return { ...work, handleKey: (key) => handleKey(key, work, { toggleWait: wait.toggle, readNext }) };
}

/** The wait of the trial in hand: started, or stopped where it runs. */
function useWait(caseId: string, trial: TrialView | null) {
  const { wait } = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const start = useLatest(() => {
    if (trial?.wait) change(caseId, { wait: { trial: trial.id, endsAt: Date.now() + 1000 * trial.wait.seconds } });
  });
  const isRunning = trial !== null && wait?.trial === trial.id;
  return { start, toggle: isRunning ? () => change(caseId, { wait: null }) : start };
}

/** Settings are reset in the time that this board needs for it, where the book knows. */
function withBoardWait(trial: TrialView | null, board: BoardBookEntry | null): TrialView | null {
  const ref = trial && parseTrialId(trial.id);
  const way = ref?.kind === 'repair' && ref.repair === 'reset-settings' ? quickestReset(board) : null;
  if (!trial || !way) return trial;
  return { ...trial, wait: { seconds: Math.max(1, way.seconds), reason: `This board: ${way.where}.` } };
}

/** A start for which the machine was set up by hand has the cautions and the minutes of what was moved for it. */
function withSetUp(view: CaseView, trial: TrialView | null): TrialView | null {
  if (!trial || !isDrafted(view) || trial.id !== plainStart) return trial;
  const { machine, configuration } = view.logged;
  const changes = differ(configuration, view.drafted.configuration);
  const { cautions, minutes } = byHand(machine, changes, view.logged);
  return { ...trial, cautions: [...new Set([...cautions, ...trial.cautions])], minutes: trial.minutes + minutes };
}

/** What was chosen; after setting up by hand a plain start; else what is proposed. */
function trialInHand(view: CaseView, diagnosis: Diagnosis | null, chosenTrial: string | null): TrialView | null {
  if (!diagnosis) return null;
  const proposed = diagnosis.advice.trial;
  const wanted = chosenTrial ?? (isDrafted(view) ? plainStart : null);
  const chosen = diagnosis.alternatives.find(
    ({ id, outcomes }) => id === wanted && id !== proposed?.id && outcomes.length > 0,
  );
  return chosen ?? proposed;
}

/** Every trial but the one in hand, the proposed one first. */
function useOthers(diagnosis: Diagnosis | null, inHand: string | undefined): readonly TrialView[] {
  return useMemo(() => {
    if (!diagnosis) return [];
    const { advice, alternatives } = diagnosis;
    return [...(advice.trial ? [advice.trial] : []), ...alternatives].filter(({ id }) => id !== inHand);
  }, [diagnosis, inHand]);
}

/** Single keys that belong to the trial in hand; true where one was meant for it. */
function handleKey(
  key: string,
  { trial, gate, choices, outcome, shown }: Pick<TrialWork, 'trial' | 'gate' | 'choices' | 'outcome' | 'shown'>,
  { toggleWait, readNext }: { readonly toggleWait: () => void; readonly readNext: () => void },
): boolean {
  if (!trial) return false;
  if (key === 'g' && !gate.isConfirmed) {
    gate.confirm();
    return true;
  }
  if (key === 'r' && canReadAloud()) {
    readNext();
    return true;
  }
  if (key === 'f') {
    shown.toggle();
    return true;
  }
  if (key === 't' && trial.wait) {
    toggleWait();
    return true;
  }
  const id = trial.kind === 'measure' ? null : outcomeForKey(choices, key);
  if (id !== null) outcome(id);
  return id !== null;
}

import { applyChanges, completeMachine, describeChanges, foundConfiguration, type CompletedMachine } from '../machine';
import type { EvidenceStep } from '../diagnosis';
import { findTrial, handlingOf, misreadProbabilityOf, type Trial } from '../trials';
import type { CaseState } from './case-state';
import { checkChange, checkOutcome, checkSlots, type Refusal } from './check-event';
import type {
  BoardNoted,
  CaseEvent,
  CaseOpened,
  ConfigurationChanged,
  EntryStruck,
  OwnerTried,
  LackingSet,
  TrialDone,
  UnreadEntry,
} from './event';
import { foldFlash, foldVersion } from './fold-firmware';
import { noteConsent } from './consent';
import { notePart } from './fold-part';
import { closeCase, reopenCase } from './close-case';
import { foldPartEvent } from './fold-spares';
import { isAttachmentEvent } from './attachment-events';
import { foldAttachmentEvent } from './fold-attachments';
import { foldMoneyEvent } from './fold-money';
import { isMoneyEvent } from './money-events';
import { isPartEvent } from './part-events';
import { notePower, notePowerMeasured } from './fold-power';
import { ownerTryOf, ownerTryStep, withOwnerTry } from './owner-tries';
import { correctMachine } from './correct-machine';
import { setUpStep, switchedOffStep } from './set-up-step';
import { replaceLast } from './replace-last';
import { partsCame } from './parts-came';
import { advance, notWaiting, refuse, type Stepped } from './stepped';
import { reportedStep } from './reported-step';
import { withSeenSignals } from './seen-signals';

/** What one event makes of a case. */

export const keepUnread = (state: CaseState, event: CaseEvent, { message }: Refusal): CaseState => ({
  ...state,
  entries: [...state.entries, { event, struckBy: null, trial: null, changes: '', unread: message }],
});

/** A log is folded again at every entry; its machine stays the same, and so does what hangs on it. */
const machines = new WeakMap<CaseOpened['machine'], CompletedMachine>();

function machineOf(declared: CaseOpened['machine']): CompletedMachine {
  const known = machines.get(declared) ?? completeMachine(declared);
  machines.set(declared, known);
  return known;
}

export function openCase(opened: CaseOpened): Stepped {
  const completed = machineOf(opened.machine);
  if (!completed.ok) {
    const [problem] = completed.problems;
    return refuse(
      ['machine', ...(problem?.path ?? [])],
      problem?.code ?? 'bad-machine',
      problem?.message ?? 'expected a machine',
    );
  }
  const machine = withSeenSignals(completed.machine, opened.reported ?? '');
  return advance({
    opened,
    declared: opened.machine,
    machine,
    configuration: foundConfiguration(machine),
    caseOpen: false,
    steps: opened.reported === null ? [] : [reportedStep(opened.id, machine, opened.reported)],
    entries: [{ event: opened, struckBy: null, trial: null, changes: '', unread: null }],
    stage: 'waiting',
    ...notWaiting,
    partsCameAfter: null,
    closed: null,
    strategy: 'best-value',
    lacking: { tools: [], spares: [] },
    circumstances: opened.circumstances,
    partFacts: {},
    firmware: { board: null, installed: null, flashes: [], stepsBeforeFlash: 0, verified: null },
    power: { own: null, spare: null, measured: [] },
    consents: [],
    sparesOut: [],
    sparesHome: [],
    partMoves: [],
    money: { charges: [], corrected: [], estimate: null, decision: null },
    attachments: [],
  });
}

export function applyEvent(state: CaseState, event: CaseEvent, struck: string | null): Stepped {
  // A struck entry keeps the name of its trial for the sheet.
  const trial = event.kind === 'trial-done' ? findTrial(state.machine, state.configuration, event.trial) : null;
  const listed: CaseState = {
    ...state,
    entries: [...state.entries, { event, struckBy: struck, trial, changes: '', unread: null }],
  };
  if (struck) return advance(listed);
  if (state.stage === 'closed' && !onClosed.includes(event.kind)) return refuseOnClosed(event);
  if (isPartEvent(event)) return foldPartEvent(listed, event);
  if (isMoneyEvent(event)) return foldMoneyEvent(listed, event);
  if (isAttachmentEvent(event)) return foldAttachmentEvent(listed, event);
  switch (event.kind) {
    case 'case-opened':
      return refuse(['kind'], 'opened-twice', 'expected one case-opened in a log, found a second');
    case 'unread':
      return advance(keepUnread(state, event, unreadKind(event)));
    case 'trial-done':
      return doTrial(listed, event, trial);
    case 'configuration-changed':
      return changeConfiguration(listed, event);
    case 'note-added':
      return advance(listed);
    case 'strategy-chosen':
      return advance({ ...listed, strategy: event.strategy });
    case 'lacking-set':
      return setLacking(listed, event);
    case 'circumstances-set':
      return advance({ ...listed, circumstances: event.circumstances });
    case 'switched-off':
      return advance({ ...listed, steps: [...state.steps, switchedOffStep(event.id, state)] });
    case 'owner-tried':
      return noteOwnerTry(listed, event);
    case 'machine-corrected':
      return correctMachine(listed, event);
    case 'part-noted':
      return notePart(listed, event);
    case 'board-noted':
      return advance({ ...listed, firmware: withBoard(state.firmware, event) });
    case 'firmware-flashed':
      return foldFlash(listed, event);
    case 'firmware-verified':
      return foldVersion(listed, event);
    case 'consent-noted':
      return noteConsent(listed, event);
    case 'power-noted':
      return notePower(listed, event);
    case 'power-measured':
      return notePowerMeasured(listed, event);
    case 'entry-struck':
      return strike(state, listed, event);
    case 'case-parked':
      return advance({ ...listed, stage: 'parked', waitingFor: event.waitingFor, waitingUntil: event.until ?? null });
    case 'case-resumed':
      return advance({ ...listed, stage: 'on-bench', ...notWaiting, ...partsCame(state) });
    case 'case-closed':
      return closeCase(listed, event);
    case 'case-reopened':
      return reopenCase(listed);
  }
}

/** What a closed case still takes. */
const onClosed: readonly CaseEvent['kind'][] = [
  'case-reopened',
  'entry-struck',
  'note-added',
  'part-home',
  'part-moved',
  'charge-noted',
  'time-corrected',
  // Photos may arrive late.
  'file-attached',
  'picture-marked',
];

const refuseOnClosed = ({ kind }: CaseEvent): Stepped =>
  refuse(['kind'], 'case-closed', `expected case-reopened first, found ${kind} after the case was closed`);

const withBoard = (firmware: CaseState['firmware'], board: BoardNoted): CaseState['firmware'] => ({
  ...firmware,
  board,
  installed: board.installed ?? firmware.installed,
});

const unreadKind = ({ writtenKind }: UnreadEntry): Refusal => ({
  path: ['kind'],
  code: 'unread',
  message: `expected an entry that this version knows, found "${writtenKind}"`,
});

function doTrial(state: CaseState, event: TrialDone, trial: Trial | null): Stepped {
  if (!trial)
    return refuse(
      ['trial'],
      'unknown-trial',
      `expected a test that this machine has as it is now, found "${event.trial}"`,
    );
  const refusal = checkOutcome(trial, event);
  if (refusal) return { ok: false, refusal };
  const done = event.outcome !== 'could-not';
  const attempt = applyChanges(state.configuration, done ? trial.changes : []);
  const changes = done ? trial.changes : [];
  const step: EvidenceStep = {
    id: event.id,
    trial,
    configuration: attempt,
    handling: handlingOf(trial, changes),
    outcome: event.outcome,
    volts: event.volts ?? null,
    misreadProbability: misreadProbabilityOf(trial),
    ...(event.seen ? { signs: event.seen } : {}),
  };
  return advance({
    ...state,
    machine: trial.observe.kind === 'start' ? withSeenSignals(state.machine, event.outcome, event.seen) : state.machine,
    configuration: { ...attempt, start: 'button' },
    caseOpen: state.caseOpen || (done && trial.inside),
    steps: [...state.steps, step],
    entries: replaceLast(state, trial, changes.length > 0 ? describeChanges(state.machine, changes) : ''),
    stage: 'on-bench',
    ...notWaiting,
    ...(state.stage === 'parked' ? partsCame(state) : {}),
  });
}

/** A spare that was missing and is not any more has come in. */
function setLacking(state: CaseState, { tools, spares }: LackingSet): Stepped {
  const missing = new Set<string>(spares);
  const isHere = state.lacking.spares.some((kind) => !missing.has(kind));
  return advance({ ...state, lacking: { tools, spares }, ...(isHere ? partsCame(state) : {}) });
}

function changeConfiguration(state: CaseState, event: ConfigurationChanged): Stepped {
  const refusal = event.changes.map((change, i) => checkChange(state.machine, change, i)).find((r) => r !== null);
  if (refusal) return { ok: false, refusal };
  const words = describeChanges(state.machine, event.changes);
  const configuration = applyChanges(state.configuration, event.changes);
  const crowded = checkSlots(state.machine, configuration);
  if (crowded) return { ok: false, refusal: crowded };
  return advance({
    ...state,
    configuration,
    steps: [...state.steps, setUpStep(event.id, state.machine, { configuration, changes: event.changes })],
    entries: replaceLast(state, null, words),
    stage: state.stage === 'waiting' ? 'on-bench' : state.stage,
  });
}

/** Who was inside may have brought a fault in: that counts from then on. */
function noteOwnerTry(state: CaseState, event: OwnerTried): Stepped {
  const tried = ownerTryOf(state.machine, event.trial);
  if (!tried)
    return refuse(
      ['trial'],
      'unknown-trial',
      `expected a test of this machine as it came in that owners try, found "${event.trial}"`,
    );
  const { circumstances, firmware } = state;
  return advance({
    ...state,
    steps: withOwnerTry(state.steps, ownerTryStep(event, state.machine, tried)),
    circumstances:
      tried.done.inside && !circumstances.includes('owner-inside') ? [...circumstances, 'owner-inside'] : circumstances,
    firmware: { ...firmware, stepsBeforeFlash: firmware.stepsBeforeFlash + 1 },
    entries: replaceLast(state, tried.done, tried.label),
  });
}

function strike(before: CaseState, listed: CaseState, event: EntryStruck): Stepped {
  const target = before.entries.find((entry) => entry.event.id === event.entry);
  if (!target)
    return refuse(['entry'], 'unknown-entry', `expected an earlier entry of this case, found "${event.entry}"`);
  const { kind } = target.event;
  if (kind === 'case-opened')
    return refuse(['entry'], 'cannot-strike', `expected an entry that can be struck, found ${kind}`);
  return target.struckBy === event.id
    ? advance(listed)
    : refuse(['entry'], 'struck-twice', `expected an entry that still counts, found one already struck`);
}

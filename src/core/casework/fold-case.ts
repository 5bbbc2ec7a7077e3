import {
  applyChanges,
  completeMachine,
  describeChanges,
  fittedModules,
  foundConfiguration,
  nameOf,
  slotOf,
  type Change,
  type Configuration,
  type Machine,
} from '../machine';
import { instantiateFaults } from '../faults';
import type { EvidenceStep } from '../diagnosis';
import { technicianMisreads } from '../diagnosis';
import { findTrial, gradeReading, handlingOf, isSilent, SILENT_OUTCOMES, type Trial } from '../trials';
import type { CaseProblem, CaseState, Folded } from './case-state';
import type { CaseClosed, CaseEvent, CaseOpened, ConfigurationChanged, EntryStruck, TrialDone } from './event';
import { setUpStep } from './set-up-step';
import { toldStep } from './told-step';

type Refusal = Omit<CaseProblem, 'event'>;
type Stepped = { readonly ok: true; readonly state: CaseState } | { readonly ok: false; readonly refusal: Refusal };

/**
 * Replays a case's log into its state. Pure: the same events give the same state anywhere.
 * Failure: the first event that does not fit, with the path of its field; nothing is half applied.
 */
export function foldCase(events: readonly CaseEvent[]): Folded {
  const struck = struckBy(events);
  const [first, ...rest] = events;
  if (first?.kind !== 'case-opened')
    return refused(0, {
      path: ['kind'],
      code: 'not-opened',
      message: `expected case-opened as the first event, found ${first?.kind ?? 'no event'}`,
    });
  const opened = openCase(first);
  if (!opened.ok) return refused(0, opened.refusal);
  let state = opened.state;
  const seen = new Set([first.id]);
  for (const [index, event] of rest.entries()) {
    const next = seen.has(event.id) ? duplicate(event.id) : applyEvent(state, event, struck.get(event.id) ?? null);
    if (!next.ok) return refused(index + 1, next.refusal);
    seen.add(event.id);
    state = next.state;
  }
  return { ok: true, state };
}

const refused = (event: number, refusal: Refusal): Folded => ({ ok: false, problem: { event, ...refusal } });
const refuse = (path: Refusal['path'], code: string, message: string): Stepped => ({
  ok: false,
  refusal: { path, code, message },
});
const duplicate = (id: string): Stepped =>
  refuse(['id'], 'duplicate-event', `expected an id used once in the log, found "${id}" again`);
const advance = (state: CaseState): Stepped => ({ ok: true, state });

const struckBy = (events: readonly CaseEvent[]): Map<string, string> =>
  new Map(events.flatMap((event) => (event.kind === 'entry-struck' ? [[event.entry, event.id] as const] : [])));

function openCase(opened: CaseOpened): Stepped {
  const completed = completeMachine(opened.machine);
  if (!completed.ok) {
    const [problem] = completed.problems;
    return refuse(
      ['machine', ...(problem?.path ?? [])],
      problem?.code ?? 'bad-machine',
      problem?.message ?? 'expected a machine',
    );
  }
  const { machine } = completed;
  return advance({
    opened,
    machine,
    configuration: foundConfiguration(machine),
    caseOpen: false,
    steps: opened.told === null ? [] : [toldStep(opened.id, machine, opened.told)],
    entries: [{ event: opened, struckBy: null, trial: null, changes: '' }],
    stage: 'waiting',
    waitingFor: null,
    closed: null,
    school: 'best-value',
    lacking: { tools: [], spares: [] },
  });
}

function applyEvent(state: CaseState, event: CaseEvent, struck: string | null): Stepped {
  // A struck entry keeps the name of its trial for the sheet.
  const trial = event.kind === 'trial-done' ? findTrial(state.machine, state.configuration, event.trial) : null;
  const listed: CaseState = { ...state, entries: [...state.entries, { event, struckBy: struck, trial, changes: '' }] };
  if (struck) return advance(listed);
  if (
    state.stage === 'closed' &&
    event.kind !== 'case-reopened' &&
    event.kind !== 'entry-struck' &&
    event.kind !== 'note-added'
  )
    return refuse(
      ['kind'],
      'case-closed',
      `expected case-reopened first, found ${event.kind} after the case was closed`,
    );
  switch (event.kind) {
    case 'case-opened':
      return refuse(['kind'], 'opened-twice', 'expected one case-opened in a log, found a second');
    case 'trial-done':
      return doTrial(listed, event, trial);
    case 'configuration-changed':
      return changeConfiguration(listed, event);
    case 'note-added':
      return advance(listed);
    case 'school-chosen':
      return advance({ ...listed, school: event.school });
    case 'lacking-set':
      return advance({ ...listed, lacking: { tools: event.tools, spares: event.spares } });
    case 'entry-struck':
      return strike(state, listed, event);
    case 'case-parked':
      return advance({ ...listed, stage: 'parked', waitingFor: event.waitingFor });
    case 'case-resumed':
      return advance({ ...listed, stage: 'on-bench', waitingFor: null });
    case 'case-closed':
      return closeCase(listed, event);
    case 'case-reopened':
      return state.closed
        ? advance({ ...listed, stage: 'on-bench', closed: null })
        : refuse(['kind'], 'not-closed', 'expected a closed case, found an open one');
  }
}

function doTrial(state: CaseState, event: TrialDone, trial: Trial | null): Stepped {
  if (!trial)
    return refuse(
      ['trial'],
      'unknown-trial',
      `expected a trial that this machine has as it stands, found "${event.trial}"`,
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
    misreadChance: technicianMisreads,
  };
  return advance({
    ...state,
    configuration: { ...attempt, start: 'button' },
    caseOpen: state.caseOpen || (done && trial.inside),
    steps: [...state.steps, step],
    entries: replaceLast(state, trial, changes.length > 0 ? describeChanges(state.machine, changes) : ''),
    stage: 'on-bench',
    waitingFor: null,
  });
}

function checkOutcome(trial: Trial, { outcome, volts }: TrialDone): Refusal | null {
  const options = [...trial.outcomes, ...SILENT_OUTCOMES].map(({ id }) => id);
  if (!options.includes(outcome))
    return {
      path: ['outcome'],
      code: 'unknown-outcome',
      message: `expected one of ${options.join(', ')}, found "${outcome}"`,
    };
  if (volts === undefined) return null;
  if (trial.observe.kind !== 'measure')
    return {
      path: ['volts'],
      code: 'not-a-measurement',
      message: `expected no reading for ${trial.id}, found ${volts} V`,
    };
  const grade = gradeReading(trial.observe.quantity, volts);
  return isSilent(outcome) || grade === outcome
    ? null
    : {
        path: ['outcome'],
        code: 'reading-disagrees',
        message: `expected "${grade}" for ${volts} V, found "${outcome}"`,
      };
}

function changeConfiguration(state: CaseState, event: ConfigurationChanged): Stepped {
  const refusal = event.changes.map((change, i) => checkChange(state.machine, change, i)).find((r) => r !== null);
  if (refusal) return { ok: false, refusal };
  const words = describeChanges(state.machine, event.changes);
  const configuration = applyChanges(state.configuration, event.changes);
  const crowded = crowdedSlot(state.machine, configuration);
  if (crowded)
    return refuse(
      ['changes'],
      'slot-taken',
      `expected one module a slot, found two in ${crowded} (take one out first)`,
    );
  return advance({
    ...state,
    configuration,
    steps: [...state.steps, setUpStep(event.id, state.machine, { configuration, changes: event.changes })],
    entries: replaceLast(state, null, words),
    stage: state.stage === 'waiting' ? 'on-bench' : state.stage,
  });
}

function checkChange(machine: Machine, change: Change, index: number): Refusal | null {
  if (change.kind !== 'place') return null;
  const part = machine.parts.find(({ id }) => id === change.part);
  if (!part || part.kind === 'slot' || part.kind === 'channel')
    return {
      path: ['changes', index, 'part'],
      code: 'unknown-part',
      message: `expected a part of this machine, found "${change.part}"`,
    };
  const { to } = change;
  const isSlot = to.state !== 'moved' || machine.parts.some(({ kind, id }) => kind === 'slot' && id === to.to);
  return part.kind !== 'module' || isSlot
    ? null
    : {
        path: ['changes', index, 'to', 'to'],
        code: 'unknown-slot',
        message: `expected a slot of this board, found "${to.state === 'moved' ? to.to : ''}"`,
      };
}

/** The name of a slot with two modules in it; null where there is none. */
function crowdedSlot(machine: Machine, configuration: Configuration): string | null {
  const slots = fittedModules(machine, configuration).map((module) => slotOf(configuration, module));
  const twice = slots.find((slot, i) => slots.indexOf(slot) !== i);
  return twice ? nameOf(machine, twice) : null;
}

function strike(before: CaseState, listed: CaseState, event: EntryStruck): Stepped {
  const target = before.entries.find((entry) => entry.event.id === event.entry);
  if (!target)
    return refuse(['entry'], 'unknown-entry', `expected an earlier entry of this case, found "${event.entry}"`);
  const { kind } = target.event;
  if (kind === 'case-opened' || kind === 'entry-struck')
    return refuse(['entry'], 'cannot-strike', `expected an entry that can be struck, found ${kind}`);
  return target.struckBy === event.id
    ? advance(listed)
    : refuse(['entry'], 'struck-twice', `expected an entry that still counts, found one already struck`);
}

function closeCase(state: CaseState, event: CaseClosed): Stepped {
  const known = event.fault === null || instantiateFaults(state.machine).some(({ id }) => id === event.fault);
  return known
    ? advance({ ...state, stage: 'closed', waitingFor: null, closed: event })
    : refuse(['fault'], 'unknown-fault', `expected a fault that this machine can have, found "${event.fault ?? ''}"`);
}

function replaceLast(state: CaseState, trial: Trial | null, changes: string): CaseState['entries'] {
  const last = state.entries.at(-1);
  return last ? [...state.entries.slice(0, -1), { ...last, trial, changes }] : state.entries;
}

import { isReplaced, pieceIn, type Configuration, type Part } from '../../machine';
import { FAULT_MODES, repairOf, type FaultMode } from '../../faults';
import { isSignalled } from '../../startup';
import { isSilent, type Trial } from '../../trials';
import type { EvidenceStep } from '../evidence-step';

/** What has been observed so far, each with the state in which it was. */
type Memory = { readonly step: EvidenceStep; readonly key: string }[];

/**
 * Leaves out observations that repeat an earlier one with nothing done in between that could change it: the same eyes
 * on the same thing are the same evidence, not new evidence. A look that turns out differently is kept. A start made
 * again is kept with what it showed `after`: it tells of faults that come and go. One of which more was seen the second
 * time stands for both.
 */
export function withoutRepeats(steps: readonly EvidenceStep[]): EvidenceStep[] {
  const memory: Memory = [];
  for (const step of steps) {
    const key = keyAfter(step);
    const before = isWork(step.trial) ? null : seenBefore(memory, step.trial, key);
    const poorer = step.signs && before === step.outcome ? memory.findLastIndex((past) => past.key === key) : -1;
    if (poorer >= 0 && !memory[poorer]?.step.signs) memory.splice(poorer, 1, { step, key });
    else if (before !== null && step.trial.observe.kind === 'start')
      memory.push({ step: isSilent(step.outcome) ? step : { ...step, after: before }, key });
    else if (before === null || before !== step.outcome) memory.push({ step, key });
  }
  return withSignalsBefore(memory.map(({ step }) => step));
}

/** Each start with what lights, code or beeps showed at the last one before it that stopped where they tell. */
const withSignalsBefore = (steps: readonly EvidenceStep[]): EvidenceStep[] =>
  steps.map((step, k) => {
    const shownBefore = isStart(step) ? signalsShown(steps.slice(0, k)) : null;
    return shownBefore === null ? step : { ...step, shownBefore };
  });

const isStart = ({ trial, outcome }: EvidenceStep): boolean => trial.observe.kind === 'start' && !isSilent(outcome);

/** What lights, code or beeps showed at the last start that stopped where they tell; null if none did. */
export const signalsShown = (steps: readonly EvidenceStep[]): string | null =>
  steps.findLast((step) => isStart(step) && isSignalled(step.outcome))?.outcome ?? null;

/** What is known of a trial before it is done. */
export interface KnownAlready {
  /** Doing it now would look at the same thing again in the same state, or repair the same in vain. */
  readonly isKnown: boolean;
  /** What it showed last in this state; null where it was not seen, or may show something else by now. */
  readonly shown: string | null;
  /** It was made again in this state already. */
  readonly isRepeated: boolean;
}

/** A trial that could be done, with the configuration in which it would be watched and the key of that. */
interface Watched {
  readonly trial: Trial;
  readonly watchedIn: Configuration;
  readonly stateKey: string;
}

/**
 * Tells of a trial whether it is known already. The same start again tells of faults that come and go, and of what was
 * misread; see repeatedStart. A look or measurement is not asked for again because of work that hardly `changed` anything:
 * the same eyes would see the same.
 */
export function knownAlready(
  steps: readonly EvidenceStep[],
  changed: (step: EvidenceStep) => boolean,
): (watched: Watched) => KnownAlready {
  const memory = steps.map((step) => ({ step, key: keyAfter(step) }));
  const hasRepair = steps.some(({ trial }) => trial.repair !== null);
  return (watched) => {
    const { trial } = watched;
    const key = keyOf(watched);
    if (isWork(trial)) return { isKnown: doneInVain(memory, trial, key), shown: null, isRepeated: false };
    const renews = trial.observe.kind === 'start' ? anyWork : changed;
    const shown = seenBefore(memory, trial, key, renews) ?? (hasRepair ? seenInRepair(memory, trial, key) : null);
    const last = memory.findLastIndex((past) => past.key === key && !isSilent(past.step.outcome));
    const wasWork = last >= 0 && memory[last] !== undefined && isWork(memory[last].step.trial);
    const isRepeated = shown !== null && !wasWork && seenBefore(memory.slice(0, last), trial, key) !== null;
    return { isKnown: shown !== null, shown, isRepeated };
  };
}

/** Something is done to the machine; that the cord was out for it is no work. */
export const isWork = ({ repair, handling }: Pick<Trial, 'repair' | 'handling'>): boolean =>
  repair !== null || handling.some(({ act }) => act !== 'drain');

const anyWork = (): boolean => true;

/**
 * The outcome of the last observation of the same thing in the same state; null if there is none, or it may differ now.
 * Of what could change it only the work counts that `renews`.
 */
function seenBefore(
  memory: Memory,
  trial: Trial,
  key: string,
  renews: (step: EvidenceStep) => boolean = anyWork,
): string | null {
  let isDrained = false;
  for (let k = memory.length - 1; k >= 0; k--) {
    const past = memory[k];
    if (!past || past.step.outcome === 'could-not') continue;
    const { step } = past;
    // What was dead may have been no more than shut off, until the cord was out.
    if (past.key === key && step.outcome !== 'not-sure')
      return isDrained && step.outcome === 'dead' ? null : step.outcome;
    isDrained ||= step.handling.some(({ act }) => act === 'drain');
    if (couldChange(step, trial) && renews(step)) return null;
  }
  return null;
}

/** The outcome of a look before its part was put right, if nothing but that was done to it since. */
function seenInRepair(memory: Memory, trial: Trial, key: string): string | null {
  const others = memory.filter(({ step }) => !isSeenInRepair(step, trial));
  return others.length < memory.length ? seenBefore(others, trial, key) : null;
}

/** A repair is worth one attempt; other handling is worth another only after something was done to the machine. */
function doneInVain(memory: Memory, trial: Trial, key: string): boolean {
  for (let k = memory.length - 1; k >= 0; k--) {
    const past = memory[k];
    if (!past || past.step.outcome === 'could-not') continue;
    if (past.step.trial.id === trial.id && (trial.repair || past.key === key)) return true;
    if (!trial.repair && couldChange(past.step, trial)) return false;
  }
  return false;
}

const keyAfter = ({ trial, configuration }: EvidenceStep): string =>
  keyOf({ trial, watchedIn: configuration, stateKey: configurationKey(configuration) });

/** What is observed, and in which state: a look or measurement of a piece, or a start to a depth in a configuration. */
function keyOf({ trial: { observe, part, ref }, watchedIn, stateKey }: Watched): string {
  if (observe.kind === 'start')
    return `${ref.kind === 'reported' || ref.kind === 'tried' ? ref.kind : 'start'} ${observe.depth} ${stateKey}`;
  const what = observe.kind === 'look' ? observe.look.id : observe.quantity.id;
  return `${observe.kind} ${what} ${part ? `${part.id} ${pieceOf(watchedIn, part.id)}` : ''}`;
}

/** Which piece is looked at, also where it lies on the table. */
const pieceOf = (configuration: Configuration, partId: string): 'spare' | 'new' | 'original' =>
  pieceIn(configuration, partId) ?? (isReplaced(configuration, partId) ? 'new' : 'original');

/** A text that is the same for configurations that are the same. */
export function configurationKey({ placements, settings, start, surface }: Configuration): string {
  const places = Object.keys(placements).sort();
  return JSON.stringify([settings, start, surface, places.map((id) => [id, placements[id]])]);
}

/** Any handling may cure, so it renews every start and every sign of the chain. */
function couldChange(done: EvidenceStep, { observe, part }: Trial): boolean {
  const { handling, trial } = done;
  if (observe.kind !== 'look' || observe.look.passes || observe.look.sees)
    return isWork({ repair: trial.repair, handling });
  if (observe.look.everywhere) return couldChangeAll(trial, observe.look.id);
  return part !== null && couldChangeLook(done, observe.look.id, part);
}

/** A look is renewed if what was done may fix something that it sees. Another piece has looks of its own. */
function couldChangeLook({ handling, trial }: EvidenceStep, look: string, part: Part): boolean {
  const acts = handling.flatMap(({ act, part: id }) => (id === part.id ? [act] : []));
  return modesSeenBy(look).some(
    (mode) =>
      (mode.at === part.kind || mode.repairedAt?.kind === part.kind) &&
      (acts.some((act) => mode.cures?.[act]) || isItsRepair(trial, part, mode)),
  );
}

const isItsRepair = ({ repair }: Trial, part: Part, mode: FaultMode): boolean =>
  repair?.part.id === part.id && [mode.repair, mode.repairedAt?.repair].includes(repair.repair);

/**
 * Who has put something right has just seen it: the look is new evidence if it is made, and not worth asking for. What
 * was written is read back.
 */
function isSeenInRepair({ trial }: EvidenceStep, { observe, part }: Trial): boolean {
  if (!trial.repair || !part || observe.kind !== 'look' || observe.look.passes || observe.look.everywhere) return false;
  return (
    repairOf(trial.repair.repair).stake !== 'for-good' &&
    modesSeenBy(observe.look.id).some((mode) => isItsRepair(trial, part, mode))
  );
}

/**
 * A look at all that is connected is renewed by another surface, and where something that it sees a fault of was exchanged
 * or repaired. That a part is out changes nothing: it was taken off for the look.
 */
function couldChangeAll({ changes, repair, part }: Trial, look: string): boolean {
  const modes = modesSeenBy(look);
  if (repair) return modes.some((mode) => mode.at === repair.part.kind && mode.repair === repair.repair);
  return changes.some(
    (change) =>
      change.kind === 'surface' ||
      (change.kind === 'place' && change.to.state === 'spare' && modes.some(({ at }) => at === part?.kind)),
  );
}

const seenBy = new Map<string, FaultMode[]>();

function modesSeenBy(look: string): readonly FaultMode[] {
  const known =
    seenBy.get(look) ?? FAULT_MODES.filter(({ sightings }) => sightings?.some((sighting) => sighting.look === look));
  seenBy.set(look, known);
  return known;
}

import type { RepairClass } from '../../faults';
import { formatTrialId, isSilent } from '../../trials';
import type { Machine } from '../../machine';
import { expectStart, outcomeWithSigns, START_OUTCOMES, type StartOutcome } from '../../startup';
import type { EvidenceStep } from '../evidence-step';

/** What a log says of starts: the complaint, what the machine signals, whether it is gone. */

const rank = (outcome: string): number => (START_OUTCOMES as readonly string[]).indexOf(outcome);

/** The start outcome of a step, or null for looks, measurements, silent outcomes and what the owner told. */
export function observedStart(step: EvidenceStep): StartOutcome | null {
  if (step.trial.observe.kind !== 'start' || isOwnersWord(step) || rank(step.outcome) < 0) return null;
  return step.outcome as StartOutcome;
}

/** The owner told it: nobody at the bench saw it. */
export const isOwnersWord = ({ trial: { ref } }: EvidenceStep): boolean =>
  ref.kind === 'reported' || ref.kind === 'tried';

/** The id under which the owner's account stands in the log. */
export const reportedTrialId = formatTrialId({ kind: 'reported' });

/**
 * The first start outcome that the technician saw fail: the complaint as reproduced; null if none failed. Where something
 * that was found was repaired before, and where it failed among several that were counted, the complaint is what was
 * reported; of a machine that starts as ever, what a look shows of it.
 */
export function reproducedComplaint(steps: readonly EvidenceStep[]): StartOutcome | null {
  for (const step of steps) {
    const outcome = observedStart(step);
    if (outcome !== null && outcome !== 'works') return outcome;
  }
  const looked = steps.map(complaintOf).find((outcome) => outcome !== null);
  if (looked) return looked;
  const reported = isRepairedUnseen(steps) || steps.some(hasMissedSome) ? reportedOutcome(steps) : null;
  return reported === 'works' ? null : reported;
}

/** Something was repaired before the first start, or where a look had found it, and no start has failed. */
function isRepairedUnseen(steps: readonly EvidenceStep[]): boolean {
  const first = steps.find((step) => observedStart(step) !== null);
  if (first?.trial.repair) return true;
  const found = new Set(steps.flatMap((step) => (isFinding(step) && step.trial.part ? [step.trial.part.id] : [])));
  return steps.some(
    (step) => step.trial.repair && observedStart(step) !== null && found.has(step.trial.repair.part.id),
  );
}

/** A look at a part, and not at how far the start gets, that found something wrong. */
const isFinding = (step: EvidenceStep): boolean => {
  const { observe } = step.trial;
  return observe.kind === 'look' && !observe.look.passes && isNotTheFirst(step);
};

/** It turned out other than the first, sound option of its look. */
const isNotTheFirst = ({ trial: { observe }, outcome }: EvidenceStep): boolean =>
  observe.kind === 'look' && observe.look.options.findIndex(({ id }) => id === outcome) > 0;

/** The complaint that a look shows by itself; null of what no look shows. */
function complaintOf({ trial: { observe }, outcome }: EvidenceStep): StartOutcome | null {
  if (observe.kind !== 'look') return null;
  return observe.look.options.find(({ id }) => id === outcome)?.complains ?? null;
}

/** The look that showed the complaint and has not shown since that it is gone; null where a start showed it. */
export function lookThatComplains(steps: readonly EvidenceStep[]): string | null {
  if (isShownByStart(steps)) return null;
  const id = steps.find((step) => complaintOf(step) !== null)?.trial.id;
  const last = steps.findLast(({ trial, outcome }) => trial.id === id && !isSilent(outcome));
  return last && complaintOf(last) !== null ? last.trial.id : null;
}

const isShownByStart = (steps: readonly EvidenceStep[]): boolean =>
  steps.some((step) => (observedStart(step) ?? 'works') !== 'works');

/** From which step on starts tell whether the complaint is gone: of one that only a look showed, from its first repair. */
function tellsFrom(steps: readonly EvidenceStep[]): number {
  const seen = isShownByStart(steps) ? -1 : steps.findIndex((step) => complaintOf(step) !== null);
  if (seen < 0) return 0;
  const repaired = steps.findIndex(({ trial }, at) => at > seen && trial.repair !== null);
  return repaired < 0 ? steps.length : repaired;
}

/** Of presses or starts that were counted some failed: the complaint was seen, though no single start was written down. */
const hasMissedSome = (step: EvidenceStep): boolean => {
  const { observe } = step.trial;
  return observe.kind === 'look' && observe.look.times !== undefined && isNotTheFirst(step);
};

/** What the owner says that it does; null where nobody said. */
export const reportedOutcome = (steps: readonly EvidenceStep[]): StartOutcome | null => {
  const reported = steps.find((step) => step.trial.id === reportedTrialId)?.outcome;
  return START_OUTCOMES.find((outcome) => outcome === reported) ?? null;
};

/**
 * The last failing start that was seen, as its lights, codes and beeps say together; failing that, what was reported. It
 * is what the machine signals.
 */
export function signalOf(steps: readonly EvidenceStep[]): StartOutcome | null {
  const failing = steps.flatMap((step) => {
    const outcome = observedStart(step);
    return outcome === null || outcome === 'works' ? [] : [outcomeWithSigns(outcome, step.signs)];
  });
  return failing.at(-1) ?? reportedOutcome(steps);
}

/**
 * Whether a start got further than the complaint: a stripped machine cannot do more than pass the failing link. Null
 * where the start cannot tell: what cuts out under load is not gone because it starts.
 */
export function isComplaintGone(
  complaint: StartOutcome,
  { trial, outcome }: Pick<EvidenceStep, 'trial' | 'outcome'>,
): boolean | null {
  const isLoad = trial.observe.kind === 'start' && trial.observe.depth === 'load';
  if (complaint === 'cuts-out' && outcome === 'works' && !isLoad) return null;
  return rank(outcome) > rank(complaint);
}

/** Whether the last start that can tell got past the complaint. */
export const seemsGone = (steps: readonly EvidenceStep[]): boolean => startsThatTell(steps).at(-1) ?? false;

/** Whether it came back after a start had got past it. */
export function cameBack(steps: readonly EvidenceStep[]): boolean {
  const told = startsThatTell(steps);
  return told.at(-1) === false && told.includes(true);
}

/** Of each start from a step on that can tell: whether it got past the complaint. */
function startsThatTell(steps: readonly EvidenceStep[], from = 0): boolean[] {
  const complaint = reproducedComplaint(steps);
  if (complaint === null) return [];
  return steps.slice(Math.max(from, tellsFrom(steps))).flatMap((step) => {
    const gone = observedStart(step) === null ? null : isComplaintGone(complaint, step);
    return gone === null ? [] : [gone];
  });
}

/** Whether the complaint went with a repair of this class, and has not come back since. */
export function wentWith({ id }: RepairClass, steps: readonly EvidenceStep[]): boolean {
  const at = steps.findLastIndex(({ trial, outcome }) => trial.repair?.id === id && outcome !== 'could-not');
  const since = at < 0 ? [] : startsThatTell(steps, at);
  return since.length > 0 && !since.includes(false);
}

/**
 * Ids of the repair classes after which a start still failed, with the complaint or with what was behind it, if none got
 * as far since as it can with what is connected.
 */
export function repairedInVain(steps: readonly EvidenceStep[], machine: Machine): Set<string> {
  const complaint = reproducedComplaint(steps);
  if (complaint === null) return new Set();
  const starts = steps.map((step) => {
    const outcome = observedStart(step);
    const isGood = outcome !== null && isAsFarAsItGoes(step, machine);
    return outcome === null || (isGood && isComplaintGone(complaint, step) === null) ? null : isGood;
  });
  const failed = starts.lastIndexOf(false);
  if (starts.lastIndexOf(true) > failed) return new Set();
  return new Set(
    steps
      .slice(0, failed + 1)
      .flatMap(({ trial, outcome }) => (trial.repair && outcome !== 'could-not' ? [trial.repair.id] : [])),
  );
}

/** A stripped machine without a fault would show the same. */
function isAsFarAsItGoes({ trial: { observe }, configuration, outcome }: EvidenceStep, machine: Machine): boolean {
  if (observe.kind !== 'start') return false;
  const sound = expectStart(machine, configuration, [], { depth: observe.depth, trustSpares: true });
  return (sound[rank(outcome)] ?? 0) >= 0.5;
}

/** The last start did not get as far as a machine without a fault gets with what is connected. */
export function failsAsItStands(steps: readonly EvidenceStep[], machine: Machine): boolean {
  const last = steps.findLast((step) => observedStart(step) !== null);
  return last !== undefined && !isAsFarAsItGoes(last, machine);
}

/** It worked at the last start, and nothing was done to it since. */
export function isRunning(steps: readonly EvidenceStep[]): boolean {
  const last = steps.findLastIndex((step) => observedStart(step) !== null);
  const isLeft = ({ trial, handling }: EvidenceStep): boolean => handling.length === 0 && trial.changes.length === 0;
  return steps[last]?.outcome === 'works' && steps.slice(last + 1).every(isLeft);
}

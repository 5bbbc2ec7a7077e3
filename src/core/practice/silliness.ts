import { repairOf } from '../faults';
import { applyChanges, crowdsSlot, isOriginalIn, type Configuration } from '../machine';
import { isSilent, type Handling, type Trial } from '../trials';
import type { EvidenceStep } from '../diagnosis';
import type { PracticeBench } from './practice-bench';

/** What a technician would laugh at, or be hurt by. Judged from the machine and the log, not by what the engine says. */
export const SILLINESS = ['endless', 'repeat', 'wet', 'unsafe', 'impossible'] as const;
export type Silliness = (typeof SILLINESS)[number];

/** What is silly about doing this trial next; empty where nothing is. */
export function sillinessOf({ known, steps, configuration, there, faulty }: PracticeBench, trial: Trial): Silliness[] {
  const isPowered = trial.needs !== null;
  const isDrying = trial.repair?.repair === 'dry-board';
  const isBoardOut = !isOriginalIn(applyChanges(configuration, trial.changes), 'board');
  const isWet = !isBoardOut && there.some(({ fault }) => fault.mode.id === 'liquid-on-board');
  const isLookedAt = steps.some(({ trial: done }) => done.ref.kind === 'look' && done.ref.look === 'board-signs');
  const mayBeWet = known.includes('spill') && !isLookedAt;
  const isCrowded = crowdsSlot(faulty.machine, configuration, trial.changes);
  const lastSighting = lastAt(steps, 'board-signs');
  return [
    ...(isRepeat(steps, configuration, trial) ? (['repeat'] as const) : []),
    ...(isPowered && !isDrying && (mayBeWet || (isWet && lastSighting === 'traces')) ? (['wet'] as const) : []),
    ...(isPowered && isBurnt(steps, configuration, trial) ? (['unsafe'] as const) : []),
    ...(isImpossible(steps, trial) || isCrowded ? (['impossible'] as const) : []),
  ];
}

/** The same trial again, with nothing but looks since, that gave no answer, or the same answer as ever. */
function isRepeat(steps: readonly EvidenceStep[], configuration: Configuration, trial: Trial): boolean {
  const last = steps.findLastIndex((step) => step.trial.id === trial.id);
  if (last < 0) return false;
  const standing = ({ placements, surface }: Configuration) => JSON.stringify([placements, surface]);
  const isSame = steps[last] !== undefined && standing(steps[last].configuration) === standing(configuration);
  const since = steps.slice(last + 1);
  const isUntouched = since.every(({ trial: done, handling }) => !done.repair && handling.every(isDraining));
  // What was dead may come back once the cord has been out.
  const mayWake = steps[last]?.outcome === 'dead' && since.some(({ handling }) => handling.some(isDraining));
  // A repair that did not take is made once more when its fault is seen again.
  const isSeenAgain =
    trial.repair !== null &&
    since.some(({ trial: { observe, part }, outcome }) => {
      const isThere = observe.kind === 'look' && part?.id === trial.repair?.part.id && !isSilent(outcome);
      return isThere && observe.look.options[0].id !== outcome;
    });
  const hasReason =
    mayWake || isSeenAgain || isContradicted(steps, last) || isSurprise(steps, last) || isCounted(steps, last);
  return isSame && isUntouched && !hasReason && trial.ref.kind !== 'run-under-load';
}

/** A start that was made once and showed other than the one before it, which may have been misread: once more is no folly. */
function isSurprise(steps: readonly EvidenceStep[], at: number): boolean {
  const step = steps[at];
  if (step?.trial.observe.kind !== 'start') return false;
  const before = steps
    .slice(0, at)
    .findLast(({ trial, outcome }) => trial.observe.kind === 'start' && !isSilent(outcome));
  return before !== undefined && before.outcome !== step.outcome;
}

/** A start, and another one since that showed something else, as from the pins, or presses that it did not answer: which holds? */
function isContradicted(steps: readonly EvidenceStep[], at: number): boolean {
  const step = steps[at];
  if (step?.trial.observe.kind !== 'start') return false;
  return steps.slice(at + 1).some(({ trial: { observe }, outcome }) => {
    if (isSilent(outcome)) return false;
    if (observe.kind === 'start') return outcome !== step.outcome;
    const isPressed =
      observe.kind === 'look' && observe.look.times !== undefined && observe.look.passes?.link === 'start';
    return isPressed && (outcome === observe.look.options[0].id) === (step.outcome === 'dead');
  });
}

/** Good starts after what cannot be undone are counted, up to ten. */
function isCounted(steps: readonly EvidenceStep[], at: number): boolean {
  const repaired = steps.findLastIndex(
    ({ trial: { repair }, outcome }) =>
      repair !== null && repairOf(repair.repair).noWayBack === true && outcome !== 'could-not',
  );
  const since = steps
    .slice(Math.max(0, repaired))
    .filter(({ trial, outcome }) => trial.observe.kind === 'start' && outcome === 'works');
  return repaired >= 0 && steps[at]?.outcome === 'works' && since.length < 10;
}

const isDraining = ({ act }: Handling): boolean => act === 'drain';

const lastAt = (steps: readonly EvidenceStep[], look: string): string | null =>
  steps.findLast(({ trial, outcome }) => trial.ref.kind === 'look' && trial.ref.look === look && !isSilent(outcome))
    ?.outcome ?? null;

/** A part that was seen to be burnt is in the machine when it is powered. */
function isBurnt(steps: readonly EvidenceStep[], configuration: Configuration, trial: Trial): boolean {
  const burnt = (
    [
      ['supply-signs', 'burnt'],
      ['board-signs', 'damage'],
      ['card-leads', 'scorched'],
    ] as const
  ).flatMap(([look, as]) => {
    const seen = steps.findLast(({ trial: done }) => done.ref.kind === 'look' && done.ref.look === look);
    return seen?.outcome === as && seen.trial.part ? [seen.trial.part.id] : [];
  });
  const isTakenOut = (part: string) =>
    trial.changes.some((change) => change.kind === 'place' && change.part === part && change.to.state !== 'as-found');
  return burnt.some((part) => isOriginalIn(configuration, part) && !isTakenOut(part));
}

/** It needs a machine that stays on, or a system, and the last start showed that there is none. */
function isImpossible(steps: readonly EvidenceStep[], { needs }: Trial): boolean {
  const starts = steps.filter(({ trial, outcome }) => trial.observe.kind === 'start' && !isSilent(outcome));
  // What shut itself off at work is drained, and runs again as far as it did.
  const last = starts.findLast(({ trial, outcome }, k) => {
    const isPress = trial.ref.kind === 'start' && outcome === 'dead';
    return !(isPress && starts[k - 1]?.outcome === 'cuts-out');
  })?.outcome;
  const isOff = last === 'dead' || last === 'twitch' || last === 'loop';
  const hasSystem = last === 'works' || last === 'cuts-out';
  return (needs === 'stays-on' && isOff) || (needs === 'system' && !hasSystem);
}

import { goesBackWithCard, placementOf } from '../../machine';
import type { StartOutcome } from '../../startup';
import { isSilent, sightingsOf } from '../../trials';
import { FAULT_MODES, formatRepairClassId } from '../../faults';
import { isComplaintGone, observedStart, reportedOutcome, reproducedComplaint } from '../belief/complaint';
import { isWork } from '../belief/same-evidence';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';

/** Plain facts that the advice reads off the log. */

/** How often it worked under full load with nothing done to it since. */
export function loadsStood({ steps }: DiagnosisInput): number {
  const touched = steps.findLastIndex(
    ({ trial, handling, outcome }) =>
      outcome !== 'could-not' && (isWork({ repair: trial.repair, handling }) || trial.changes.length > 0),
  );
  return steps
    .slice(Math.max(0, touched))
    .filter((s) => s.trial.observe.kind === 'start' && s.trial.observe.depth === 'load' && observedStart(s) === 'works')
    .length;
}

/** What a counted trial last came to with no work done since; null if it was not done. */
export function countedSince({ steps }: DiagnosisInput, trialId: string): string | null {
  const at = steps.findLastIndex(({ trial, outcome }) => trial.id === trialId && !isSilent(outcome));
  const worked = steps.findLastIndex(
    ({ trial, handling, outcome }) => outcome !== 'could-not' && isWork({ repair: trial.repair, handling }),
  );
  return at > worked ? (steps[at]?.outcome ?? null) : null;
}

/** What the last start showed; null if none was made. */
export const lastStart = ({ steps }: DiagnosisInput): StartOutcome | null =>
  steps
    .map(observedStart)
    .filter((outcome) => outcome !== null)
    .at(-1) ?? null;

/** The last start showed what the owner had told, of a fault that does not come and go: another one shows it again. */
export function showsWhatWasTold({ steps, circumstances }: DiagnosisInput): boolean {
  const told = reportedOutcome(steps);
  const seen = steps.findLast((step) => observedStart(step) !== null)?.outcome;
  return told !== null && told === seen && !circumstances.includes('comes-and-goes');
}

/** Ids of the repair classes that were carried out, to wait for training too; one whose fault was seen again did not take. */
export function repairsDone({ steps }: DiagnosisInput): Set<string> {
  const done = new Set<string>();
  for (const step of steps) {
    const { trial, outcome } = step;
    if (outcome === 'could-not') continue;
    const waited = trial.ref.kind === 'start-and-wait' ? trial.handling.find(({ act }) => act === 'wait') : undefined;
    if (trial.repair) done.add(trial.repair.id);
    else if (waited) done.add(formatRepairClassId({ repair: 'wait-training', part: waited.part }));
    else for (const id of seenAgain(step, done)) done.delete(id);
  }
  return done;
}

/** How often a repair was carried out. */
export const timesDone = ({ steps }: DiagnosisInput, repairClassId: string): number =>
  steps.filter(({ trial, outcome }) => trial.repair?.id === repairClassId && outcome !== 'could-not').length;

/** Of the repair classes those whose fault this look sees. */
function seenAgain({ trial: { observe, part }, outcome }: EvidenceStep, classes: ReadonlySet<string>): string[] {
  if (observe.kind !== 'look' || observe.look.passes || !part) return [];
  const option = observe.look.options.findIndex(({ id }) => id === outcome);
  if (option < 1) return [];
  const seen = FAULT_MODES.filter(
    (mode) => mode.at === part.kind && sightingsOf(mode, observe.look).some((sighting) => sighting.option === option),
  );
  return seen.map(({ repair }) => formatRepairClassId({ repair, part: part.id })).filter((id) => classes.has(id));
}

/** A repair was done since the last start that can tell: whether it helped is not known yet. */
export function isUntold({ steps }: DiagnosisInput): boolean {
  const complaint = reproducedComplaint(steps);
  if (complaint === null) return false;
  const told = steps.findLastIndex((step) => observedStart(step) !== null && isComplaintGone(complaint, step) !== null);
  return steps.slice(told + 1).some(({ trial, outcome }) => trial.repair !== null && outcome === 'works');
}

/**
 * Parts that stand as a repair left them: unplugged for good, moved to another header, replaced. What was moved out of a
 * slot goes back when the slot itself was put right.
 */
export function placedByRepair({ steps }: Pick<DiagnosisInput, 'steps'>): Set<string> {
  const placedAt = new Map<string, string>();
  for (const { trial, outcome } of steps) {
    if (outcome === 'could-not') continue;
    const { repair, changes } = trial;
    for (const [part, at] of placedAt) if (repair && at === repair.part.id) placedAt.delete(part);
    for (const change of changes)
      if (change.kind === 'place') {
        if (repair === null) placedAt.delete(change.part);
        else placedAt.set(change.part, repair.part.id);
      }
  }
  return new Set(placedAt.keys());
}

/** Parts that are out, moved or swapped, and were not left so by a repair; what goes back with another is left to that one. */
export function partsAway({ machine, configuration, steps }: DiagnosisInput): string[] {
  const placed = placedByRepair({ steps });
  return machine.parts
    .filter((part) => !(part.loose && placementOf(configuration, part.id).state === 'out'))
    .filter((part) => !goesBackWithCard(machine, configuration, part))
    .map(({ id }) => id)
    .filter((id) => ['out', 'spare', 'moved'].includes(placementOf(configuration, id).state))
    .filter((id) => !placed.has(id));
}

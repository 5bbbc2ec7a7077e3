import { placementOf } from '../../machine';
import type { StartOutcome } from '../../startup';
import { isSilent } from '../../trials';
import { observedStart } from '../belief/complaint';
import { isWork } from '../belief/same-evidence';
import type { DiagnosisInput } from '../evidence-step';

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

/** Ids of the repair classes that were carried out. */
export const repairsDone = (input: DiagnosisInput): Set<string> =>
  new Set(
    input.steps.flatMap((step) => (step.trial.repair && step.outcome !== 'could-not' ? [step.trial.repair.id] : [])),
  );

/** Parts that are out, moved or swapped, and were not left so by a repair. */
export function partsAway({ machine, configuration, steps }: DiagnosisInput): string[] {
  const placedByRepair = new Map<string, boolean>();
  for (const { trial, outcome } of steps)
    for (const change of outcome === 'could-not' ? [] : trial.changes)
      if (change.kind === 'place') placedByRepair.set(change.part, trial.repair !== null);
  return machine.parts
    .filter((part) => !(part.loose && placementOf(configuration, part.id).state === 'out'))
    .map(({ id }) => id)
    .filter((id) => ['out', 'spare', 'moved'].includes(placementOf(configuration, id).state))
    .filter((id) => !placedByRepair.get(id));
}

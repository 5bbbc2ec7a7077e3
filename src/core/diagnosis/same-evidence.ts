import { applyChanges, type Configuration } from '../machine';
import type { Trial } from '../trials';
import type { EvidenceStep } from './evidence-step';

/**
 * Leaves out observations that repeat an earlier one with nothing done in between that could change it: the same eyes
 * on the same thing are the same evidence, not new evidence. A repeat that turns out differently is kept.
 */
export function withoutRepeats(steps: readonly EvidenceStep[]): EvidenceStep[] {
  const kept: EvidenceStep[] = [];
  for (const step of steps) if (!repeats(kept, step.trial, step.configuration, step.outcome)) kept.push(step);
  return kept;
}

/** True if doing the trial now would look at the same thing again in the same state. */
export function isKnownAlready(steps: readonly EvidenceStep[], trial: Trial, now: Configuration): boolean {
  return repeats(steps, trial, applyChanges(now, trial.changes), null);
}

function repeats(
  steps: readonly EvidenceStep[],
  trial: Trial,
  configuration: Configuration,
  outcome: string | null,
): boolean {
  if (trial.repair || trial.handling.length > 0) return false;
  const key = keyOf(trial, configuration);
  for (let k = steps.length - 1; k >= 0; k--) {
    const step = steps[k];
    if (!step) continue;
    if (step.outcome === 'could-not') continue;
    if (keyOf(step.trial, step.configuration) === key && step.outcome !== 'not-sure')
      return outcome === null || step.outcome === outcome;
    if (couldChange(step, trial)) return false;
  }
  return false;
}

/** What is observed, and in which state: a look or measurement of a part, or a start to a depth in a configuration. */
function keyOf({ observe, part, id }: Trial, configuration: Configuration): string {
  if (observe.kind === 'start')
    return `${id === 'told' ? 'told' : 'start'} ${observe.depth} ${configurationKey(configuration)}`;
  const what = observe.kind === 'look' ? observe.look.id : observe.quantity.id;
  return `${observe.kind} ${what} ${part?.id ?? ''}`;
}

function configurationKey({ placements, settings, start, surface }: Configuration): string {
  const places = Object.keys(placements).sort();
  return JSON.stringify([settings, start, surface, places.map((id) => [id, placements[id]])]);
}

/** Any handling may cure, so it renews every start and every sign of the chain; a look only if its part was touched. */
function couldChange({ trial: done, handling }: EvidenceStep, trial: Trial): boolean {
  const touched = [
    ...handling.map(({ part }) => part),
    ...(done.repair ? [done.repair.part.id] : []),
    ...done.changes.flatMap((change) => (change.kind === 'place' ? [change.part] : [])),
  ];
  const followsChain = trial.observe.kind !== 'look' || trial.observe.look.passes !== undefined;
  return followsChain ? handling.length > 0 || done.repair !== null : touched.includes(trial.part?.id ?? '');
}

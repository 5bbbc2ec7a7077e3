import type { EvidenceStep } from './evidence-step';

/**
 * Leaves out inspections that repeat an earlier one with nothing done to the machine in between: the same eyes on
 * the same thing are the same evidence, not new evidence.
 */
export function withoutRepeats(steps: readonly EvidenceStep[]): EvidenceStep[] {
  const kept: EvidenceStep[] = [];
  let seenSinceHandling = new Set<string>();
  for (const step of steps) {
    const { trial } = step;
    if (trial.observe.kind === 'look' && seenSinceHandling.has(trial.id)) continue;
    if (step.handling.length > 0 || trial.repair || trial.changes.length > 0) seenSinceHandling = new Set();
    if (step.outcome !== 'could-not' && step.outcome !== 'not-sure') seenSinceHandling.add(trial.id);
    kept.push(step);
  }
  return kept;
}

/** True if looking again now would show nothing that is not known. */
export function isKnownAlready(steps: readonly EvidenceStep[], trialId: string): boolean {
  const probe = steps.find(({ trial }) => trial.id === trialId);
  if (!probe || probe.trial.observe.kind !== 'look') return false;
  return withoutRepeats([...steps, probe]).length === withoutRepeats(steps).length;
}

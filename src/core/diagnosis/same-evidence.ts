import { applyChanges, type Configuration } from '../machine';
import type { Trial } from '../trials';
import type { EvidenceStep } from './evidence-step';

/** What has been observed so far, each with the state in which it was. */
type Memory = { readonly step: EvidenceStep; readonly key: string }[];

/**
 * Leaves out observations that repeat an earlier one with nothing done in between that could change it: the same eyes
 * on the same thing are the same evidence, not new evidence. A repeat that turns out differently is kept.
 */
export function withoutRepeats(steps: readonly EvidenceStep[]): EvidenceStep[] {
  const memory: Memory = [];
  for (const step of steps) {
    const key = keyOf(step.trial, configurationKey(step.configuration));
    if (!repeats(memory, step.trial, key, step.outcome)) memory.push({ step, key });
  }
  return memory.map(({ step }) => step);
}

/** Tells of a trial whether doing it now would look at the same thing again in the same state. */
export function knownAlready(steps: readonly EvidenceStep[], now: Configuration): (trial: Trial) => boolean {
  const memory = steps.map((step) => ({ step, key: keyOf(step.trial, configurationKey(step.configuration)) }));
  const nowKey = configurationKey(now);
  return (trial) => {
    const stateKey = trial.changes.length === 0 ? nowKey : configurationKey(applyChanges(now, trial.changes));
    return repeats(memory, trial, keyOf(trial, stateKey), null);
  };
}

function repeats(memory: Memory, trial: Trial, key: string, outcome: string | null): boolean {
  if (trial.repair || trial.handling.length > 0) return false;
  for (let k = memory.length - 1; k >= 0; k--) {
    const past = memory[k];
    if (!past || past.step.outcome === 'could-not') continue;
    if (past.key === key && past.step.outcome !== 'not-sure') return outcome === null || past.step.outcome === outcome;
    if (couldChange(past.step, trial)) return false;
  }
  return false;
}

/** What is observed, and in which state: a look or measurement of a part, or a start to a depth in a configuration. */
function keyOf({ observe, part, id }: Trial, stateKey: string): string {
  if (observe.kind === 'start') return `${id === 'told' ? 'told' : 'start'} ${observe.depth} ${stateKey}`;
  const what = observe.kind === 'look' ? observe.look.id : observe.quantity.id;
  return `${observe.kind} ${what} ${part?.id ?? ''}`;
}

/** A text that is the same for configurations that are the same. */
export function configurationKey({ placements, settings, start, surface }: Configuration): string {
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

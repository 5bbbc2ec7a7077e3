import type { EvidenceStep } from '../evidence-step';
import type { Replay } from './replay';

/** From this probability on, 0 to 1, something else may be seen after a step than before it. */
const worthAnotherLook = 0.1;

/**
 * Whether a step may have changed what the machine does: how likely the faults are, after what was seen then, that it may
 * have removed, or whose part it took out, exchanged or moved. A step that is not in the replay may have changed anything.
 */
export function mayHaveChanged({
  steps,
  compiled,
  space: { variants, faults },
  byFault,
}: Replay): (step: EvidenceStep) => boolean {
  const known = new Map<string, boolean>();
  const changed = ({ id }: EvidenceStep): boolean => {
    const k = steps.findIndex((step) => step.id === id);
    const step = steps[k];
    const after = byFault[k + 1];
    const done = compiled[k];
    if (!step || !after || !done) return true;
    const touched = new Set(step.trial.changes.flatMap((change) => (change.kind === 'place' ? [change.part] : [])));
    const share = new Float64Array(faults.length);
    faults.forEach(({ part }, f) => (share[f] = touched.has(part.id) ? 1 : 0));
    variants.forEach(({ faultIndex: f }, v) => (share[f] = Math.max(share[f] ?? 0, done.cure[v] ?? 0)));
    return share.reduce((sum, of, f) => sum + of * (after[f] ?? 0), 0) >= worthAnotherLook;
  };
  return (step) => {
    const one = known.get(step.id) ?? changed(step);
    known.set(step.id, one);
    return one;
  };
}

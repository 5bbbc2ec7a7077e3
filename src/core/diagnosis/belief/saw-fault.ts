import type { FaultInstance } from '../../faults';
import { looksAt, sightingsOf } from '../../trials';
import type { EvidenceStep } from '../evidence-step';

/** Whether what a look noted is how this fault looks. */
export function sawFault({ trial: { observe, part }, outcome }: EvidenceStep, fault: FaultInstance): boolean {
  if (observe.kind !== 'look' || !part || !looksAt(observe.look, part, fault)) return false;
  const seen = observe.look.options.findIndex(({ id }) => id === outcome);
  return sightingsOf(fault.mode, observe.look).some(({ option }) => option === seen);
}

/** Whether what a look found was repaired after it. `steps`: the log in which the look stands. */
export function isPutRight(
  look: EvidenceStep,
  faults: readonly FaultInstance[],
  steps: readonly EvidenceStep[],
): boolean {
  const repaired = new Set(
    steps
      .slice(steps.indexOf(look) + 1)
      .flatMap(({ trial: { repair }, outcome }) => (repair && outcome !== 'could-not' ? [repair.id] : [])),
  );
  return repaired.size > 0 && faults.some((fault) => repaired.has(fault.repairClass.id) && sawFault(look, fault));
}

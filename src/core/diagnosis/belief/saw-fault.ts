import type { FaultInstance } from '../../faults';
import { looksAt, sightingsOf } from '../../trials';
import type { EvidenceStep } from '../evidence-step';

/** Whether what a look noted is how this fault looks. */
export function sawFault({ trial: { observe, part }, outcome }: EvidenceStep, fault: FaultInstance): boolean {
  if (observe.kind !== 'look' || !part || !looksAt(observe.look, part, fault)) return false;
  const seen = observe.look.options.findIndex(({ id }) => id === outcome);
  return sightingsOf(fault.mode, observe.look).some(({ option }) => option === seen);
}

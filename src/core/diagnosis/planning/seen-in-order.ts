import { repairOf, type FaultInstance } from '../../faults';
import { chanceToSee, isSilent } from '../../trials';
import type { EvidenceStep } from '../evidence-step';

/** So surely, 0 to 1, must a look see a fault to rule out that its repair is worth trying to see whether it helps. */
const surelySeen = 0.95;

/**
 * Ids of the repair classes that would put right what was looked at and found in order: nobody sets a switch that stands
 * as it should. Of those that cost nothing; the fault itself may still have been missed.
 */
export function seenInOrder(steps: readonly EvidenceStep[], faults: readonly FaultInstance[]): Set<string> {
  const looks = [...new Map(steps.filter(isLook).map((step) => [step.trial.id, step])).values()];
  const sound = looks.filter(({ trial: { observe }, outcome }) => isFirstOption(observe, outcome));
  const inOrder = new Set<string>();
  if (sound.length === 0) return inOrder;
  const open = new Set<string>();
  for (const fault of faults) {
    const { id, repair } = fault.repairClass;
    if (repairOf(repair).stake === 'nothing' && sound.some((step) => sees(step, fault))) inOrder.add(id);
    else open.add(id);
  }
  for (const id of open) inOrder.delete(id);
  return inOrder;
}

const isLook = ({ trial: { observe }, outcome }: EvidenceStep): boolean =>
  observe.kind === 'look' && !observe.look.passes && !observe.look.everywhere && !isSilent(outcome);

const isFirstOption = (observe: EvidenceStep['trial']['observe'], outcome: string): boolean =>
  observe.kind === 'look' && observe.look.options[0].id === outcome;

const sees = ({ trial: { observe, part } }: EvidenceStep, fault: FaultInstance): boolean =>
  observe.kind === 'look' && part !== null && chanceToSee(observe.look, part, fault) >= surelySeen;

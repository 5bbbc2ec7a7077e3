import { isAtPart, repairOf, type FaultInstance, type RepairStake } from '../../faults';
import type { Trial } from '../../trials';

/** Probability that a repair, carried out, removes the faults of its class, by what is at stake: engineering judgement. */
const repairSucceeds: Readonly<Record<RepairStake, number>> = {
  nothing: 0.99,
  work: 0.97,
  'for-good': 0.97,
  part: 0.97,
};

/** Probability, 0 to 1, that doing the trial removes the fault. */
export function cureProbability(
  fault: FaultInstance,
  { repair, handling }: Pick<Trial, 'repair' | 'handling'>,
): number {
  const byRepair = repair?.id === fault.repairClass.id ? repairSucceeds[repairOf(repair.repair).stake] : 0;
  let stays = 1 - byRepair;
  for (const { part, act } of handling) if (isAtPart(fault, part)) stays *= 1 - (fault.mode.cures?.[act] ?? 0);
  return 1 - stays;
}

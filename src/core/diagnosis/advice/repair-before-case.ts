import { canAct, type RepairClass } from '../../faults';
import { repairsDone } from './log-facts';
import { canBeDone, repairTrialId, type Advice, type Situation } from './situation';

/** What only the case brings about is put right before the machine goes back into it. */
export function repairBeforeCase(situation: Situation, repairClass: RepairClass): Advice | null {
  const { input, space } = situation;
  const { machine, configuration } = input;
  const trialId = repairTrialId(repairClass);
  if (configuration.surface !== 'bench' || repairsDone(input).has(repairClass.id) || !canBeDone(situation, trialId))
    return null;
  const isOfTheCase = space.faults.some(
    (fault) =>
      fault.repairClass.id === repairClass.id &&
      !canAct(fault, machine, configuration) &&
      canAct(fault, machine, { ...configuration, surface: 'case' }),
  );
  return isOfTheCase
    ? { kind: 'repair', trialId, why: 'It runs on the bench, and would stop again in the case. Put this right first.' }
    : null;
}

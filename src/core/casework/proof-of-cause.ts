import { confirmationOf, countedCure, isProvenByCount, sureEnoughFor, type Confirmation } from '../diagnosis';
import { instantiateFaults } from '../faults';
import { circumstancesOf } from './diagnose-case';
import type { CaseState } from './case-state';

/** How far the log proves a fault as the cause; "suggested" for a cause that the engine does not know. */
export function proofOfCause(state: CaseState, faultId: string | null): Confirmation {
  const faults = instantiateFaults(state.machine, circumstancesOf(state));
  const fault = faults.find(({ id }) => id === faultId);
  if (!fault) return 'suggested';
  const cure = countedCure({ faults }, state, () => sureEnoughFor.work);
  if (cure?.repair === fault.repairClass.id && isProvenByCount(cure)) return 'proven';
  return confirmationOf(faults, fault.repairClass, state.steps, state.machine);
}

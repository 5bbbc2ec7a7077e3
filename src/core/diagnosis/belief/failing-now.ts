import type { FaultInstance } from '../../faults';
import type { DiagnosisInput } from '../evidence-step';
import { actingFaults } from '../model/outcome-model';
import { failsAsItStands } from './complaint';

/**
 * By fault index: 1 where the fault may be what stops the machine as it stands. While it fails, that is what can act in
 * it; once it gets as far as it can, each of the faults that were found is still one to repair.
 */
export function failingNow(
  faults: readonly FaultInstance[],
  { machine, configuration, steps }: DiagnosisInput,
): Uint8Array {
  return failsAsItStands(steps, machine)
    ? actingFaults(faults, machine, configuration)
    : new Uint8Array(faults.length).fill(1);
}

import type { DiagnosisInput } from '../evidence-step';
import type { OutcomeModelCache } from '../model/outcome-model-cache';
import { failsAsItStands } from './complaint';

/**
 * By fault index: 1 where the fault may be what stops the machine as it stands. While it fails, that is what can act in
 * it; once it gets as far as it can, each of the faults that were found is still one to repair.
 */
export function failingNow(
  { actingIn }: OutcomeModelCache,
  { machine, configuration, steps }: DiagnosisInput,
): Uint8Array {
  const acting = actingIn(configuration);
  return failsAsItStands(steps, machine) ? acting : new Uint8Array(acting.length).fill(1);
}

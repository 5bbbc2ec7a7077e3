import { observedStart } from '../diagnosis';
import { memoryMatrix, type MemoryMatrix } from '../isolation';
import type { CaseState } from './case-state';

/** The matrix of modules and slots as the starts of a case have shown it. */
export function memoryMatrixOf({ machine, steps }: CaseState): MemoryMatrix {
  const starts = steps.flatMap((step) => {
    const outcome = observedStart(step);
    return outcome === null ? [] : [{ configuration: step.configuration, outcome }];
  });
  return memoryMatrix(machine, starts);
}

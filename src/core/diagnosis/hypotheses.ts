import type { Machine } from '../machine';
import { breakOf, instantiateFaults, type Circumstance, type FaultInstance } from '../faults';
import type { PresentFault } from '../trials';

/** One fault showing in one way. A machine keeps to one way, so each way is a hypothesis of its own. */
export interface Hypothesis {
  readonly fault: FaultInstance;
  readonly present: readonly PresentFault[];
  readonly logPrior: number;
}

/**
 * All hypotheses about a machine: each single fault in each way that it can show, and "something else" at each link.
 * Their priors sum to 1.
 */
export function enumerateHypotheses(machine: Machine, circumstances: readonly Circumstance[]): Hypothesis[] {
  const faults = instantiateFaults(machine, circumstances);
  const total = faults.reduce((sum, fault) => sum + fault.weight, 0);
  return faults.flatMap((fault) => {
    const looks = fault.mode.looks.reduce((sum, look) => sum + look.weight, 0);
    return fault.mode.looks.map((look) => ({
      fault,
      present: [{ fault, stops: breakOf(fault, look, machine) }],
      logPrior: Math.log((fault.weight / total) * (look.weight / looks)),
    }));
  });
}

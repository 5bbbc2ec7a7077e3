import { circumstancesOf, type CaseState } from '../core/casework';
import type { Strategy } from '../core/diagnosis';
import { completeMachine } from '../core/machine';
import { PRACTICE_MACHINES, replayCase } from '../core/practice';

interface ReplayQuestion {
  readonly faults: readonly string[];
  /** The machine and the circumstances of a case; null: the usual home machine. */
  readonly state: CaseState | null;
  readonly strategy: Strategy;
  readonly seed: number;
}

const usualMachine = 'Home machine';

/** Replays faults in the machine of a case, or in a usual one. Failure: what the machine cannot have. */
export function replayMachine({ faults, state, strategy, seed }: ReplayQuestion): ReturnType<typeof replayCase> {
  const { machine, circumstances } = state
    ? { machine: state.machine, circumstances: circumstancesOf(state) }
    : homeMachine();
  return replayCase({ machine, circumstances, faults, strategy, seed });
}

function homeMachine() {
  const practice = PRACTICE_MACHINES.find(({ machine }) => machine.name === usualMachine);
  const completed = practice ? completeMachine(practice.machine) : null;
  if (!practice || !completed?.ok) throw new Error(`expected the practice machine "${usualMachine}"`);
  return { machine: completed.machine, circumstances: practice.circumstances };
}

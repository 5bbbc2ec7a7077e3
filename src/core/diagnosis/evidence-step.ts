import type { Configuration, Machine } from '../machine';
import type { Circumstance, RepairClass } from '../faults';
import type { StartSigns } from '../startup';
import type { Handling, Trial } from '../trials';
import type { Costs } from './planning/costs';
import type { Strategy } from './planning/strategies';

/** One thing that was done to the machine and what was seen, ready to be computed with. */
export interface EvidenceStep {
  /** The event's id. */
  readonly id: string;
  readonly trial: Trial;
  /** The configuration in which the observation was made. */
  readonly configuration: Configuration;
  readonly handling: readonly Handling[];
  readonly outcome: string;
  /** A meter's reading in volts, where one was written down. */
  readonly volts: number | null;
  /** Probability, 0 to 1, that the outcome was misread or misreported. */
  readonly misreadProbability: number;
  /** For a start of which more was seen than its outcome: see likelihoodOfSigns. */
  readonly signs?: StartSigns;
  /** What the same start showed before, if nothing was done in between; see repeatedStart. */
  readonly after?: string;
  /** What the last start before it showed, however the machine stood, if lights, code and beeps tell that; see steadyAfter. */
  readonly shownBefore?: string;
}

/** What the engine is asked about: one machine and everything done to it so far. */
export interface DiagnosisInput {
  readonly machine: Machine;
  readonly circumstances: readonly Circumstance[];
  readonly steps: readonly EvidenceStep[];
  /** The configuration in force now. */
  readonly configuration: Configuration;
  readonly caseOpen: boolean;
  /** Tools and spares that are not at hand. */
  readonly lacking?: Lacking;
  /** Id of the last step that could not be done before parts came in: what it wanted may be here. Default: null. */
  readonly partsCameAfter?: string | null;
  /** The strategy that was chosen for the case. Default: best value. */
  readonly strategy?: Strategy;
  /**
   * A test order leaves out tests with less than this share, 0 to 1, of the information that is still open. Default 0.03;
   * 0 leaves out only those with no new information.
   */
  readonly skipsBelow?: number;
  /** Why a repair waits for somebody's word; null where nothing has to be agreed. Default: nothing has. */
  readonly asks?: (repair: RepairClass) => string | null;
  /** What minutes and waiting cost. */
  readonly costs?: Costs;
}

/** Tools by name and spares by kind of part that are not at hand. */
export interface Lacking {
  readonly tools: readonly string[];
  readonly spares: readonly string[];
}

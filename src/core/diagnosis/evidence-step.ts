import type { Configuration, Machine } from '../machine';
import type { Circumstance } from '../faults';
import type { Handling, Trial } from '../trials';

/** One thing that was done to the machine and what was seen, ready to be reckoned with. */
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
  /** Chance, 0 to 1, that the outcome was misread or misreported. */
  readonly misreadChance: number;
}

/** What the engine is asked about: one machine and everything done to it so far. */
export interface DiagnosisInput {
  readonly machine: Machine;
  readonly circumstances: readonly Circumstance[];
  readonly steps: readonly EvidenceStep[];
  /** The configuration in force now. */
  readonly configuration: Configuration;
  readonly caseOpen: boolean;
}

import type { RepairClass } from '../faults';
import type { PartKind } from '../machine';
import type { CautionId, OutcomeOption, RecommendedWait } from '../trials';
import type { AdviceKind } from './advice/situation';
import type { Confirmation } from './advice/confirmation';
import type { CountedCure } from './advice/cure-by-count';
import type { EntryFit } from './belief/fit-entries';
import type { Proving } from './advice/proving';
import type { LinkStanding } from './belief/link-states';
import type { StopRule } from './planning/stop-rule';
import type { Surprise } from './belief/surprise';
import type { EvidenceWeight } from './belief/weigh-evidence';

/** A trial as it is shown and printed: plain data. */
export interface TrialView {
  readonly id: string;
  readonly title: string;
  readonly purpose: string;
  readonly steps: readonly string[];
  readonly cautions: readonly CautionId[];
  readonly tools: readonly string[];
  readonly spares: readonly PartKind[];
  /** What it needs and is not at hand. */
  readonly lacks: readonly string[];
  /** Why it is not proposed now, in a sentence; null where nothing stands against it. */
  readonly blocked: string | null;
  readonly minutes: number;
  readonly bits: number;
  readonly kind: 'start' | 'look' | 'measure';
  /** A start that is watched through minutes of full load. */
  readonly isUnderLoad: boolean;
  /** In volts, for a measurement. */
  readonly limits: { readonly lowVolts: number; readonly highVolts: number; readonly nominalVolts: number } | null;
  /** The configuration changes in words. */
  readonly changes: string;
  /** Ids of the parts that it is about or that it changes. */
  readonly touches: readonly string[];
  readonly wait: RecommendedWait | null;
  readonly outcomes: readonly OutcomeView[];
}

export interface OutcomeView extends OutcomeOption {
  /** Null where the trial is blocked: what it would show is not computed. */
  readonly probability: number | null;
  /** Who would lead after this outcome, and of what is read at a glance the part at which all faults together would. */
  readonly then: {
    readonly title: string;
    readonly probability: number;
    readonly part?: { readonly name: string; readonly probability: number };
  } | null;
}

export interface SuspectView {
  readonly fault: string;
  readonly title: string;
  readonly reason: string;
  readonly part: string | null;
  readonly partName: string | null;
  readonly link: LinkStanding['link'];
  readonly probability: number;
  readonly somethingElse: boolean;
  /** It was repaired, and something still stops the machine: another fault is there as well. */
  readonly isRepaired: boolean;
  readonly repair: Pick<RepairClass, 'id' | 'title' | 'minutes' | 'price' | 'buys'>;
  readonly confirmation: Confirmation;
  /** Turns of away, back, away that the log has made for its repair, 0 to 4 and on. */
  readonly proofTurns: number;
  /** Where its repair was done and cannot be undone: the starts that prove it. */
  readonly cure: CountedCure | null;
  readonly priorDecibans: number;
  readonly priorSource: string;
  readonly evidence: readonly EvidenceWeight[];
}

/** Two faults as one cause. */
export interface JointView {
  readonly title: string;
  readonly reason: string;
  /** Ids of the two faults. */
  readonly faults: readonly string[];
  readonly titles: readonly string[];
  /** Probability that just these two are there. */
  readonly probability: number;
}

/** Everything the engine says about a case: plain data, the same in worker, server and command line. */
export interface Diagnosis {
  /** Likeliest first; what the catalogue does not know comes after all that it does. */
  readonly suspects: readonly SuspectView[];
  /** Faults that one event brought about together, likeliest first; they stand among the suspects too. */
  readonly together: readonly JointView[];
  readonly links: readonly LinkStanding[];
  /** Probability that the fault that counts now is repaired by each repair, highest first; they sum to 1. */
  readonly repairs: readonly { readonly repair: string; readonly title: string; readonly probability: number }[];
  /** Probability of a fault at each part, by part id. */
  readonly parts: Readonly<Record<string, number>>;
  readonly rightProbability: number;
  /** For parts on the bench: their verdicts, and the starts ahead. Null for a machine with a complaint. */
  readonly proving: Proving | null;
  /** Entries that fit badly with all the others, worst first: they may be mistaken. */
  readonly doubts: readonly EntryFit[];
  /** How improbable the log is, against what is usual. */
  readonly surprise: Surprise;
  /** Whether one more test pays. */
  readonly stopRule: StopRule;
  readonly advice: { readonly kind: AdviceKind; readonly why: string; readonly trial: TrialView | null };
  /** Other trials, best first. */
  readonly alternatives: readonly TrialView[];
}

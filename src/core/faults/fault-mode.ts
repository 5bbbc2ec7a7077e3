import type { Configuration, Machine, Part, PartKind } from '../machine';
import type { CutOutCause, LinkId, StartOutcome } from '../startup';
import type { HandlingAct } from './handling-act';
import type { RepairId } from './repair';

/** What is known of a case besides its parts; each makes some faults likelier. */
export const CIRCUMSTANCES = [
  'new-build',
  'used-parts',
  'moved',
  'spill',
  'smoke',
  'breaker-trips',
  'processor-changed',
  'newer-processor',
  'memory-changed',
  'card-changed',
  'drive-added',
  'supply-changed',
  'cooler-touched',
  'owner-inside',
  'settings-changed',
  'firmware-updated',
  'storm',
  'old',
  'comes-and-goes',
] as const;

export type Circumstance = (typeof CIRCUMSTANCES)[number];

/** One way in which a fault shows when it stops a start. A machine keeps to one way. */
export interface Presentation {
  /** "stage": whatever the board can show of the stage of the fault's own link. "no-picture": a dark screen. */
  readonly as: StartOutcome | 'stage' | 'no-picture';
  readonly weight: number;
  /** The link at which it stops a start in this way. Default: that of the fault. */
  readonly link?: LinkId;
  /** Probability, 0 to 1, that it stops an attempt in this way. Default: that of the fault; 0 shows only to a look. */
  readonly stops?: number;
}

/** What an inspection sees of a fault that is present. */
export interface Sighting {
  readonly look: string;
  readonly as: string;
  /** Probability, 0 to 1, that the inspection notices it. */
  readonly probability: number;
}

/** What a meter reads when a fault is present: a normal spread of volts around a mean. */
export interface FaultReading {
  readonly quantity: string;
  readonly meanVolts: number;
  readonly spreadVolts: number;
}

/** Where a fault can act and where it is bypassed, seen from one configuration. */
export interface Scene {
  readonly machine: Machine;
  readonly configuration: Configuration;
  readonly part: Part;
}

export interface FaultMode {
  readonly id: string;
  readonly link: LinkId;
  /** One instance for each part of this kind. */
  readonly at: PartKind;
  /** What a technician calls it; {part} stands for the part's name. */
  readonly title: string;
  /** Why it stops the link, in one sentence. */
  readonly reason: string;
  /** The standard and its section that the reason rests on. Default: engineering judgement. */
  readonly source?: string;
  readonly presentations: readonly Presentation[];
  /** Nothing is stuck, and the board is at work: a code on its display still moves. */
  readonly isProgress?: boolean;
  /** Of what makes it go off at work: how it does so. */
  readonly cutsOut?: CutOutCause;
  /** Probability, 0 to 1, that it stops one attempt. Default 1; less for intermittent faults. */
  readonly stopProbability?: number;
  /** The same by what was noted of the machine; null where that says nothing of it. */
  readonly stopsIn?: (machine: Machine) => number | null;
  /** Of a fault at load: probability, 0 to 1, that the start is already too much. Default 0. */
  readonly stopsStartIn?: (machine: Machine) => number;
  /** Machines in which it can exist. Default: all that have the part. */
  readonly existsIn?: (machine: Machine, part: Part) => boolean;
  /** Configurations in which it can act. Default: while the original part is attached. */
  readonly actsIn?: (scene: Scene) => boolean;
  /** Probabilities, 0 to 1, that handling of the part removes it. */
  readonly cures?: Partial<Record<HandlingAct, number>>;
  readonly repair: RepairId;
  /** Where the repair is done at another part than the fault shows at: the first part of that kind. */
  readonly repairedAt?: {
    readonly kind: PartKind;
    readonly repair: RepairId;
    /** Default: in every machine. */
    readonly when?: (machine: Machine) => boolean;
  };
  readonly sightings?: readonly Sighting[];
  readonly readings?: readonly FaultReading[];
  readonly prior: Prior;
}

export interface Prior {
  /** Cases in a thousand in which this mode is the cause, in a machine with one such part. */
  readonly weight: number;
  readonly source: string;
  /** Factors on the weight. */
  readonly times?: Partial<Record<Circumstance, number>>;
  /** A further factor, by what was noted of the machine. Default: 1. */
  readonly inMachine?: (machine: Machine) => number;
}

/** The source of every weight until a shop's own record replaces it. */
export const engineeringJudgement = 'engineering judgement';

/** A prior from engineering judgement, in cases of a thousand. */
export function judged(weight: number, times: Partial<Record<Circumstance, number>> = {}): Prior {
  return { weight, source: engineeringJudgement, times };
}

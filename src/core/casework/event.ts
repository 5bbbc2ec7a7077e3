import type { AttachmentEvent } from './attachment-events';
import type { EventBase } from './event-base';
import type { MoneyEvent } from './money-events';
import type { PartHome, PartLent, PartMoved } from './part-events';
import type { Strategy } from '../diagnosis';
import type { FlashMethod } from '../firmware';
import type { Circumstance } from '../faults';
import type { Change, BoardFacts, DeclaredMachine, DeclaredPart, PartKind } from '../machine';
import type { MarkedPhase, MeterAccuracy, PowerSheet, RailLoad, MeasuredQuantity, WallReading } from '../power';
import type { StartOutcome, StartSigns } from '../startup';

/** How a case can end. */
export const ENDINGS = ['repaired', 'work-around', 'nothing-wrong', 'parts-tested', 'returned', 'given-up'] as const;
export type Ending = (typeof ENDINGS)[number];

/** What the owner says of the data on the machine. */
export const DATA_CONSENTS = ['may-be-lost', 'ask-first', 'must-be-kept'] as const;
export type DataConsent = (typeof DATA_CONSENTS)[number];

/** What has to be agreed before it is done. */
export const CONSENT_KINDS = [
  'data-may-be-lost',
  'over-limit',
  'workaround',
  'password-clearing',
  'beyond-warranty',
] as const;
export type ConsentKind = (typeof CONSENT_KINDS)[number];

export const CONSENT_WAYS = ['in-person', 'telephone', 'in-writing'] as const;
export type ConsentWay = (typeof CONSENT_WAYS)[number];

export interface CaseOpened extends EventBase {
  readonly kind: 'case-opened';
  readonly machine: DeclaredMachine;
  readonly owner: string;
  /** In the owner's words. */
  readonly complaint: string;
  readonly circumstances: readonly Circumstance[];
  /** What happens on pressing the button, as reported; null if nobody can say. */
  readonly reported: StartOutcome | null;
  /** What came with the machine: an adapter, a bag, a drive. */
  readonly handedIn?: string;
  /** What the repair may cost without asking, in the shop's currency. */
  readonly spendingLimit?: number;
  readonly dataConsent?: DataConsent;
}

/** With what a reading was taken. */
export interface ReadingMeter {
  /** What a meter that gave it by itself said that it is. */
  readonly name?: string;
  /** How far it may be off; left out for a usual bench meter. */
  readonly accuracy?: MeterAccuracy;
}

export interface TrialDone extends EventBase {
  readonly kind: 'trial-done';
  readonly trial: string;
  readonly outcome: string;
  /** For a measurement: what the meter read. */
  readonly volts?: number;
  readonly meter?: ReadingMeter;
  /** For a start: what else was seen and heard of it. */
  readonly seen?: StartSigns;
  readonly note?: string;
}

export interface ConfigurationChanged extends EventBase {
  readonly kind: 'configuration-changed';
  readonly changes: readonly Change[];
}

export interface NoteAdded extends EventBase {
  readonly kind: 'note-added';
  readonly text: string;
}

/** The correcting event: the entry stays in the log and no longer counts. */
export interface EntryStruck extends EventBase {
  readonly kind: 'entry-struck';
  readonly entry: string;
  readonly reason: string;
}

export interface CaseParked extends EventBase {
  readonly kind: 'case-parked';
  readonly waitingFor: string;
  /** Until when it is thought to wait: ISO 8601 with zone. Left out where nobody can say. */
  readonly until?: string;
}

export const PART_CONDITIONS = ['new', 'used', 'worn', 'damaged'] as const;
export type PartCondition = (typeof PART_CONDITIONS)[number];

/** Facts of one part; what is given takes the place of what was noted before. */
export interface PartNoted extends EventBase {
  readonly kind: 'part-noted';
  readonly part: string;
  /** Of a module: megatransfers a second, as its label says. */
  readonly ratedMts?: number;
  /** Of a module: megatransfers a second, as the firmware or the system shows it. */
  readonly runningMts?: number;
  /** Price paid, in the shop's currency. */
  readonly paid?: number;
  readonly make?: string;
  readonly model?: string;
  readonly serial?: string;
  /** As its label says it, for instance "650 W". */
  readonly rating?: string;
  readonly condition?: PartCondition;
}

export interface CaseResumed extends EventBase {
  readonly kind: 'case-resumed';
}

/** What the engine said at one moment, kept so that a later model does not change what was said then. */
export interface ClosingDiagnosis {
  /** MODEL_VERSION of the program that said it. */
  readonly model: string;
  readonly rightProbability: number;
  /** The likeliest causes, likeliest first, five at most. */
  readonly leading: readonly { readonly title: string; readonly probability: number }[];
}

export interface CaseClosed extends EventBase {
  readonly kind: 'case-closed';
  readonly ending: Ending;
  /** The id of the fault found, or null when it is none that the engine knows. */
  readonly fault: string | null;
  /** The cause in words. */
  readonly cause: string;
  readonly done: string;
  readonly diagnosis?: ClosingDiagnosis;
  /** What was looked at before it left, and what was accepted as open by the one who closed it. */
  readonly lastCheck?: { readonly done: readonly string[]; readonly accepted: readonly string[] };
  /** Ids of spares that stay out beyond the end of the case. */
  readonly stillLent?: readonly string[];
}

export interface CaseReopened extends EventBase {
  readonly kind: 'case-reopened';
  readonly reason: string;
}

/** The strategy is chosen for the case. */
export interface StrategyChosen extends EventBase {
  readonly kind: 'strategy-chosen';
  readonly strategy: Strategy;
}

/** What is not at hand from now on; it takes the place of what was said before. */
export interface LackingSet extends EventBase {
  readonly kind: 'lacking-set';
  /** Names as trials give them. */
  readonly tools: readonly string[];
  /** Kinds of part of which there is no spare. */
  readonly spares: readonly PartKind[];
}

/** What the owner tried before the machine came in, and what it did then; it can be told at any time. */
export interface OwnerTried extends EventBase {
  readonly kind: 'owner-tried';
  /** The id of the trial that does the same on the machine as found. */
  readonly trial: string;
  /** "not-sure": tried, and nobody can say what it did. */
  readonly outcome: StartOutcome | 'not-sure';
}

/** The machine is off, the cord out, the button pressed until nothing is left. */
export interface SwitchedOff extends EventBase {
  readonly kind: 'switched-off';
}

/** What is known of the case besides its parts, learned at any time; it takes the place of what was said before. */
export interface CircumstancesSet extends EventBase {
  readonly kind: 'circumstances-set';
  readonly circumstances: readonly Circumstance[];
  /** The owner said so, or it was found at the bench. */
  readonly source: 'owner' | 'bench';
}

/** Facts of a board that can turn out otherwise than declared. */
export type CorrectedBoard = Partial<
  Pick<
    BoardFacts,
    'stageLights' | 'checkpointDisplay' | 'speaker' | 'standbyLight' | 'trainsMemory' | 'switchOnBoard' | 'form'
  >
>;

/** The machine is otherwise than it was written down at intake: only what was wrong. It was so all along. */
export interface MachineCorrected extends EventBase {
  readonly kind: 'machine-corrected';
  readonly board?: CorrectedBoard;
  readonly builtInGraphics?: boolean;
  /** Parts that were forgotten; they are in it as found. */
  readonly added?: readonly DeclaredPart[];
}

/** Which board it is and what is on it now, as read at the bench. */
export interface BoardNoted extends EventBase {
  readonly kind: 'board-noted';
  /** Its id in the shop's board book. */
  readonly board: string;
  readonly model: string;
  readonly revision: string;
  /** Null where the version could not be read. */
  readonly installed: string | null;
}

export const FLASH_PURPOSES = ['update', 'recover', 'roll-back'] as const;
export type FlashPurpose = (typeof FLASH_PURPOSES)[number];
/** finished: the light or the menu said so. gave-up: nothing was written. interrupted: power went while it wrote. */
export const FLASH_ENDS = ['finished', 'gave-up', 'interrupted', 'unsure'] as const;
export type FlashEnd = (typeof FLASH_ENDS)[number];

/** An attempt to write firmware. */
export interface FirmwareFlashed extends EventBase {
  readonly kind: 'firmware-flashed';
  readonly method: FlashMethod;
  readonly purpose: FlashPurpose;
  readonly from: string | null;
  /** Null where it came from the second image, whose version nobody knew. */
  readonly to: string | null;
  readonly end: FlashEnd;
  /** From the first blink to the end, where it was watched. */
  readonly seconds?: number;
  /** For one that gave up: the likeliest reason, in words. */
  readonly reason?: string;
  /** Why an image that is not the one of the board book was flashed all the same: a lead's decision. */
  readonly againstBook?: string;
  /** The image that was on before, saved first. */
  readonly backup?: { readonly name: string; readonly sha256: string };
}

/** The version that is shown after a flash, and what was set again. */
export interface FirmwareVerified extends EventBase {
  readonly kind: 'firmware-verified';
  readonly version: string;
  readonly setAgain: readonly string[];
  /** What was done before the first start. */
  readonly done?: readonly string[];
}

/** What draws, what feeds it and over which leads; it takes the place of what was noted before. */
export interface PowerNoted extends EventBase {
  readonly kind: 'power-noted';
  readonly sheet: PowerSheet;
  /** The supply and the leads are those of the spare that is in; left out for the machine's own. */
  readonly of?: 'spare';
}

/** What a meter showed that is no reading of a trial. */
export interface PowerReading {
  readonly quantity: MeasuredQuantity;
  readonly at: RailLoad;
  /** In volts; of power-good the milliseconds until it rose; of ripple in volts peak to peak. */
  readonly value: number;
  /** Left out for a usual bench meter. */
  readonly accuracy?: MeterAccuracy;
  /** What the meter said that it is. */
  readonly meter?: string;
}

/** A wall meter's trace, thinned out so that no extreme is lost. */
export interface WallTrace {
  readonly readings: readonly WallReading[];
  readonly phases: readonly MarkedPhase[];
}

/** A reading or a trace, taken at the power bench. */
export interface PowerMeasured extends EventBase {
  readonly kind: 'power-measured';
  readonly reading?: PowerReading;
  readonly trace?: WallTrace;
  readonly note?: string;
}

/** The owner, or somebody for the owner, agreed to something or did not; the last word of each kind counts. */
export interface ConsentNoted extends EventBase {
  readonly kind: 'consent-noted';
  readonly to: ConsentKind;
  readonly isAgreed: boolean;
  readonly way: ConsentWay;
  /** In whose words and to what; who it was where it was not the owner. */
  readonly words: string;
  /** Of a password: what was shown as proof of ownership. Whose entry it is saw it. */
  readonly shown?: string;
  /** The id of the entry of the estimate that it answers. */
  readonly answers?: string;
  /** Over the limit: what it may cost now, in the shop's currency. */
  readonly upTo?: number;
}

/** An entry that this program cannot read: another version wrote it. It is kept and counts for nothing. */
export interface UnreadEntry extends EventBase {
  readonly kind: 'unread';
  /** What kind of event it says it is. */
  readonly writtenKind: string;
}

/** What can be written into a case's log. */
export type WritableEvent =
  | CaseOpened
  | TrialDone
  | ConfigurationChanged
  | NoteAdded
  | EntryStruck
  | CaseParked
  | CaseResumed
  | CaseClosed
  | CaseReopened
  | StrategyChosen
  | LackingSet
  | OwnerTried
  | SwitchedOff
  | CircumstancesSet
  | MachineCorrected
  | PartNoted
  | BoardNoted
  | FirmwareFlashed
  | FirmwareVerified
  | PowerNoted
  | PowerMeasured
  | ConsentNoted
  | PartLent
  | PartHome
  | PartMoved
  | MoneyEvent
  | AttachmentEvent;

/** Everything that can stand in a case's log. */
export type CaseEvent = WritableEvent | UnreadEntry;

export type CaseEventKind = CaseEvent['kind'];

/** Omit that keeps the members of a union apart. */
type WithoutBase<T> = T extends unknown ? Omit<T, keyof EventBase> : never;

/** What an event says, without its id, time and person. */
export type EventBody = WithoutBase<WritableEvent>;

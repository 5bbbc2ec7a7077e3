import type { AttachmentKind, Mark } from '../attachments';
import type { ModuleSpeed } from '../isolation';
import type { Configuration, DeclaredMachine, Machine } from '../machine';
import type { EvidenceStep, Lacking, Strategy } from '../diagnosis';
import type { Circumstance } from '../faults';
import type { PowerSheet } from '../power';
import type { Trial } from '../trials';
import type { FileAttached } from './attachment-events';
import type {
  BoardNoted,
  CaseClosed,
  CaseEvent,
  CaseOpened,
  ConsentNoted,
  FirmwareFlashed,
  FirmwareVerified,
  PartCondition,
  PowerMeasured,
} from './event';
import type { ChargeNoted, DecisionNoted, EstimateGiven, TimeCorrected } from './money-events';
import type { PartMoved, SpareResult } from './part-events';

/** Where a case stands. */
export const CASE_STAGES = ['waiting', 'on-bench', 'parked', 'closed'] as const;
export type CaseStage = (typeof CASE_STAGES)[number];

/** One line of the bench sheet. */
export interface Entry {
  readonly event: CaseEvent;
  /** Set when a later event struck it. */
  readonly struckBy: string | null;
  readonly trial: Trial | null;
  /** What was changed for it, in words. */
  readonly changes: string;
  /** Why this program cannot read it: it is kept and counts for nothing. Null for all others. */
  readonly unread: string | null;
}

/** What was noted of one part; null for what was not. */
export interface PartFacts extends ModuleSpeed, PartIdentity {
  /** In the shop's currency. */
  readonly paid: number | null;
}

/** What a part is, as its label and a look say. */
export interface PartIdentity {
  readonly make: string | null;
  readonly model: string | null;
  readonly serial: string | null;
  readonly rating: string | null;
  readonly condition: PartCondition | null;
}

/** What the log says of the board's firmware. */
export interface FirmwareState {
  readonly board: BoardNoted | null;
  /** The version that should be on now; null where nobody knows. */
  readonly installed: string | null;
  readonly flashes: readonly FirmwareFlashed[];
  /** How many steps the log had before the last flash. */
  readonly stepsBeforeFlash: number;
  /** Set once the version was read after the last flash. */
  readonly verified: FirmwareVerified | null;
}

/** What the log says of the machine's power. */
export interface PowerState {
  /** With its own supply and leads; null where nobody noted them. */
  readonly own: PowerSheet | null;
  /** The same with the spare supply. */
  readonly spare: PowerSheet | null;
  readonly measured: readonly PowerMeasured[];
}

/** A spare of the shelf that is out for a case. */
export interface SpareOut {
  /** Its id on the shelf. */
  readonly item: string;
  readonly name: string;
  /** The part in whose place it stands. */
  readonly part: string;
  readonly serial: string | null;
  /** ISO 8601. */
  readonly since: string;
}

/** The same once it is back. */
export interface SpareHome extends SpareOut {
  readonly result: SpareResult;
  /** When it came back: ISO 8601. */
  readonly home: string;
}

/** What belongs to the bill besides parts. */
export interface MoneyState {
  readonly charges: readonly ChargeNoted[];
  /** The last one of each person. */
  readonly corrected: readonly TimeCorrected[];
  readonly estimate: EstimateGiven | null;
  readonly decision: DecisionNoted | null;
}

/** A photo or another file of a case, as it stands now. */
export interface Attachment {
  /** The entry that attached it. */
  readonly entry: string;
  /** Under which its bytes are kept. */
  readonly file: string;
  readonly as: AttachmentKind;
  /** What it shows, or how the file is called. */
  readonly name: string;
  readonly bytes: number;
  /** Hexadecimal. */
  readonly sha256: string;
  /** When it was taken: ISO 8601. */
  readonly at: string;
  readonly by: string;
  /** Of a picture: in pixels. */
  readonly size: { readonly width: number; readonly height: number } | null;
  /** The entry that it belongs to; null for none. */
  readonly of: string | null;
  readonly signs: NonNullable<FileAttached['signs']> | null;
  readonly showsOwner: boolean;
  readonly marks: readonly Mark[];
}

/** A case as its log makes it. */
export interface CaseState {
  readonly opened: CaseOpened;
  /** The machine as it was written down, with what was corrected since. */
  readonly declared: DeclaredMachine;
  readonly machine: Machine;
  readonly configuration: Configuration;
  readonly caseOpen: boolean;
  readonly steps: readonly EvidenceStep[];
  readonly entries: readonly Entry[];
  readonly stage: CaseStage;
  readonly waitingFor: string | null;
  /** ISO 8601; null where nobody can say. */
  readonly waitingUntil: string | null;
  /** The last thing that could not be done before a part came in, or the case back from waiting; null if there was none. */
  readonly partsCameAfter: string | null;
  readonly closed: CaseClosed | null;
  readonly strategy: Strategy;
  readonly lacking: Lacking;
  /** As reported at intake, or as learned since. */
  readonly circumstances: readonly Circumstance[];
  /** What was noted of parts, by part id. */
  readonly partFacts: Readonly<Record<string, PartFacts>>;
  readonly firmware: FirmwareState;
  readonly power: PowerState;
  /** The last word of each kind. */
  readonly consents: readonly ConsentNoted[];
  readonly sparesOut: readonly SpareOut[];
  readonly sparesHome: readonly SpareHome[];
  /** Parts that came and went, in order. */
  readonly partMoves: readonly PartMoved[];
  readonly money: MoneyState;
  /** In the order in which they came. */
  readonly attachments: readonly Attachment[];
}

/** Why an event or a log is refused, and where. */
export interface CaseProblem {
  /** Index of the event in the log. */
  readonly event: number;
  /** Path of the field within the event. */
  readonly path: readonly (string | number)[];
  readonly code: string;
  /** expected what, found value (what to do). */
  readonly message: string;
}

export type Folded =
  { readonly ok: true; readonly state: CaseState } | { readonly ok: false; readonly problem: CaseProblem };

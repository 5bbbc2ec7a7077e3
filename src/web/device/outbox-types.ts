import type { CaseEvent } from '../../core/casework';

/** Events that were written together: they are stored together or not at all. */
export interface Batch {
  /** Sorts by when it was written on this device; no two are alike. */
  readonly key: string;
  readonly personId: string;
  readonly caseId: string;
  readonly events: readonly CaseEvent[];
  /** What its writer had seen of the case. Missing in what an earlier version left: then all that is known counts as seen. */
  readonly seen?: Seen;
  /** Why the server refused it. It is not sent again: it stays to be seen and saved as a file. */
  readonly refused?: string;
}

/** The part of a log that somebody has seen. */
export interface Seen {
  /** Up to this sequence ... */
  readonly sequence: number;
  /** ... and of what came later these: what was on its way from here, and what a decision was made about. */
  readonly ids: readonly string[];
}

/** Where batches are kept until they are stored: survives a closed tab. */
export interface OutboxStorage {
  readonly all: () => Promise<Batch[]>;
  readonly put: (batch: Batch) => Promise<void>;
  readonly remove: (key: string) => Promise<void>;
}

/** What became of a batch that was sent. */
export type Sent =
  | { readonly kind: 'stored' }
  /** Somebody else wrote first; what they wrote is in view now. */
  | { readonly kind: 'conflict'; readonly theirs: readonly CaseEvent[] }
  | { readonly kind: 'refused'; readonly message: string }
  /** Nobody answered, or nobody who could judge it: it is sent again. */
  | { readonly kind: 'away'; readonly reason?: string };

export type Trouble =
  | { readonly kind: 'refused'; readonly message: string; readonly events: readonly CaseEvent[] }
  | { readonly kind: 'conflict'; readonly theirs: readonly CaseEvent[] }
  /** Theirs and mine were put in order without asking: said plainly. */
  | { readonly kind: 'appended-after'; readonly theirs: readonly CaseEvent[] };

export interface OutboxState {
  /** What is not stored yet, by case, in order. */
  readonly waiting: Readonly<Record<string, readonly CaseEvent[]>>;
  readonly isAway: boolean;
  /** Why, where the server says so: null where nobody answers. */
  readonly awayReason: string | null;
  readonly troubles: Readonly<Record<string, Trouble>>;
  /** Ids of entries that this device could not keep: they go with the tab. */
  readonly unkept: ReadonlySet<string>;
}

export interface OutboxParts {
  readonly storage: OutboxStorage;
  /** Sends a batch behind all that is known of its case. */
  readonly send: (batch: Batch) => Promise<Sent>;
  readonly onChange: (state: OutboxState) => void;
  /** The sequence of the last event that this window shows of a case; null where it shows none. */
  readonly shown: (caseId: string) => number | null;
  /** A key behind all that were given before. */
  readonly newKey: () => string;
  /** Calls back after some milliseconds; returns how to cancel it. */
  readonly later: (work: () => void, ms: number) => () => void;
}

export interface Outbox {
  /** Takes up what an earlier visit of this person left, and sends it. */
  readonly begin: (personId: string) => Promise<void>;
  /**
   * Keeps events and sends them, one batch after the other. Resolves true once they are stored, or are safely kept while
   * nobody answers; false if they were refused or wait for a decision.
   */
  readonly write: (caseId: string, events: readonly CaseEvent[]) => Promise<boolean>;
  /** Sends at once what waits. */
  readonly hurry: () => void;
  /** Of entries that conflict with those of others: appends mine after theirs anyway. */
  readonly appendAfter: (caseId: string) => Promise<void>;
  /** Takes back what is not stored of a case. */
  readonly leaveOut: (caseId: string) => Promise<void>;
  /** The word about a case was read; entries that were refused go from the device. */
  readonly dismiss: (caseId: string) => Promise<void>;
}

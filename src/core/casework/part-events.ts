import type { EventBase } from './event-base';
import type { PartCondition } from './event';

/** A spare of the shop's shelf goes to this case. */
export interface PartLent extends EventBase {
  readonly kind: 'part-lent';
  /** Its id on the shelf. */
  readonly item: string;
  /** As the shelf names it. */
  readonly name: string;
  /** The part of the machine in whose place it is to stand. */
  readonly part: string;
  readonly serial?: string;
}

/** What a spare was worth in a case: it worked, it failed, or nobody can say. */
export const SPARE_RESULTS = ['worked', 'failed', 'not-tested'] as const;
export type SpareResult = (typeof SPARE_RESULTS)[number];

/** A spare is back on the shelf. */
export interface PartHome extends EventBase {
  readonly kind: 'part-home';
  readonly item: string;
  readonly result: SpareResult;
  readonly note?: string;
}

/** Where a part went, or where it came from. */
export const PART_WAYS = ['fitted', 'bought', 'taken-out', 'to-owner', 'to-seller', 'kept', 'disposed'] as const;
export type PartWay = (typeof PART_WAYS)[number];

/** An amount in the shop's currency, exact: digits with up to two decimals, for instance "12.50". */
export type Amount = string;

/** A part came or went. */
export interface PartMoved extends EventBase {
  readonly kind: 'part-moved';
  readonly way: PartWay;
  readonly name: string;
  /** The part of the machine that it is, or whose place it takes. */
  readonly part?: string;
  readonly make?: string;
  readonly model?: string;
  readonly serial?: string;
  readonly rating?: string;
  readonly condition?: PartCondition;
  /** What was paid for it alone. */
  readonly price?: Amount;
  /** It came with others for one price: what was paid for all, and how many they were. */
  readonly lot?: { readonly paid: Amount; readonly of: number };
  readonly seller?: string;
  /** The last day of the warranty: YYYY-MM-DD. */
  readonly warrantyUntil?: string;
  readonly note?: string;
}

export type PartEvent = PartLent | PartHome | PartMoved;

/** True of what came, went, or was lent. */
export const isPartEvent = <T extends { readonly kind: string }>(event: T): event is T & PartEvent =>
  event.kind === 'part-lent' || event.kind === 'part-home' || event.kind === 'part-moved';

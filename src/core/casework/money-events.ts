import type { EventBase } from './event-base';
import type { Amount } from './part-events';

/** What a charge is for. A discount and a deposit lessen what is due, the deposit after tax. */
export const CHARGE_KINDS = ['service', 'outside-work', 'discount', 'deposit'] as const;
export type ChargeKind = (typeof CHARGE_KINDS)[number];

/** Something besides work and parts that stands on the bill. */
export interface ChargeNoted extends EventBase {
  readonly kind: 'charge-noted';
  readonly of: ChargeKind;
  readonly name: string;
  /** Without tax; of a deposit what was paid. */
  readonly amount: Amount;
}

/** The minutes of work of one person, where the log does not say them rightly; the last one of each counts. */
export interface TimeCorrected extends EventBase {
  readonly kind: 'time-corrected';
  /** By name, as entries give it. */
  readonly person: string;
  readonly minutes: number;
  readonly reason: string;
}

/** What the owner was told that it will cost, with tax; the last one counts. */
export interface EstimateGiven extends EventBase {
  readonly kind: 'estimate-given';
  readonly low: Amount;
  readonly high: Amount;
  readonly words?: string;
}

/** What can be decided of a machine. */
export const DECISIONS = ['repair', 'return-under-warranty', 'replace-machine', 'work-around', 'give-up'] as const;
export type Decision = (typeof DECISIONS)[number];

/** What was known of the machine besides its fault when it was decided; left out where nobody said. */
export interface Worth {
  /** What it is worth when it runs. */
  readonly value?: Amount;
  /** What a like machine costs. */
  readonly another?: Amount;
  /** What a day without it costs. */
  readonly dayWithout?: Amount;
  /** Days until a part comes. */
  readonly partDays?: number;
  readonly underWarranty?: boolean;
}

/** What the owner chose, and on what; the last one counts. */
export interface DecisionNoted extends EventBase {
  readonly kind: 'decision-noted';
  readonly choice: Decision;
  readonly words?: string;
  readonly worth: Worth;
}

export type MoneyEvent = ChargeNoted | TimeCorrected | EstimateGiven | DecisionNoted;

/** True of what belongs to the bill alone: it leaves machine and judgement as they are. */
export const isMoneyEvent = <T extends { readonly kind: string }>(event: T): event is T & MoneyEvent =>
  ['charge-noted', 'time-corrected', 'estimate-given', 'decision-noted'].includes(event.kind);

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

export type MoneyEvent = ChargeNoted | TimeCorrected | EstimateGiven;

/** True of what belongs to the bill alone: it leaves machine and judgement as they are. */
export const isMoneyEvent = <T extends { readonly kind: string }>(event: T): event is T & MoneyEvent =>
  event.kind === 'charge-noted' || event.kind === 'time-corrected' || event.kind === 'estimate-given';

import type { Amount } from '../casework';
import type { PricedKind } from '../faults';

/** What a shop charges, and how. */
export interface Rates {
  /** ISO 4217, for instance EUR. */
  readonly currency: string;
  /** For an hour of work, without tax; "0" where the shop has not said. */
  readonly hour: Amount;
  /** Percent of tax on work and parts alike. */
  readonly taxPercent: Amount;
  /** Work is billed in steps of this length, each begun one whole. */
  readonly stepMinutes: number;
  /** What is put on the price of a part, in percent. */
  readonly onPartsPercent: Amount;
  /** What parts usually cost the shop, by kind; of others the usual price is taken. */
  readonly partPrices: Readonly<Partial<Record<PricedKind, Amount>>>;
}

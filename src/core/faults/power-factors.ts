import type { Machine } from '../machine';

/**
 * What the budget of a machine says of its faults, as factors on their weights: engineering judgement. Where nobody
 * noted a label or leads, nothing follows and the weights stand.
 */

const between = (none: number, certain: number, probability: number): number => none + (certain - none) * probability;

/** A supply may be too worn for what its label covers. */
const tooSmallAtNone = 0.3;
/** Peaks that pass its limit every time are a fair reason to cut out, a sustained load that does leaves no other. */
const tooSmallAtPeaks = 10;
const tooSmallAtSustained = 30;

/** How much likelier the supply is too small than in a machine of which nothing is known. */
export function supplyTooSmallFactor({ power }: Machine): number {
  const { peakPasses = null, sustainedPasses = null } = power?.own ?? {};
  if (peakPasses === null || sustainedPasses === null) return 1;
  return between(between(tooSmallAtNone, tooSmallAtPeaks, peakPasses), tooSmallAtSustained, sustainedPasses);
}

/** The same of a DC adapter, which sags under what it cannot give. */
export const adapterTooSmallFactor = (machine: Machine): number =>
  machine.power?.adapterVolts === null ? 1 : supplyTooSmallFactor(machine);

/** That a lead is split or a chain is a look, and counts as one; an overload makes it worse. */
const overloadFactor = 2.5;

/** By how much likelier the leads of a card are the cause, as they were drawn. */
export const leadsFactor = ({ power }: Machine): number => (power?.own?.leads === 'overloaded' ? overloadFactor : 1);

/** How surely the protection trips: the surer, the surer the sustained load passes the limit. */
export function supplyStops({ power }: Machine): number | null {
  const passes = power?.own?.sustainedPasses ?? null;
  return passes === null ? null : between(0.9, 0.99, passes);
}

/** How surely it trips while the machine starts: where the start alone draws more than it gives. */
export const supplyStopsStart = ({ power }: Machine): number => between(0, 0.9, power?.own?.startPasses ?? 0);

/** A supply that is too small is seldom alone where the leads are stretched as well; with sound ones it is. */
export function chanceOfOverload({ power }: Machine): number | null {
  const own = power?.own;
  if (!own || own.peakPasses === null || own.leads === null) return null;
  return own.leads === 'sound' ? 0.05 : between(0.1, 0.8, own.peakPasses);
}

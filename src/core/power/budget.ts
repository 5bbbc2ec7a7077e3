import { LOADS, type Consumer, type ConsumerKind, type Load } from './consumer';
import type { Rail } from './rail';
import { limitsOf, shareLeft, usualDerating, type Derating, type Limit, type SupplyLabel } from './supply-label';
import { probabilityAbove, quantileOf, sumOfRanges, type WattsRange } from './watts-distribution';

/** A sum in watts: its middle, and what it stays within 19 times in 20. */
export interface Estimate {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}

/** How the machine stands against one limit of the supply. */
export interface LimitStanding {
  readonly limit: Limit;
  /** What is left of the limit after derating, in watts. */
  readonly watts: number;
  readonly loads: Readonly<Record<Load, Estimate>>;
  /** What is left at sustained load, in watts; below 0 where it is too small. */
  readonly headroomWatts: number;
  /** Probability, 0 to 1, that the sustained load passes it. */
  readonly sustainedPasses: number;
  /** The same of a start: typical work, with drives and fans at their peak as they spin up. */
  readonly startPasses: number;
  /** The same that a peak passes it by more than the protection bears. */
  readonly peakPasses: number;
}

export interface PowerBudget {
  readonly loads: Readonly<Record<Load, Estimate>>;
  readonly consumers: readonly { readonly consumer: Consumer; readonly loads: Readonly<Record<Load, WattsRange>> }[];
  /** Every limit of the label, the one that gives first in front; empty without a label. */
  readonly limits: readonly LimitStanding[];
  /** The share of the label that is taken to be left, 0 to 1. */
  readonly shareLeft: number;
}

export interface BudgetOf {
  readonly consumers: readonly Consumer[];
  readonly label?: SupplyLabel | null;
  readonly derating?: Derating;
  /** What was measured over what was estimated: every draw is scaled by it. 1 where nothing was measured. */
  readonly calibration?: WattsRange;
}

const none: WattsRange = { low: 1, high: 1 };

/**
 * What a machine draws, and how that stands against the label of its supply. Each draw is as likely anywhere in its
 * range, and independent of the others; peaks are taken to fall together, which is the worst that can be. Parts of one
 * kind (`count`) are of one make: their draws go together.
 */
export function powerBudget({
  consumers,
  label = null,
  derating = usualDerating,
  calibration = none,
}: BudgetOf): PowerBudget {
  const left = shareLeft(derating);
  const rows = consumers.map((consumer) => ({ consumer, loads: loadsOf(consumer, calibration) }));
  const estimateOn = (load: Load, rails: readonly Rail[] | null) =>
    sumOfRanges(rows.map((row) => on(row, load, rails)));
  const loads = byLoad((load) => toEstimate(estimateOn(load, null)));
  const limits = (label ? limitsOf(label) : []).map((limit): LimitStanding => {
    const watts = limit.watts * left;
    const rails = limit.id === 'total' ? null : limit.rails;
    const sums = byLoad((load) => estimateOn(load, rails));
    const ownLoads = byLoad((load) => toEstimate(sums[load]));
    return {
      limit,
      watts,
      loads: ownLoads,
      headroomWatts: watts - ownLoads.sustained.middle,
      sustainedPasses: probabilityAbove(sums.sustained, watts),
      startPasses: passesAbove(
        rows.map((row) => on(row, loadOfStart(row.consumer), rails)),
        watts,
      ),
      peakPasses: probabilityAbove(sums.peak, watts * derating.peakAllowance),
    };
  });
  return { loads, consumers: rows, limits: limits.sort(firstToGive), shareLeft: left };
}

/** Beyond this a probability is none: judgements are made to a hundredth. */
const negligible = 1e-6;

/** How likely a sum of ranges passes a limit. Far below it nothing is summed: Hoeffding (1963), theorem 2. */
function passesAbove(ranges: readonly WattsRange[], watts: number): number {
  const mean = ranges.reduce((sum, { low, high }) => sum + (low + high) / 2, 0);
  const squares = ranges.reduce((sum, { low, high }) => sum + (high - low) ** 2, 0);
  const room = watts - mean;
  const isFar = room > 0 && Math.exp((-2 * room ** 2) / squares) < negligible;
  return isFar ? 0 : probabilityAbove(sumOfRanges(ranges), watts);
}

/** What has a motor spins up; everything else does typical work while the machine starts. */
const loadOfStart = ({ kind }: Consumer): Load => (spinsUp.includes(kind) ? 'peak' : 'typical');
const spinsUp: readonly ConsumerKind[] = ['hard-drive', 'optical-drive', 'fan', 'pump'];

/** The likeliest to be passed first; among the equally likely the one that is fullest. */
function firstToGive(a: LimitStanding, b: LimitStanding): number {
  const fullness = ({ loads, watts }: LimitStanding) => loads.peak.middle / watts;
  return b.peakPasses - a.peakPasses || fullness(b) - fullness(a);
}

const byLoad = <T>(of: (load: Load) => T): Readonly<Record<Load, T>> =>
  Object.fromEntries(LOADS.map((load) => [load, of(load)])) as Readonly<Record<Load, T>>;

function loadsOf({ draw, count }: Consumer, { low, high }: WattsRange): Readonly<Record<Load, WattsRange>> {
  return byLoad((load) => ({ low: draw[load].low * count * low, high: draw[load].high * count * high }));
}

/** The part of a draw that some rails carry. */
function on(
  { consumer, loads }: { readonly consumer: Consumer; readonly loads: Readonly<Record<Load, WattsRange>> },
  load: Load,
  rails: readonly Rail[] | null,
): WattsRange {
  const share = rails === null ? 1 : rails.reduce((sum, rail) => sum + (consumer.rails[rail] ?? 0), 0);
  return { low: loads[load].low * share, high: loads[load].high * share };
}

const toEstimate = (sum: ReturnType<typeof sumOfRanges>): Estimate => ({
  low: quantileOf(sum, 0.025),
  middle: quantileOf(sum, 0.5),
  high: quantileOf(sum, 0.975),
});

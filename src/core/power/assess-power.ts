import { capitalized } from '../wording';
import { powerBudget, type PowerBudget } from './budget';
import { schoolsOf, whatWouldFit, type SchoolAsks, type WouldFit } from './headroom';
import { nameOf } from './lead-graph';
import {
  leadLoads,
  railLoads,
  unsafeChains,
  weakestOf,
  type LoadedElement,
  type LoadedRail,
  type UnsafeChain,
} from './lead-loads';
import type { PowerPlan } from './power-plan';

/** What a plan comes to. */
export interface PowerAssessment {
  readonly budget: PowerBudget;
  /** The largest demand first: it governs. Each with the least supply that satisfies it. */
  readonly schools: readonly (SchoolAsks & { readonly wouldFit: WouldFit })[];
  readonly leads: readonly LoadedElement[];
  readonly weakest: LoadedElement | null;
  /** Each of several +12 V rails, where it is noted which output is on which. */
  readonly rails: readonly LoadedRail[];
  readonly unsafe: readonly UnsafeChain[];
  readonly verdict: Verdict;
}

export const VERDICTS = ['too-small', 'tight', 'enough', 'no-label'] as const;

/** The one sentence on top, and what it rests on. */
export interface Verdict {
  readonly verdict: (typeof VERDICTS)[number];
  readonly sentence: string;
  /** What the weakest of the leads carries, where that is too much; null otherwise. */
  readonly overload: string | null;
}

/** From this probability on that a peak overloads it the supply is too small; from the other on it is tight. */
const tooOften = 0.5;
const often = 0.05;

/** Judges a plan: budget against label, schools side by side, leads with the weakest, and a sentence. */
export function assessPower({ consumers, supply, derating, leads, calibration }: PowerPlan): PowerAssessment {
  const budget = powerBudget({ consumers, label: supply, derating, calibration });
  const schools = schoolsOf(budget);
  const loaded = leadLoads(leads, (id) => sustainedOf(budget, id));
  const weakest = weakestOf(loaded);
  const onV12 = budget.consumers.reduce(
    (sum, { consumer, loads }) => sum + loads.peak.high * (consumer.rails.v12 ?? 0),
    0,
  );
  return {
    budget,
    schools: schools.map((asks) => ({ ...asks, wouldFit: whatWouldFit(asks, onV12) })),
    leads: loaded,
    weakest,
    rails: railLoads(loaded, supply?.v12Amps ?? []),
    unsafe: unsafeChains(loaded),
    verdict: verdictOf(budget, weakest, whatWouldFit(schools[0] ?? { watts: 0 }, onV12)),
  };
}

/** Connectors warm by what lasts, so leads are judged at the upper end of the sustained load. */
const sustainedOf = ({ consumers }: PowerBudget, id: string): number =>
  consumers.find(({ consumer }) => consumer.id === id)?.loads.sustained.high ?? 0;

function verdictOf({ limits }: PowerBudget, weakest: LoadedElement | null, fit: WouldFit): Verdict {
  const overload =
    weakest && weakest.fullness > 1
      ? `${capitalized(nameOf(weakest.element))} carries ${Math.round(weakest.watts)} W and may carry ${Math.round(weakest.limitWatts)} W.`
      : null;
  const [first] = limits;
  if (!first) return { verdict: 'no-label', sentence: withoutLabel(fit), overload };
  const what = first.limit.id === 'total' ? 'it' : `its ${first.limit.name}`;
  if (limits.some(({ startPasses }) => startPasses >= tooOften))
    return { verdict: 'too-small', sentence: 'Too small: the start alone draws more than it gives.', overload };
  const passes = `peaks overload ${what} ${howOften(first.peakPasses)}`;
  if (first.peakPasses >= tooOften) return { verdict: 'too-small', sentence: `Too small: ${passes}.`, overload };
  if (first.peakPasses >= often) return { verdict: 'tight', sentence: `Tight: ${passes}.`, overload };
  return {
    verdict: 'enough',
    sentence: `Enough: no peak overloads it, ${Math.round(leastHeadroom(limits))} W left at sustained load.`,
    overload,
  };
}

const withoutLabel = ({ ratingWatts, v12Amps }: WouldFit): string =>
  ratingWatts === null
    ? 'No label yet. No supply that is sold is large enough.'
    : `No label yet. A supply of ${ratingWatts} W with ${v12Amps} A on +12 V would be enough.`;

const leastHeadroom = (limits: PowerBudget['limits']): number => Math.min(...limits.map((one) => one.headroomWatts));

/** @example howOften(0.87) // => 'in about 9 of 10 loads' */
function howOften(probability: number): string {
  const tenths = Math.round(10 * probability);
  if (tenths === 10) return 'in nearly every load';
  return `in about ${tenths === 0 ? '1 of 20' : `${tenths} of 10`} loads`;
}

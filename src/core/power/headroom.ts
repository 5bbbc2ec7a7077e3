import type { PowerBudget } from './budget';

/** How people size a supply: each asks for its own number of watts. */
export const SCHOOLS = ['add-100-watts', 'add-percent', 'fit-the-peaks', 'half-load'] as const;
export type School = (typeof SCHOOLS)[number];

export const SCHOOL_NAMES: Readonly<Record<School, string>> = {
  'add-100-watts': 'Add 100 W to the estimate',
  'add-percent': 'Add 30 % to the estimate',
  'fit-the-peaks': 'Fit the peaks',
  'half-load': 'Keep the supply at half load',
};

const percentAdded = 0.3;
const wattsAdded = 100;

export interface SchoolAsks {
  readonly school: School;
  /** The rating that it asks for, in watts. */
  readonly watts: number;
  /** What the supply lacks of it; 0 or less where it has enough; null without a label. */
  readonly shortBy: number | null;
}

/**
 * What each school asks for, the largest first: that one governs. The estimate is the middle of the sustained load; the
 * peaks fit where they do so 19 times in 20; half load is of typical work.
 */
export function schoolsOf({ loads, limits }: Pick<PowerBudget, 'loads' | 'limits'>): SchoolAsks[] {
  const has = limits.find(({ limit }) => limit.id === 'total')?.watts ?? null;
  const asked: Readonly<Record<School, number>> = {
    'add-100-watts': loads.sustained.middle + wattsAdded,
    'add-percent': loads.sustained.middle * (1 + percentAdded),
    'fit-the-peaks': loads.peak.high,
    'half-load': 2 * loads.typical.middle,
  };
  return SCHOOLS.map((school) => ({
    school,
    watts: asked[school],
    shortBy: has === null ? null : asked[school] - has,
  })).sort((a, b) => b.watts - a.watts);
}

/** Ratings that supplies are sold with, in watts. */
const SOLD_RATINGS = [300, 350, 400, 450, 500, 550, 600, 650, 700, 750, 850, 1000, 1200, 1600];

export interface WouldFit {
  /** The least rating that is sold and is enough; null where none is. */
  readonly ratingWatts: number | null;
  /** What +12 V must give at least, in amperes. */
  readonly v12Amps: number;
}

/**
 * The least supply that satisfies a school: its rating and its +12 V. What +12 V carries at peak must fit in its share.
 * @param v12PeakWatts what +12 V carries at peak, in watts
 */
export function whatWouldFit(asks: Pick<SchoolAsks, 'watts'>, v12PeakWatts: number): WouldFit {
  const watts = Math.max(asks.watts, v12PeakWatts);
  return {
    ratingWatts: SOLD_RATINGS.find((rating) => rating >= watts) ?? null,
    v12Amps: Math.ceil(v12PeakWatts / 12),
  };
}

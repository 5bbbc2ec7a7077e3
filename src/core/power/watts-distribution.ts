/** From at least `low` to at most `high`, in watts. */
export interface WattsRange {
  readonly low: number;
  readonly high: number;
}

/**
 * How likely a sum of watts is to be at most a value: the distribution function on a grid from `low` in steps of `step`
 * watts, 0 at its beginning and 1 at its end. A step of 0 stands for a single value.
 */
export interface WattsDistribution {
  readonly low: number;
  readonly step: number;
  readonly atMost: Float64Array;
}

const cells = 1024;

/**
 * The sum of independent draws, each as likely anywhere in its range as elsewhere in it. Exact but for the grid, whose
 * step is the width of the whole over 1024: the distribution function of a sum with one more uniform draw of width w is
 * the mean of the former over the last w watts.
 *
 * @example quantileOf(sumOfRanges([{ low: 10, high: 20 }, { low: 5, high: 5 }]), 0.5) // => 20
 */
export function sumOfRanges(ranges: readonly WattsRange[]): WattsDistribution {
  const low = ranges.reduce((sum, range) => sum + range.low, 0);
  const widths = ranges.map((range) => range.high - range.low).filter((width) => width > 0);
  const whole = widths.reduce((sum, width) => sum + width, 0);
  if (whole === 0) return { low, step: 0, atMost: Float64Array.of(1) };
  const step = whole / cells;
  // Beginning with the widest: a narrow one on a coarse grid would lose its shape as the first.
  const [first = 0, ...others] = widths.sort((a, b) => b - a);
  let atMost = Float64Array.from({ length: cells + 1 }, (_, i) => Math.min(1, (i * step) / first));
  // What is far narrower than a cell changes nothing that the grid could hold.
  for (const width of others) if (width > step / 1000) atMost = meanOverLast(atMost, width / step);
  return { low, step, atMost };
}

/** The mean of a function on a grid over the last `span` cells before each point; 0 before its beginning. */
function meanOverLast(values: Float64Array, span: number): Float64Array<ArrayBuffer> {
  const areas = new Float64Array(values.length);
  for (let i = 1; i < values.length; i++)
    areas[i] = (areas[i - 1] ?? 0) + ((values[i - 1] ?? 0) + (values[i] ?? 0)) / 2;
  // Every window begins as far behind its point, and so as far within a cell.
  const back = Math.ceil(span);
  const rest = back - span;
  const mean = new Float64Array(values.length);
  for (let i = 1; i < values.length; i++) {
    const from = i - back;
    const value = values[from] ?? 0;
    const slope = (values[from + 1] ?? 0) - value;
    const left = from < 0 ? 0 : (areas[from] ?? 0) + rest * value + (rest * rest * slope) / 2;
    mean[i] = Math.min(1, ((areas[i] ?? 0) - left) / span);
  }
  return mean;
}

/** The watts that are not passed with a probability of 0 to 1. @example see `sumOfRanges` */
export function quantileOf({ low, step, atMost }: WattsDistribution, probability: number): number {
  const above = atMost.findIndex((value) => value >= probability);
  if (above <= 0) return above === 0 ? low : low + step * (atMost.length - 1);
  const before = atMost[above - 1] ?? 0;
  const here = atMost[above] ?? 1;
  const share = here === before ? 1 : (probability - before) / (here - before);
  return low + step * (above - 1 + share);
}

/** The probability that the sum passes a limit in watts. */
export function probabilityAbove({ low, step, atMost }: WattsDistribution, limit: number): number {
  if (limit < low) return 1;
  if (step === 0) return 0;
  const at = (limit - low) / step;
  const i = Math.floor(at);
  if (i >= atMost.length - 1) return 0;
  const value = atMost[i] ?? 0;
  return 1 - (value + (at - i) * ((atMost[i + 1] ?? 1) - value));
}

/** The mean of a sum of ranges, in watts. */
export const meanOfRanges = (ranges: readonly WattsRange[]): number =>
  ranges.reduce((sum, { low, high }) => sum + (low + high) / 2, 0);

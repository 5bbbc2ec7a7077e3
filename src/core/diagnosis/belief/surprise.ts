/** How improbable a log is, against what is usual for a log of such trials. In bits. */
export interface Surprise {
  /** Improbability of what was seen: the sum of -log2 of each entry's probability given those before it. */
  readonly bits: number;
  /** What such a log costs on average, if the model is right. */
  readonly usualBits: number;
  /** One standard deviation of it. */
  readonly spreadBits: number;
  /** So far beyond the usual that the record, or the catalogue, must miss something. */
  readonly isUnusual: boolean;
}

/** What one entry adds: how improbable it was, and the mean and variance of that over what it could have shown. */
export interface EntrySurprise {
  readonly bits: number;
  readonly meanBits: number;
  readonly variance: number;
}

/**
 * The surprise of one entry from the probabilities of its outcomes before it was made.
 *
 * @example entrySurprise([0.5, 0.5], 0) // => { bits: 1, meanBits: 1, variance: 0 }
 */
export function entrySurprise(probabilities: ArrayLike<number>, outcome: number): EntrySurprise {
  let meanBits = 0;
  let square = 0;
  for (let o = 0; o < probabilities.length; o++) {
    const p = probabilities[o] ?? 0;
    if (p <= 0) continue;
    const bits = -Math.log2(p);
    meanBits += p * bits;
    square += p * bits * bits;
  }
  return {
    bits: -Math.log2(Math.max(probabilities[outcome] ?? 0, Number.MIN_VALUE)),
    meanBits,
    variance: Math.max(0, square - meanBits ** 2),
  };
}

const unusualDeviations = 3;
const unusualBits = 8;

/**
 * Adds up a log's entries. Unusual: three standard deviations and at least eight bits beyond the mean, and beyond what
 * the cause that was found explains by being rare itself: `rareBits`, see rarityOf.
 */
export function surpriseOf(entries: readonly EntrySurprise[], rareBits = 0): Surprise {
  const sum = (pick: (entry: EntrySurprise) => number) => entries.reduce((total, entry) => total + pick(entry), 0);
  const [bits, usualBits] = [sum((entry) => entry.bits), sum((entry) => entry.meanBits)];
  const spreadBits = Math.sqrt(sum((entry) => entry.variance));
  const excess = bits - usualBits;
  const misfit = excess - rareBits;
  return { bits, usualBits, spreadBits, isUnusual: misfit > unusualDeviations * spreadBits && misfit > unusualBits };
}

/** From this probability on a cause counts as found. */
const minFound = 0.5;

/**
 * By how many bits the likeliest cause has become likelier: a log that tells of a rare one is improbable, and fits. 0
 * where none is likely. Probabilities of each fault before the log and after it.
 *
 * @example rarityOf(Float64Array.of(0.25, 0.75), Float64Array.of(1, 0)) // => 2
 */
export function rarityOf(before: Float64Array, after: Float64Array): number {
  const now = Math.max(0, ...after);
  const prior = before[after.indexOf(now)] ?? 1;
  return now < minFound ? 0 : Math.max(0, Math.log2(now / Math.max(prior, Number.MIN_VALUE)));
}

/** Entropy, in bits, of probabilities that sum to 1. */
export function entropyBits(probabilities: Iterable<number>): number {
  let bits = 0;
  for (const p of probabilities) if (p > 0) bits -= p * Math.log2(p);
  return bits;
}

/**
 * Information, in bits, that an outcome gives about a class: entropy of the outcome less its mean entropy within a
 * class. `joint` has one row a class, one entry an outcome; all entries sum to 1. Never negative.
 *
 * @example informationBits([[0.5, 0], [0, 0.5]]) // => 1
 */
export function informationBits(joint: readonly ArrayLike<number>[]): number {
  const width = joint[0]?.length ?? 0;
  const outcome = new Float64Array(width);
  let within = 0;
  for (const row of joint) {
    let share = 0;
    for (let o = 0; o < width; o++) {
      const p = row[o] ?? 0;
      share += p;
      outcome[o] = (outcome[o] ?? 0) + p;
    }
    if (share > 0) for (let o = 0; o < width; o++) within -= xLog2(row[o] ?? 0, share);
  }
  return Math.max(0, entropyBits(outcome) - within);
}

/** p · log2(p / share), 0 for p = 0. */
const xLog2 = (p: number, share: number): number => (p > 0 ? p * Math.log2(p / share) : 0);

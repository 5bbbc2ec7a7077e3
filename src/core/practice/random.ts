import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Probabilities from a seed, each by a name of its own, so that the same thing falls out whatever is asked before it. */
export type Dice = (name: string) => number;

/**
 * Dice of one seed: uniform in [0, 1), always the same for the same seed and name.
 *
 * @example diceOf(7)('look/rocker') === diceOf(7)('look/rocker') // => true
 */
export const diceOf =
  (seed: number): Dice =>
  (name) =>
    uniformFloat64(xoroshiro128plus(hashOf(name, seed)));

/** FNV-1a over the characters of a name, begun from a seed and mixed at the end: 32 bits. */
function hashOf(name: string, seed: number): number {
  let hash = (0x811c9dc5 ^ seed) >>> 0;
  for (let i = 0; i < name.length; i++) hash = Math.imul(hash ^ name.charCodeAt(i), 0x01000193) >>> 0;
  hash = Math.imul(hash ^ (hash >>> 15), 0x2c1b3c6d) >>> 0;
  return (hash ^ (hash >>> 13)) >>> 0;
}

/** Index drawn by weight: the first whose running sum passes `at` times the total. Weights need not sum to 1. */
export function pick(weights: ArrayLike<number>, at: number): number {
  let total = 0;
  for (let i = 0; i < weights.length; i++) total += weights[i] ?? 0;
  let left = at * total;
  for (let i = 0; i < weights.length; i++) {
    left -= weights[i] ?? 0;
    if (left < 0) return i;
  }
  return weights.length - 1;
}

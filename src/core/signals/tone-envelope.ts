import type { Mono } from './one-channel';

/** Moments of a tone, in seconds. */
export interface Stretch {
  readonly startSeconds: number;
  readonly seconds: number;
  /** Mean height of the tone within, and how much it wavers: its deviation over its mean. */
  readonly height: number;
  readonly waver: number;
  /** The slower of its rise and its fall, from a fifth to four fifths of its height: a speaker is switched, a voice is not. */
  readonly slopeSeconds: number;
}

export interface Envelope {
  readonly stepSeconds: number;
  readonly heights: Float32Array;
}

const stepSeconds = 0.002;
const smoothSeconds = 0.016;

/** How high one frequency stands, every two milliseconds: shifted to zero and smoothed over sixteen. */
export function envelopeOf({ rate, samples }: Mono, hertz: number): Envelope {
  const width = Math.max(1, Math.round(smoothSeconds * rate));
  const step = stepSeconds * rate;
  const count = Math.floor(samples.length / step);
  const heights = new Float32Array(count);
  const turn = (2 * Math.PI * hertz) / rate;
  const real = new Float64Array(samples.length + 1);
  const imaginary = new Float64Array(samples.length + 1);
  for (let i = 0; i < samples.length; i++) {
    const value = samples[i] ?? 0;
    real[i + 1] = (real[i] ?? 0) + value * Math.cos(turn * i);
    imaginary[i + 1] = (imaginary[i] ?? 0) + value * Math.sin(turn * i);
  }
  for (let n = 0; n < count; n++) {
    const middle = Math.round(n * step);
    const from = Math.max(0, middle - (width >> 1));
    const to = Math.min(samples.length, from + width);
    const re = (real[to] ?? 0) - (real[from] ?? 0);
    const im = (imaginary[to] ?? 0) - (imaginary[from] ?? 0);
    heights[n] = (2 * Math.hypot(re, im)) / width;
  }
  return { stepSeconds, heights };
}

/** Gaps shorter than this are dips, tones shorter than this are clicks. */
const leastGapSeconds = 0.03;
const leastToneSeconds = 0.04;

/** Stretches in which a tone stands above a height; what dips for a moment goes on. */
export function stretchesAbove({ heights, stepSeconds: step }: Envelope, least: number): Stretch[] {
  const runs: { from: number; to: number }[] = [];
  for (let n = 0; n < heights.length; n++) {
    if ((heights[n] ?? 0) < least) continue;
    const last = runs.at(-1);
    if (last && (n - last.to) * step < leastGapSeconds) last.to = n + 1;
    else runs.push({ from: n, to: n + 1 });
  }
  return runs
    .filter(({ from, to }) => (to - from) * step >= leastToneSeconds)
    .map(({ from, to }) => ({ startSeconds: from * step, seconds: (to - from) * step, ...shapeOf(heights, from, to) }));
}

function shapeOf(heights: Float32Array, from: number, to: number): Pick<Stretch, 'height' | 'waver' | 'slopeSeconds'> {
  // The slopes at both ends belong to the smoothing.
  const edge = Math.min(Math.floor((to - from) / 4), Math.round(smoothSeconds / stepSeconds));
  const inner = heights.subarray(from + edge, to - edge);
  const height = inner.reduce((sum, one) => sum + one, 0) / Math.max(1, inner.length);
  const spread = inner.reduce((sum, one) => sum + (one - height) ** 2, 0) / Math.max(1, inner.length);
  const slope = Math.max(slopeAt(heights, from, height, 1), slopeAt(heights, to - 1, height, -1));
  return { height, waver: height > 0 ? Math.sqrt(spread) / height : 1, slopeSeconds: slope * stepSeconds };
}

/** Steps from a fifth to four fifths of a height at one end of a tone; `inward` is 1 at its beginning. */
function slopeAt(heights: Float32Array, end: number, height: number, inward: 1 | -1): number {
  let low = end;
  while (low >= 0 && low < heights.length && (heights[low] ?? 0) > 0.2 * height && Math.abs(low - end) < mostSlope)
    low -= inward;
  let high = end;
  while (high >= 0 && high < heights.length && (heights[high] ?? 0) < 0.8 * height && Math.abs(high - end) < mostSlope)
    high += inward;
  return Math.abs(high - low);
}

const mostSlope = 40;

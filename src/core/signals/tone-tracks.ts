import FFT from 'fft.js';
import type { Mono } from './one-channel';

/** Where one frequency stood out for a while. */
export interface ToneTrack {
  readonly fromSeconds: number;
  readonly toSeconds: number;
  readonly hertz: number;
  /** Sum of the tone's power over its frames. */
  readonly energy: number;
}

const windowSamples = 256;
const hopSamples = 64;
const [lowestHertz, highestHertz] = [280, 4080];
/** Least power of a tone over the mean of what lasts around it. */
const standsOut = 25;
/** The same over the median of this very frame; the median of powers of noise is 0.69 of their mean. */
const standsOutNow = 18;
const around = 8;
/** Shorter ones are clicks and syllables. */
const leastFrames = 5;

/** Stretches in which one frequency stands out of all others around it and keeps to its place. */
export function toneTracks({ rate, samples }: Mono): ToneTrack[] {
  const spectra = powerSpectra(samples);
  const hertzEach = rate / windowSamples;
  const first = Math.max(2, Math.ceil(lowestHertz / hertzEach));
  const last = Math.min(windowSamples / 2 - 2, Math.floor(highestHertz / hertzEach));
  const floor = lastingFloor(spectra, first, last);
  const open = new Map<number, { from: number; to: number; places: number[]; energy: number }>();
  const tracks: ToneTrack[] = [];
  const close = (bin: number) => {
    const run = open.get(bin);
    open.delete(bin);
    if (!run || run.to - run.from + 1 < leastFrames) return;
    const place = run.places.reduce((sum, one) => sum + one, 0) / run.places.length;
    tracks.push({
      fromSeconds: (run.from * hopSamples + windowSamples / 2) / rate,
      toSeconds: (run.to * hopSamples + windowSamples / 2) / rate,
      hertz: place * hertzEach,
      energy: run.energy,
    });
  };
  spectra.forEach((power, t) => {
    for (const bin of peaksOf(power, { first, last, floor })) {
      const key = [bin, bin - 1, bin + 1].find((one) => open.get(one)?.to === t - 1) ?? bin;
      const run = open.get(key) ?? { from: t, to: t, places: [], energy: 0 };
      run.to = t;
      run.places.push(refined(power, bin));
      run.energy += power[bin] ?? 0;
      open.set(key, run);
    }
    for (const [bin, { to }] of open) if (to < t) close(bin);
  });
  for (const bin of [...open.keys()]) close(bin);
  return tracks;
}

/** Power by frequency, frame after frame. */
function powerSpectra(samples: Float32Array): Float32Array[] {
  const fft = new FFT(windowSamples);
  const out = fft.createComplexArray();
  const frame = new Array<number>(windowSamples).fill(0);
  const bell = Float32Array.from(
    { length: windowSamples },
    (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / windowSamples),
  );
  const spectra: Float32Array[] = [];
  for (let at = 0; at + windowSamples <= samples.length; at += hopSamples) {
    for (let i = 0; i < windowSamples; i++) frame[i] = (samples[at + i] ?? 0) * (bell[i] ?? 0);
    fft.realTransform(out, frame);
    const power = new Float32Array(windowSamples / 2);
    for (let k = 0; k < power.length; k++) power[k] = (out[2 * k] ?? 0) ** 2 + (out[2 * k + 1] ?? 0) ** 2;
    spectra.push(power);
  }
  return spectra;
}

/** What is always there, by frequency, narrow tones left out: the quietest fifth of the frames, smoothed by a median. */
function lastingFloor(spectra: readonly Float32Array[], first: number, last: number): Float32Array {
  const quiet = new Float32Array(windowSamples / 2);
  const column = new Float32Array(spectra.length);
  for (let k = first; k <= last; k++) {
    spectra.forEach((power, t) => {
      column[t] = power[k] ?? 0;
    });
    column.sort();
    // Powers of noise are spread exponentially: the fifth of them that is lowest says what the mean is.
    quiet[k] = (column[Math.floor(column.length / 5)] ?? 0) / 0.223;
  }
  const floor = new Float32Array(windowSamples / 2);
  for (let k = first; k <= last; k++) floor[k] = medianAround(quiet, k, first, last);
  return floor;
}

function medianAround(values: Float32Array, at: number, first: number, last: number): number {
  const near = values.slice(Math.max(first, at - around), Math.min(last, at + around) + 1).sort();
  return near[near.length >> 1] ?? 0;
}

interface Band {
  readonly first: number;
  readonly last: number;
  readonly floor: Float32Array;
}

/** Frequencies that stand out of the lasting noise and of this very frame. */
function peaksOf(power: Float32Array, { first, last, floor }: Band): number[] {
  const peaks: number[] = [];
  for (let k = first; k <= last; k++) {
    const own = power[k] ?? 0;
    const isPeak = own > (power[k - 1] ?? 0) && own >= (power[k + 1] ?? 0);
    if (!isPeak || own < standsOut * (floor[k] ?? 0) || own < 1e-9) continue;
    if (own >= standsOutNow * medianAround(power, k, first, last)) peaks.push(k);
  }
  return peaks;
}

/** The top of a parabola through a peak and its neighbours. */
function refined(power: Float32Array, bin: number): number {
  const [a, b, c] = [power[bin - 1] ?? 0, power[bin] ?? 0, power[bin + 1] ?? 0].map((one) => Math.log(one + 1e-20));
  const [left, top, right] = [a ?? 0, b ?? 0, c ?? 0];
  const bend = left - 2 * top + right;
  return bend === 0 ? bin : bin + Math.max(-0.5, Math.min(0.5, (0.5 * (left - right)) / bend));
}

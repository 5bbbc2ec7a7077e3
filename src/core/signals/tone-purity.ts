import FFT from 'fft.js';
import type { Mono } from './one-channel';
import type { Stretch } from './tone-envelope';

/** How a stretch differs from a vowel: what stands close beside its frequency, and what it is of all there is. */
export interface Purity {
  /** Power from 60 to 280 Hz beside the tone, on the side with less and twice, over the power of the tone: where the next overtones of a voice lie. */
  readonly beside: number;
  /** The share of the tone and its odd overtones in everything from 280 to 4,080 Hz, 0 to 1. */
  readonly share: number;
}

const mostSamples = 4096;
const [besideFrom, besideTo] = [60, 280];
const [lowestHertz, highestHertz] = [280, 4080];
const edgeSeconds = 0.012;
const ffts = new Map<number, FFT>();

export function purityOf({ rate, samples }: Mono, { startSeconds, seconds }: Stretch, hertz: number): Purity {
  const from = Math.round((startSeconds + edgeSeconds) * rate);
  const count = Math.min(mostSamples, Math.round((seconds - 2 * edgeSeconds) * rate));
  const size = 2 ** Math.ceil(Math.log2(Math.max(64, count)));
  const fft = ffts.get(size) ?? new FFT(size);
  ffts.set(size, fft);
  const frame = new Array<number>(size).fill(0);
  for (let i = 0; i < count; i++)
    frame[i] = (samples[from + i] ?? 0) * (0.5 - 0.5 * Math.cos((2 * Math.PI * i) / Math.max(1, count)));
  const out = fft.createComplexArray();
  fft.realTransform(out, frame);
  const own = Math.max(14, (2.2 * rate) / Math.max(1, count));
  let [tone, below, above, all] = [0, 0, 0, 0];
  for (let k = 0; k < size / 2; k++) {
    const at = (k * rate) / size;
    if (at < lowestHertz - 40 || at > highestHertz) continue;
    const power = (out[2 * k] ?? 0) ** 2 + (out[2 * k + 1] ?? 0) ** 2;
    all += power;
    const away = Math.abs(at - hertz);
    const nth = Math.round(at / hertz);
    if (nth % 2 === 1 && Math.abs(at - nth * hertz) < own * (nth === 1 ? 1 : 1.5)) tone += power;
    else if (away >= Math.max(besideFrom, own) && away <= besideTo) {
      if (at < hertz) below += power;
      else above += power;
    }
  }
  // A voice has overtones on both sides; what a square wave folds back stands on one.
  return { beside: tone > 0 ? (2 * Math.min(below, above)) / tone : 1, share: all > 0 ? tone / all : 0 };
}

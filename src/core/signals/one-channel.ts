import type { Recording } from './wav';

/** What is listened to: one channel at a rate that still carries every tone of a speaker. */
export interface Mono {
  readonly rate: number;
  readonly samples: Float32Array;
}

/** Above this rate nothing of a board's speaker is left to hear. */
const enoughRate = 9000;
/** Filter taps for each sample that is left out. */
const tapsEach = 12;

/** One channel of a recording: what two have in common, or what they have inverted; thinned out as far as tones allow. */
export function oneChannel({ rate, channels }: Recording): Mono {
  const mixed = mix(channels);
  const factor = Math.max(1, Math.floor(rate / enoughRate));
  return factor === 1 ? { rate, samples: mixed } : { rate: rate / factor, samples: thinned(mixed, factor) };
}

function mix([first, ...others]: readonly Float32Array[]): Float32Array {
  const mixed = Float32Array.from(first ?? []);
  for (const other of others) {
    let together = 0;
    for (let i = 0; i < mixed.length; i++) together += (mixed[i] ?? 0) * (other[i] ?? 0);
    const sign = together < 0 ? -1 : 1;
    for (let i = 0; i < mixed.length; i++) mixed[i] = (mixed[i] ?? 0) + sign * (other[i] ?? 0);
  }
  return mixed;
}

/** One sample in `factor`, after what lies above half the new rate is filtered out. */
function thinned(samples: Float32Array, factor: number): Float32Array {
  const half = (tapsEach * factor) / 2;
  const taps = Float32Array.from({ length: 2 * half + 1 }, (_, i) => {
    const x = (i - half) / factor;
    const sinc = x === 0 ? 1 : Math.sin(Math.PI * x * 0.94) / (Math.PI * x * 0.94);
    return sinc * (0.5 + 0.5 * Math.cos((Math.PI * (i - half)) / (half + 1)));
  });
  const sum = taps.reduce((total, tap) => total + tap, 0);
  const thin = new Float32Array(Math.floor(samples.length / factor));
  for (let n = 0; n < thin.length; n++) {
    let value = 0;
    const from = n * factor - half;
    for (let i = 0; i < taps.length; i++) value += (taps[i] ?? 0) * (samples[from + i] ?? 0);
    thin[n] = value / sum;
  }
  return thin;
}

/** One tone of a pattern as a board sounds it. */
export interface Tone {
  readonly startSeconds: number;
  readonly seconds: number;
  readonly hertz: number;
}

const [shortSeconds, longSeconds, gapSeconds, pauseSeconds] = [0.2, 0.8, 0.2, 1.5];
const usualHertz = 900;
const fadeSeconds = 0.005;

/**
 * The tones of a pattern such as "L S S", with the usual lengths: a pause of its own follows each repeat, and a space in
 * the middle is a longer gap. Times from 0.
 */
export function tonesOf(pattern: string, repeats = 1): Tone[] {
  const tones: Tone[] = [];
  let at = 0;
  for (let n = 0; n < repeats; n++) {
    for (const sign of pattern.toUpperCase()) {
      if (sign === 'S' || sign === 'L') {
        const seconds = sign === 'S' ? shortSeconds : longSeconds;
        tones.push({ startSeconds: at, seconds, hertz: usualHertz });
        at += seconds + gapSeconds;
      }
    }
    at += pauseSeconds;
  }
  return tones;
}

/** Tones as samples at a rate, -1 to 1, faded in and out so that they do not click. */
export function soundOf(tones: readonly Tone[], rate: number, seconds: number): Float32Array {
  const samples = new Float32Array(Math.round(seconds * rate));
  for (const { startSeconds, seconds: length, hertz } of tones) {
    const from = Math.round(startSeconds * rate);
    const count = Math.min(Math.round(length * rate), samples.length - from);
    for (let i = 0; i < count; i++) {
      const fade = Math.min(1, i / (fadeSeconds * rate), (count - i) / (fadeSeconds * rate));
      samples[from + i] = 0.5 * fade * Math.sin((2 * Math.PI * hertz * i) / rate);
    }
  }
  return samples;
}

/** Samples as a WAV file: mono, 16 bits. */
export function wavOf(samples: Float32Array, rate: number): Uint8Array {
  const bytes = new Uint8Array(44 + 2 * samples.length);
  const view = new DataView(bytes.buffer);
  const text = (at: number, value: string) => {
    for (let i = 0; i < value.length; i++) bytes[at + i] = value.charCodeAt(i);
  };
  text(0, 'RIFF');
  view.setUint32(4, bytes.length - 8, true);
  text(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, 2 * rate, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  text(36, 'data');
  view.setUint32(40, 2 * samples.length, true);
  samples.forEach((sample, i) => {
    view.setInt16(44 + 2 * i, Math.round(32_767 * Math.max(-1, Math.min(1, sample))), true);
  });
  return bytes;
}

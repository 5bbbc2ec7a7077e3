/** A recording as samples, -1 to 1, one array a channel. */
export interface Recording {
  /** Samples a second. */
  readonly rate: number;
  readonly channels: readonly Float32Array[];
}

export interface SoundProblem {
  readonly code: 'empty' | 'not-audio' | 'cut' | 'unknown-coding' | 'bad-rate' | 'too-long' | 'too-large';
  readonly message: string;
}

export type DecodedWav =
  { readonly ok: true; readonly recording: Recording } | { readonly ok: false; readonly problem: SoundProblem };

export const maxWavBytes = 256 * 2 ** 20;
const maxSeconds = 600;
const [leastRate, mostRate] = [8000, 192_000];
const maxChannels = 8;
const [pcm, float, extensible] = [1, 3, 0xfffe];

const refuse = (code: SoundProblem['code'], message: string): DecodedWav => ({ ok: false, problem: { code, message } });

interface Format {
  readonly coding: number;
  readonly channels: number;
  readonly rate: number;
  readonly bits: number;
}

/**
 * Reads a WAV file (RIFF, linear PCM of 8 to 32 bits or float of 32 or 64, plain or extensible). Sizes are bounded before
 * anything is read. Failure: a problem with a code, never an exception.
 */
export function decodeWav(bytes: Uint8Array): DecodedWav {
  if (bytes.length === 0) return refuse('empty', 'The file is empty.');
  if (bytes.length > maxWavBytes) return refuse('too-large', `Expected at most ${maxWavBytes} bytes.`);
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const textAt = (at: number): string =>
    at + 4 <= bytes.length ? String.fromCharCode(...bytes.subarray(at, at + 4)) : '';
  if (textAt(0) !== 'RIFF' || textAt(8) !== 'WAVE') return refuse('not-audio', 'This is not a WAV file.');
  let format: Format | null = null;
  for (let at = 12; at + 8 <= bytes.length;) {
    const name = textAt(at);
    const length = view.getUint32(at + 4, true);
    const body = at + 8;
    if (name === 'fmt ') {
      if (length < 16 || body + 16 > bytes.length) return refuse('cut', 'The description of the sound is cut off.');
      format = formatAt(view, body, length);
    }
    if (name === 'data') {
      if (!format) return refuse('not-audio', 'The sound comes before its description.');
      return samplesOf(view, { at: body, length, format });
    }
    at = body + length + (length % 2);
  }
  return refuse('cut', 'There is no sound in the file: it is cut off.');
}

function formatAt(view: DataView, at: number, length: number): Format {
  const stated = view.getUint16(at, true);
  const isExtensible = stated === extensible && length >= 26 && at + 26 <= view.byteLength;
  return {
    coding: isExtensible ? view.getUint16(at + 24, true) : stated,
    channels: view.getUint16(at + 2, true),
    rate: view.getUint32(at + 4, true),
    bits: view.getUint16(at + 14, true),
  };
}

type ReadSample = (view: DataView, at: number) => number;

/** How one sample is read, by coding and bits. */
const readers: Readonly<Record<string, ReadSample>> = {
  [`${pcm} 8`]: (view, at) => (view.getUint8(at) - 128) / 128,
  [`${pcm} 16`]: (view, at) => view.getInt16(at, true) / 32_768,
  [`${pcm} 24`]: (view, at) => (view.getUint16(at, true) + view.getInt8(at + 2) * 65_536) / 8_388_608,
  [`${pcm} 32`]: (view, at) => view.getInt32(at, true) / 2_147_483_648,
  [`${float} 32`]: (view, at) => view.getFloat32(at, true),
  [`${float} 64`]: (view, at) => view.getFloat64(at, true),
};

interface Data {
  readonly at: number;
  readonly length: number;
  readonly format: Format;
}

function samplesOf(view: DataView, { at, length, format: { coding, channels: count, rate, bits } }: Data): DecodedWav {
  const read = readers[`${coding} ${bits}`];
  if (!read) return refuse('unknown-coding', `Expected plain samples, found coding ${coding} with ${bits} bits.`);
  if (count < 1 || count > maxChannels) return refuse('unknown-coding', `Expected 1 to 8 channels, found ${count}.`);
  if (rate < leastRate || rate > mostRate)
    return refuse('bad-rate', `Expected ${leastRate} to ${mostRate} samples a second, found ${rate}.`);
  const frameBytes = (count * bits) / 8;
  // A recorder that was stopped hard leaves the length at zero or at its greatest: what is there counts.
  const there = view.byteLength - at;
  const frames = Math.floor((length === 0 || length > there ? there : length) / frameBytes);
  if (frames === 0) return refuse('cut', 'There is no sound in the file: it is cut off.');
  if (frames > maxSeconds * rate) return refuse('too-long', `Expected at most ${maxSeconds / 60} minutes.`);
  const channels = Array.from({ length: count }, (_, channel) => {
    const samples = new Float32Array(frames);
    for (let i = 0; i < frames; i++) {
      const value = read(view, at + i * frameBytes + (channel * bits) / 8);
      samples[i] = Number.isFinite(value) ? value : 0;
    }
    return samples;
  });
  return { ok: true, recording: { rate, channels } };
}

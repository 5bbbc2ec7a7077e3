import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { decodeWav, hearBeeps, soundOf, tonesOf, wavOf, type Recording, type Tone } from '.';

/** Recordings made here: what is heard of them, whatever the rate, the coding, the noise and the channels. */

const sound = (tones: readonly Tone[], { rate = 16_000, seconds = 8 } = {}): Recording => ({
  rate,
  channels: [soundOf(tones, rate, seconds)],
});
const later = (tones: readonly Tone[], by: number): Tone[] =>
  tones.map((tone) => ({ ...tone, startSeconds: tone.startSeconds + by }));
const said = (recording: Recording): string => {
  const { pattern, repeats } = hearBeeps(recording);
  return `${pattern.join('')} x${repeats}`;
};
const codes = (recording: Recording) => hearBeeps(recording).reasons.map(({ code }) => code);

/** White noise at a level, the same at every run. */
function withNoise({ rate, channels }: Recording, level: number): Recording {
  const generator = xoroshiro128plus(5);
  return {
    rate,
    channels: channels.map((samples) =>
      samples.map((sample) => {
        const [a, b] = [uniformFloat64(generator), uniformFloat64(generator)];
        return sample + level * Math.sqrt(-2 * Math.log(a + 1e-12)) * Math.cos(2 * Math.PI * b);
      }),
    ),
  };
}

test.each([
  ['S', 1, 'S x1'],
  ['L S S', 2, 'LSS x2'],
  ['L S S S', 2, 'LSSS x2'],
  ['L L', 2, 'LL x2'],
  ['S S S S S', 2, 'SSSSS x2'],
  ['S L S', 2, 'SLS x2'],
])('"%s" sounded %d times is heard so', (pattern, repeats, heard) => {
  const tones = later(tonesOf(pattern, repeats), 0.4);
  expect(said(sound(tones))).toBe(heard);
  // A tone at half a volt against noise at a quarter: 3 dB.
  expect(said(withNoise(sound(tones), 0.25))).toBe(heard);
});

test('beginnings and ends are right to twenty milliseconds, and the frequency to some hertz', () => {
  const tones = later(tonesOf('L S S', 1), 0.7).map((tone) => ({ ...tone, hertz: 1234 }));
  const { beeps } = hearBeeps(withNoise(sound(tones, { rate: 44_100 }), 0.1));
  expect(beeps).toHaveLength(3);
  beeps.forEach(({ startSeconds, seconds, hertz }, i) => {
    expect(Math.abs(startSeconds - (tones[i]?.startSeconds ?? 0))).toBeLessThan(0.02);
    expect(Math.abs(seconds - (tones[i]?.seconds ?? 0))).toBeLessThan(0.03);
    expect(Math.abs(hertz - 1234)).toBeLessThan(8);
  });
});

test.each([8000, 11_025, 22_050, 44_100, 48_000])('at %d samples a second the same is heard', (rate) => {
  expect(said(sound(later(tonesOf('L S S', 1), 0.5), { rate, seconds: 5 }))).toBe('LSS x1');
});

test('one silent channel, or one that is inverted, takes nothing away', () => {
  const { rate, channels } = sound(later(tonesOf('S S', 1), 0.5), { seconds: 4 });
  const [left = new Float32Array(0)] = channels;
  expect(said({ rate, channels: [left, new Float32Array(left.length)] })).toBe('SS x1');
  expect(said({ rate, channels: [left, left.map((sample) => -sample)] })).toBe('SS x1');
});

test('where all are alike, up to 400 ms are short and from 500 ms long', () => {
  const alike = (seconds: number) => [0.5, 2.5].map((startSeconds) => ({ startSeconds, seconds, hertz: 900 }));
  expect(said(sound(alike(0.35)))).toBe('S x2');
  expect(said(sound(alike(0.6)))).toBe('L x2');
  expect(codes(sound(alike(0.45)))).toContain('between');
});

test('a cut beginning or end is no beep, and says so', () => {
  const tones = [
    { startSeconds: 0, seconds: 0.5, hertz: 900 },
    { startSeconds: 2, seconds: 0.2, hertz: 900 },
    { startSeconds: 3.9, seconds: 0.2, hertz: 900 },
  ];
  const recording = sound(tones, { seconds: 4 });
  expect([said(recording), codes(recording)]).toEqual(['S x1', ['cut-start', 'cut-end']]);
});

test('one tone from end to end is one without end, and hum is none', () => {
  const endless = hearBeeps(sound([{ startSeconds: 0, seconds: 6, hertz: 950 }], { seconds: 6 }));
  expect([endless.continuous, endless.pattern]).toEqual([true, ['L']]);
  const hum = [50, 150, 300, 350].map((hertz) => ({ startSeconds: 0, seconds: 6, hertz }));
  expect(hearBeeps(withNoise(sound(hum, { seconds: 6 }), 0.02)).pattern).toEqual([]);
});

test('silence and noise have nothing to hear', () => {
  const silence = sound([], { seconds: 3 });
  for (const recording of [silence, withNoise(silence, 0.2)]) {
    expect(hearBeeps(recording)).toMatchObject({ pattern: [], repeats: 0, confidence: 0 });
    expect(codes(recording)).toEqual(['nothing']);
  }
});

const wav = wavOf(soundOf(later(tonesOf('S', 1), 0.3), 8000, 2), 8000);
const changed = (at: number, ...bytes: number[]) => {
  const copy = wav.slice();
  copy.set(bytes, at);
  return copy;
};

test('a file that was written is read back', () => {
  const decoded = decodeWav(wav);
  expect(decoded.ok && [decoded.recording.rate, said(decoded.recording)]).toEqual([8000, 'S x1']);
});

test.each<[string, Uint8Array]>([
  ['empty', new Uint8Array(0)],
  ['not-audio', new TextEncoder().encode('<html>not a recording</html>')],
  ['cut', wav.slice(0, 30)],
  ['cut', wav.slice(0, 44)],
  ['unknown-coding', changed(20, 2)],
  ['unknown-coding', changed(34, 12)],
  ['bad-rate', changed(24, 16, 0, 0, 0)],
])('what is no recording is refused: %s', (code, bytes) => {
  expect(decodeWav(bytes)).toMatchObject({ ok: false, problem: { code } });
});

test('a recorder that was stopped hard leaves a file that is read as far as it goes', () => {
  const decoded = decodeWav(changed(40, 0xff, 0xff, 0xff, 0xff).slice(0, 44 + 2 * 8000));
  expect(decoded.ok && decoded.recording.channels[0]?.length).toBe(8000);
});

/** The same second of a tone in another coding, written here from the format's description. */
function coded(coding: number, bits: number, write: (view: DataView, at: number, sample: number) => void): Uint8Array {
  const samples = soundOf(later(tonesOf('S', 1), 0.3), 8000, 2);
  const bytes = new Uint8Array(44 + (samples.length * bits) / 8);
  bytes.set(wav.slice(0, 44));
  const view = new DataView(bytes.buffer);
  view.setUint16(20, coding, true);
  view.setUint16(34, bits, true);
  view.setUint32(40, bytes.length - 44, true);
  samples.forEach((sample, i) => write(view, 44 + (i * bits) / 8, sample));
  return bytes;
}

test.each<[string, Uint8Array]>([
  ['8 bits', coded(1, 8, (view, at, sample) => view.setUint8(at, Math.round(128 + 127 * sample)))],
  [
    '24 bits',
    coded(1, 24, (view, at, sample) => {
      const value = Math.round(8_388_607 * sample);
      view.setUint16(at, value & 0xffff, true);
      view.setInt8(at + 2, value >> 16);
    }),
  ],
  ['32 bits', coded(1, 32, (view, at, sample) => view.setInt32(at, Math.round(2_147_483_647 * sample), true))],
  ['float', coded(3, 32, (view, at, sample) => view.setFloat32(at, sample, true))],
  ['double', coded(3, 64, (view, at, sample) => view.setFloat64(at, sample, true))],
])('samples of %s are read', (_coding, bytes) => {
  const decoded = decodeWav(bytes);
  expect(decoded.ok && said(decoded.recording)).toBe('S x1');
});

/** A voice: overtones of a pitch that glides from syllable to syllable, swelling and fading. */
function voice(rate: number, seconds: number): Float32Array {
  const samples = new Float32Array(rate * seconds);
  const syllable = Math.round(0.22 * rate);
  let phase = 0;
  for (let i = 0; i < samples.length; i++) {
    const [n, at] = [Math.floor(i / syllable), (i % syllable) / syllable];
    phase += (110 + 17 * (n % 7) + 60 * at) / rate;
    const swell = Math.sin(Math.PI * at) ** 2;
    for (let k = 1; k <= 14; k++)
      samples[i] = (samples[i] ?? 0) + (0.12 * swell * Math.sin(2 * Math.PI * k * phase)) / k;
  }
  return samples;
}

test('a voice alone is no beep, and beside one the beeps are heard', () => {
  const rate = 16_000;
  const spoken = voice(rate, 8);
  expect(hearBeeps({ rate, channels: [spoken] }).pattern).toEqual([]);
  const beeps = soundOf(later(tonesOf('L S S', 2), 0.4), rate, 8);
  expect(said({ rate, channels: [beeps.map((sample, i) => sample + 0.6 * (spoken[i] ?? 0))] })).toBe('LSS x2');
});

test('a pause of a second ends a group, a shorter one does not', () => {
  const three = (gap: number) =>
    [0, 1, 2].map((n) => ({ startSeconds: 0.5 + n * (0.2 + gap), seconds: 0.2, hertz: 900 }));
  expect(said(sound(three(1.1)))).toBe('S x3');
  expect(said(sound(three(0.8)))).toBe('SSS x1');
});

test('a group of which only the beginning was heard is not counted', () => {
  const tones = later(tonesOf('L S S', 3), 0.3);
  const cut = tones.slice(0, 7);
  const end = (cut.at(-1)?.startSeconds ?? 0) + (cut.at(-1)?.seconds ?? 0) + 0.3;
  expect(said(sound(cut, { seconds: Math.ceil(end) }))).toBe('LSS x2');
});

import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { quantile } from 'simple-statistics';
import { decodeWav, hearBeeps, type Recording } from '../../src/core/signals';

/** npm run bench:signals [-- --json] [-- --recordings N] [-- --seed S]: see docs/benchmarks.md. Recordings by sox. */

const { values } = parseArgs({
  options: {
    json: { type: 'boolean', default: false },
    recordings: { type: 'string', default: '1000' },
    seed: { type: 'string', default: '1' },
  },
});
const generator = xoroshiro128plus(Number(values.seed));
const random = (): number => uniformFloat64(generator);
const between = (from: number, to: number): number => from + (to - from) * random();
const oneOf = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;

const folder = mkdtempSync(join(tmpdir(), 'probe-signals-'));
const at = (name: string): string => join(folder, name);
const sox = (...args: (string | number)[]): void => {
  execFileSync('sox', ['-V1', '-R', ...args.map(String)], { stdio: ['ignore', 'ignore', 'pipe'] });
};
const read = (path: string): Recording => {
  const decoded = decodeWav(readFileSync(path));
  if (!decoded.ok) throw new Error(decoded.problem.message);
  return decoded.recording;
};
const loudness = ({ channels: [samples = new Float32Array(0)] }: Recording): number =>
  Math.sqrt(samples.reduce((sum, sample) => sum + sample * sample, 0) / Math.max(1, samples.length));

const seconds = 10;
const rates = [8000, 11_025, 16_000, 22_050, 44_100, 48_000];
const codings = [
  ['-b', '8', '-e', 'unsigned-integer'],
  ['-b', '16'],
  ['-b', '24'],
  ['-b', '32'],
  ['-b', '32', '-e', 'floating-point'],
] as const;
const patterns = ['S', 'L', 'SS', 'LL', 'LSS', 'LSSS', 'SSSSS', 'SLS', 'LSLS', 'SSL'];

/** A voice: saw teeth that glide in pitch, through two formants that move from syllable to syllable. */
function makeVoice(path: string): void {
  const syllables: string[] = [];
  for (let n = 0, spoken = 0; spoken < seconds; n++) {
    const length = between(0.08, 0.3);
    const [pitch, to] = [between(90, 220), between(90, 220)];
    const part = at(`syllable-${n}.wav`);
    const isPause = random() < 0.25;
    if (isPause) sox('-n', '-r', 48_000, part, 'trim', 0, length);
    else
      sox(
        '-n',
        '-r',
        48_000,
        part,
        'synth',
        length,
        'sawtooth',
        `${pitch}:${to}`,
        'bandpass',
        between(350, 800),
        '180h',
        'fade',
        'h',
        0.03,
        length,
        0.04,
      );
    syllables.push(part);
    spoken += length;
  }
  sox(...syllables, path, 'trim', 0, seconds);
}

/** Noises that are mixed with what is sounded, by kind, a few of each. */
function makeNoises(): Record<'white' | 'fan' | 'speech' | 'hum', string[]> {
  const some = (name: string, make: (path: string) => void) =>
    Array.from({ length: 12 }, (_, n) => {
      make(at(`${name}-${n}.wav`));
      return at(`${name}-${n}.wav`);
    });
  return {
    white: some('white', (path) => sox('-n', '-r', 48_000, path, 'synth', seconds, 'whitenoise', 'vol', 0.3)),
    fan: some('fan', (path) => {
      sox('-n', '-r', 48_000, at('wind.wav'), 'synth', seconds, 'brownnoise', 'tremolo', between(5, 20), 30);
      sox('-n', '-r', 48_000, at('blades.wav'), 'synth', seconds, 'sine', between(80, 260), 'vol', 0.1);
      sox('-m', at('wind.wav'), at('blades.wav'), path);
    }),
    speech: some('speech', makeVoice),
    hum: some('hum', (path) => {
      sox(
        '-n',
        '-r',
        48_000,
        at('mains.wav'),
        'synth',
        seconds,
        'sawtooth',
        oneOf([50, 60]),
        'lowpass',
        400,
        'vol',
        0.3,
      );
      sox('-n', '-r', 48_000, at('hiss.wav'), 'synth', seconds, 'whitenoise', 'vol', 0.01);
      sox('-m', at('mains.wav'), at('hiss.wav'), path);
    }),
  };
}

interface Sounded {
  readonly path: string;
  readonly pattern: string;
  readonly repeats: number;
  /** Root mean square of the tones alone. */
  readonly level: number;
}

/** Beeps in a recording of ten seconds, clean. */
function sound(): Sounded {
  const pattern = oneOf(patterns);
  const rate = 48_000;
  const hertz = between(300, 3400);
  const wave = oneOf(['sine', 'square']);
  const short = between(0.1, 0.25);
  const long = Math.max(2.2 * short, between(0.55, 0.9));
  const [gap, pause, lead] = [between(0.1, 0.35), between(1.2, 2), between(0.3, 0.8)];
  const tone = (name: string, length: number) =>
    sox('-n', '-r', rate, at(name), 'synth', length, wave, hertz, 'vol', 0.4);
  const silence = (name: string, length: number) => sox('-n', '-r', rate, at(name), 'trim', 0, length);
  tone('S.wav', short);
  tone('L.wav', long);
  silence('gap.wav', gap);
  silence('pause.wav', pause);
  silence('lead.wav', lead);
  const once = Array.from(pattern).reduce((sum, kind) => sum + (kind === 'S' ? short : long) + gap, 0);
  const repeats = Math.max(1, Math.min(3, Math.floor((seconds - 1.2 - lead) / (once + pause))));
  const group = Array.from(pattern).flatMap((kind) => [at(`${kind}.wav`), at('gap.wav')]);
  const parts = Array.from({ length: repeats }, () => [...group, at('pause.wav')]).flat();
  sox(at('lead.wav'), ...parts, at('beeps.wav'), 'pad', 0, seconds, 'trim', 0, seconds);
  return { path: at('beeps.wav'), pattern, repeats, level: loudness(read(at('S.wav'))) };
}

const noises = makeNoises();

/** Puts a noise under a recording, `decibels` below its tones, and gives it a rate, a coding and channels. */
function mixed(path: string | null, level: number, noise: string | null, decibels: number): Recording {
  const out = at('mixed.wav');
  const form = ['-r', oneOf(rates), ...oneOf(codings)];
  if (noise === null && path !== null) sox(path, ...form, out);
  else if (noise !== null) {
    const share = level / 10 ** (decibels / 20) / loudness(read(noise));
    if (path === null) sox('-v', Math.min(share, 1), noise, ...form, out);
    else sox('-m', '-v', 1, path, '-v', share, noise, ...form, out, 'gain', -3);
  }
  const recording = read(out);
  const [left = new Float32Array(0)] = recording.channels;
  const second = oneOf(['none', 'silent', 'inverted']);
  if (second === 'none') return recording;
  return {
    ...recording,
    channels: [left, second === 'silent' ? new Float32Array(left.length) : left.map((one) => -one)],
  };
}

const kinds = [
  { name: 'clean', noise: null, decibels: 0, share: 0.15 },
  { name: 'white noise, 10 dB', noise: 'white', decibels: 10, share: 0.15 },
  { name: 'white noise, 3 dB', noise: 'white', decibels: 3, share: 0.2 },
  { name: 'fan, 6 dB', noise: 'fan', decibels: 6, share: 0.15 },
  { name: 'speech, 6 dB', noise: 'speech', decibels: 6, share: 0.15 },
] as const;

const times: number[] = [];
function heard(recording: Recording) {
  const begin = performance.now();
  const { pattern, repeats } = hearBeeps(recording);
  times.push(performance.now() - begin);
  return { pattern: pattern.join(''), repeats };
}

try {
  const count = Number(values.recordings);
  const results = kinds.map(({ name, noise, decibels, share }) => {
    const recordings = Math.round(count * share);
    let right = 0;
    for (let n = 0; n < recordings; n++) {
      const { path, pattern, repeats, level } = sound();
      const found = heard(mixed(path, level, noise && oneOf(noises[noise]), decibels));
      if (found.pattern === pattern && found.repeats === repeats) right += 1;
    }
    return { name, recordings, right: right / recordings };
  });
  const without = Math.round(count * 0.2);
  let quiet = 0;
  for (let n = 0; n < without; n++) {
    const noise = oneOf(noises[oneOf(['white', 'fan', 'speech', 'hum'] as const)]);
    if (heard(mixed(null, between(0.05, 0.3), noise, 0)).pattern === '') quiet += 1;
  }
  const report = {
    results: [...results, { name: 'without beeps', recordings: without, right: quiet / without }],
    milliseconds: { median: quantile(times, 0.5), p95: quantile(times, 0.95) },
  };
  if (values.json) process.stdout.write(`${JSON.stringify(report)}\n`);
  else {
    for (const { name, recordings, right } of report.results)
      process.stdout.write(
        `${name.padEnd(24)} ${String(recordings).padStart(5)}  ${(100 * right).toFixed(1)} % right\n`,
      );
    const { median, p95 } = report.milliseconds;
    process.stdout.write(`ten seconds analysed in ${median.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms\n`);
  }
} finally {
  rmSync(folder, { recursive: true, force: true });
}

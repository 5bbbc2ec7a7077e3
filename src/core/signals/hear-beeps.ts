import { patternOf, type Beep, type BeepKind } from './beep-pattern';
import { oneChannel, type Mono } from './one-channel';
import { envelopeOf, stretchesAbove, type Envelope, type Stretch } from './tone-envelope';
import { purityOf } from './tone-purity';
import { toneTracks, type ToneTrack } from './tone-tracks';
import type { Recording } from './wav';

export interface HeardReason {
  readonly code: 'nothing' | 'cut-start' | 'cut-end' | 'continuous' | 'between' | 'faint';
  readonly severity: 'bad' | 'warning' | 'note';
  readonly message: string;
}

export interface HeardBeeps {
  readonly pattern: readonly BeepKind[];
  /** How often the whole pattern was heard; 0 where nothing was. */
  readonly repeats: number;
  /** One tone that goes on from the beginning of the recording to its end. */
  readonly continuous: boolean;
  readonly beeps: readonly Beep[];
  /** 0 to 1: how far the pattern can be relied on; a person confirms it. */
  readonly confidence: number;
  readonly reasons: readonly HeardReason[];
}

/** Frequencies of one speaker differ by no more. */
const sameHertz = 25;
/** A tone has to be there for so long in all. */
const leastSeconds = 0.06;
/** Frequencies that are looked at, the strongest first. */
const mostClusters = 8;
/** From a fifth to four fifths of its height; the smoothing alone takes ten milliseconds. */
const mostSlopeSeconds = 0.018;
/** What begins or ends so close to an end of the recording was cut by it. */
const edgeSeconds = 0.03;
/** A tone keeps its height; speech does not. */
const mostWaver = 0.45;

/**
 * The beeps of a board's speaker in a recording: tones of 280 to 4,080 Hz that stand out of fans, hum and speech, with
 * their beginnings and ends to some milliseconds, and the pattern that they make.
 */
export function hearBeeps(recording: Recording): HeardBeeps {
  const mono = oneChannel(recording);
  const endSeconds = mono.samples.length / mono.rate;
  const tones = tonesIn(mono);
  const continuous = tones.find(
    ({ startSeconds, seconds }) => startSeconds < edgeSeconds && startSeconds + seconds > endSeconds - edgeSeconds,
  );
  if (continuous) return heardOne(continuous);
  const isCutAtStart = ({ startSeconds }: Tone) => startSeconds < edgeSeconds;
  const isCutAtEnd = ({ startSeconds, seconds }: Tone) => startSeconds + seconds > endSeconds - edgeSeconds;
  const whole = tones.filter((tone) => !isCutAtStart(tone) && !isCutAtEnd(tone));
  const cuts: HeardReason[] = [
    ...(tones.some(isCutAtStart) ? [note('cut-start', 'The recording begins in a tone: it does not count.')] : []),
    ...(tones.some(isCutAtEnd) ? [note('cut-end', 'The recording ends in a tone: it does not count.')] : []),
  ];
  if (whole.length === 0) return { ...nothing, reasons: [...cuts, nothingHeard] };
  const heard = whole.map(({ startSeconds, seconds, hertz }) => ({ startSeconds, seconds, hertz }));
  const { pattern, repeats, beeps, clarity } = patternOf(
    heard,
    tones.some(isCutAtEnd) ? (tones.at(-1)?.startSeconds ?? endSeconds) : endSeconds,
  );
  const faintest = Math.min(...whole.map(({ above }) => above));
  const steadiness = 1 - Math.max(...whole.map(({ waver }) => waver));
  const confidence = Math.max(
    0.05,
    Math.min(0.99, clarity * Math.min(1, faintest / 6) * (0.5 + 0.5 * steadiness) * (repeats > 1 ? 1 : 0.9)),
  );
  return {
    pattern,
    repeats,
    continuous: false,
    beeps,
    confidence,
    reasons: [
      ...cuts,
      ...(clarity < 1 ? [warning('between', 'Long and short are hard to tell apart here.')] : []),
      ...(faintest < 3 ? [warning('faint', 'The tones hardly stand out of the noise.')] : []),
    ],
  };
}

const reason =
  (severity: HeardReason['severity']) =>
  (code: HeardReason['code'], message: string): HeardReason => ({ code, severity, message });
const [note, warning] = [reason('note'), reason('warning')];
const nothingHeard = reason('bad')('nothing', 'There is no beep to hear.');
const nothing: HeardBeeps = { pattern: [], repeats: 0, continuous: false, beeps: [], confidence: 0, reasons: [] };

const heardOne = ({ startSeconds, seconds, hertz, waver }: Tone): HeardBeeps => ({
  pattern: ['L'],
  repeats: 1,
  continuous: true,
  beeps: [{ startSeconds, seconds, hertz, kind: 'L' }],
  confidence: Math.max(0.05, 0.9 * (1 - waver)),
  reasons: [note('continuous', 'One tone from the beginning to the end of the recording.')],
});

interface Tone extends Stretch {
  readonly hertz: number;
  /** How many times it stands above what is there without it. */
  readonly above: number;
}

/** The tones of the one frequency, or the two, that sound like a speaker, in the order of their beginnings. */
function tonesIn(mono: Mono): Tone[] {
  const endSeconds = mono.samples.length / mono.rate;
  let tracks = withoutHum(toneTracks(mono), endSeconds);
  const voices: Tone[][] = [];
  for (let n = 0; n < mostClusters; n++) {
    const cluster = strongest(tracks);
    if (!cluster) break;
    tracks = tracks.filter((track) => !cluster.includes(track));
    const own = tonesAt(mono, cluster);
    if (own.length > 0) voices.push(own);
  }
  const loudness = (tones: readonly Tone[]) => tones.reduce((sum, { seconds, height }) => sum + seconds * height, 0);
  const [first = [], ...others] = voices.sort((a, b) => loudness(b) - loudness(a));
  const second = others.find(
    (tones) =>
      tones.length > 1 &&
      loudness(tones) > 0.7 * loudness(first) &&
      !tones.some((tone) => first.some((other) => overlap(tone, other))),
  );
  return [...first, ...(second ?? [])].sort((a, b) => a.startSeconds - b.startSeconds);
}

/** Mains hum and its first overtones sound all the time. */
function withoutHum(tracks: readonly ToneTrack[], endSeconds: number): ToneTrack[] {
  const isHum = ({ hertz }: ToneTrack) =>
    hertz < 400 && [50, 60].some((mains) => Math.abs(hertz - mains * Math.round(hertz / mains)) < 3);
  const seconds = tracks.filter(isHum).reduce((sum, { fromSeconds, toSeconds }) => sum + toSeconds - fromSeconds, 0);
  return seconds > 0.8 * endSeconds ? tracks.filter((track) => !isHum(track)) : [...tracks];
}

/** The tracks of the frequency that sounds longest and loudest. */
function strongest(tracks: readonly ToneTrack[]): ToneTrack[] | null {
  let best: ToneTrack[] | null = null;
  let most = 0;
  for (const { hertz } of tracks) {
    const near = tracks.filter((track) => Math.abs(track.hertz - hertz) < sameHertz);
    const seconds = near.reduce((sum, { fromSeconds, toSeconds }) => sum + toSeconds - fromSeconds, 0);
    const energy = near.reduce((sum, track) => sum + track.energy, 0);
    if (seconds >= leastSeconds && energy * seconds > most) [best, most] = [near, energy * seconds];
  }
  return best;
}

function tonesAt(mono: Mono, cluster: readonly ToneTrack[]): Tone[] {
  const energy = cluster.reduce((sum, track) => sum + track.energy, 0);
  const hertz = cluster.reduce((sum, track) => sum + track.hertz * track.energy, 0) / energy;
  const envelope = envelopeOf(mono, hertz);
  const height = heightWithin(envelope, cluster);
  const rest = restOf(envelope, cluster);
  const least = Math.max(0.5 * height, Math.min(0.8 * height, 2.5 * rest));
  const found = stretchesAbove(envelope, least)
    .filter((stretch) => stretch.waver < mostWaver)
    .filter((stretch) => cluster.some((track) => touches(stretch, track)))
    .map((stretch) => ({ ...stretch, hertz, above: stretch.height / Math.max(rest, 1e-9) }));
  return ofOneSpeaker(found, mono);
}

/**
 * What a speaker sounds and a voice does not: each tone keeps its height, has nothing close beside it, and is as high as
 * the others. Where some are surely so, others at their height may be disturbed; one alone has to be beyond doubt.
 */
function ofOneSpeaker(found: readonly Tone[], mono: Mono): Tone[] {
  const sure = found.filter((tone) => {
    const { beside, share } = purityOf(mono, tone, tone.hertz);
    const isAlone = found.length === 1;
    const isSwitched = tone.slopeSeconds <= mostSlopeSeconds;
    return isSwitched && tone.waver < (isAlone ? 0.05 : 0.08) && beside < 0.1 && share > (isAlone ? 0.6 : 0.45);
  });
  const heights = sure.map(({ height }) => height).sort((a, b) => a - b);
  const usual = heights[heights.length >> 1];
  if (usual === undefined || (sure.length === 1 && found.length > 1)) return [];
  return found.filter(({ height }) => height > 0.7 * usual && height < 1.45 * usual);
}

/** The middle height of the tone where it was tracked. */
function heightWithin({ heights, stepSeconds }: Envelope, cluster: readonly ToneTrack[]): number {
  const within = cluster.flatMap(({ fromSeconds, toSeconds }) =>
    Array.from(heights.subarray(Math.floor(fromSeconds / stepSeconds), Math.ceil(toSeconds / stepSeconds))),
  );
  within.sort((a, b) => a - b);
  return within[within.length >> 1] ?? 0;
}

/** The middle height of the same frequency where it was not tracked: noise. */
function restOf({ heights, stepSeconds }: Envelope, cluster: readonly ToneTrack[]): number {
  const isTone = new Uint8Array(heights.length);
  for (const { fromSeconds, toSeconds } of cluster)
    isTone.fill(
      1,
      Math.max(0, Math.floor((fromSeconds - 0.03) / stepSeconds)),
      Math.ceil((toSeconds + 0.03) / stepSeconds),
    );
  const rest = heights.filter((_, n) => isTone[n] === 0).sort();
  return rest[rest.length >> 1] ?? 0;
}

const touches = ({ startSeconds, seconds }: Stretch, { fromSeconds, toSeconds }: ToneTrack): boolean =>
  fromSeconds < startSeconds + seconds && toSeconds > startSeconds;

const overlap = (a: Stretch, b: Stretch): boolean =>
  a.startSeconds < b.startSeconds + b.seconds && b.startSeconds < a.startSeconds + a.seconds;

export type BeepKind = 'S' | 'L';

/** One tone that was heard, in seconds from the start of the recording. */
export interface Beep {
  readonly startSeconds: number;
  readonly seconds: number;
  readonly hertz: number;
  readonly kind: BeepKind;
}

type Heard = Omit<Beep, 'kind'>;

/** A pause so long ends a group. */
const groupPauseSeconds = 1;
/** Where all are alike: up to this long they are short, from that long on long. */
const [shortUpTo, longFrom] = [0.4, 0.5];
/** Least ratio of the longest to the shortest at which they are two kinds. */
const twoKinds = 1.7;
/** From this number on, beeps that are alike and evenly spaced to the very end of the recording are taken as endless. */
const endlessFrom = 5;

export interface BeepPattern {
  readonly pattern: readonly BeepKind[];
  /** How often the whole pattern was heard. */
  readonly repeats: number;
  readonly beeps: readonly Beep[];
  /** How well long and short were told apart, 0 to 1. */
  readonly clarity: number;
}

/** Long and short by their own lengths, groups by their pauses, and what repeats. `endSeconds`: of the recording. */
export function patternOf(heard: readonly Heard[], endSeconds: number): BeepPattern {
  const { split, clarity } = splitOf(heard.map(({ seconds }) => seconds));
  const beeps = heard.map((one): Beep => ({ ...one, kind: one.seconds >= split ? 'L' : 'S' }));
  const groups = groupsOf(beeps);
  const words = groups.map((group) => group.map(({ kind }) => kind).join(''));
  const last = beeps.at(-1);
  const silence = last ? endSeconds - last.startSeconds - last.seconds : 0;
  const [only] = words;
  if (words.length === 1 && only !== undefined && isEndless(beeps, silence))
    return { pattern: [beeps[0]?.kind ?? 'S'], repeats: beeps.length, beeps, clarity };
  const whole = withoutCutOnes(words, silence);
  const period = periodOf(whole);
  const repeats = Math.max(1, Math.floor(whole.length / period));
  return { pattern: Array.from(whole.slice(0, period).join('')) as BeepKind[], repeats, beeps, clarity };
}

/** The length that parts short from long. */
function splitOf(lengths: readonly number[]): { split: number; clarity: number } {
  const sorted = [...lengths].sort((a, b) => a - b);
  const [least = 0, most = 0] = [sorted[0], sorted.at(-1)];
  if (most < twoKinds * least) {
    const middle = sorted[sorted.length >> 1] ?? 0;
    const isBetween = middle > shortUpTo && middle < longFrom;
    return { split: middle >= (shortUpTo + longFrom) / 2 ? 0 : Number.POSITIVE_INFINITY, clarity: isBetween ? 0.5 : 1 };
  }
  // The widest step between neighbours, by ratio.
  let at = 1;
  for (let i = 1; i < sorted.length; i++) if (ratioAt(sorted, i) > ratioAt(sorted, at)) at = i;
  const step = ratioAt(sorted, at);
  return { split: Math.sqrt((sorted[at] ?? 0) * (sorted[at - 1] ?? 0)), clarity: Math.min(1, (step - 1) / 0.8) };
}

const ratioAt = (sorted: readonly number[], i: number): number => (sorted[i] ?? 0) / (sorted[i - 1] ?? 1);

function groupsOf(beeps: readonly Beep[]): Beep[][] {
  const groups: Beep[][] = [];
  for (const beep of beeps) {
    const group = groups.at(-1);
    const before = group?.at(-1);
    if (group && before && beep.startSeconds - before.startSeconds - before.seconds < groupPauseSeconds)
      group.push(beep);
    else groups.push([beep]);
  }
  return groups;
}

/** All alike, evenly spaced, and no pause after the last one that would end the group. */
function isEndless(beeps: readonly Beep[], silence: number): boolean {
  if (beeps.length < endlessFrom || new Set(beeps.map(({ kind }) => kind)).size > 1) return false;
  const gaps = beeps.slice(1).map((beep, i) => beep.startSeconds - (beeps[i]?.startSeconds ?? 0));
  return Math.max(...gaps) < 1.3 * Math.min(...gaps) && silence < groupPauseSeconds;
}

/** A first group of which only the end was heard, and a last one that was cut off, are no groups of their own. */
function withoutCutOnes(words: readonly string[], silence: number): string[] {
  const whole = [...words];
  const [first = '', second] = whole;
  if (second !== undefined && first !== second && second.endsWith(first) && whole.length > 2) whole.shift();
  const last = whole.at(-1) ?? '';
  const before = whole.at(-2);
  if (before !== undefined && last !== before && before.startsWith(last) && silence < groupPauseSeconds) whole.pop();
  return whole;
}

/** After how many groups they begin again. */
function periodOf(words: readonly string[]): number {
  for (let period = 1; period <= words.length / 2; period++)
    if (words.every((word, i) => i < period || word === words[i - period])) return period;
  return Math.max(1, words.length);
}

/** Tones that a person tapped along: the same reading as of a recording. `endSeconds`: when the tapping is judged. */
export function tappedPattern(
  taps: readonly { readonly startSeconds: number; readonly seconds: number }[],
  endSeconds: number,
): BeepPattern {
  return patternOf(
    taps.map((tap) => ({ ...tap, hertz: 0 })),
    endSeconds,
  );
}

/** A pattern as it is typed: "L S S". */
export const patternInSigns = (pattern: readonly BeepKind[]): string => pattern.join(' ');

/** A pattern as it is said: "1 long, 2 short"; runs of the same are counted. */
export function patternInWords(signs: string): string {
  const runs = signs.toUpperCase().replace(/[^SL]/g, '').match(/S+|L+/g) ?? [];
  return runs.map((run) => `${run.length} ${run.startsWith('S') ? 'short' : 'long'}`).join(', ');
}

/** How much of a sound there is over time: the highest of each of `count` equal stretches, 0 to 1. */
export function outlineOf(samples: ArrayLike<number>, count: number): number[] {
  const stretch = samples.length / count;
  return Array.from({ length: count }, (_, i) => {
    let most = 0;
    for (let at = Math.floor(i * stretch); at < Math.floor((i + 1) * stretch); at++)
      most = Math.max(most, Math.abs(samples[at] ?? 0));
    return Math.min(1, most);
  });
}

/** How bright a light was at a moment: see brightnessAt. */
export interface BrightnessSample {
  readonly seconds: number;
  readonly brightness: number;
}

/** A moment at which it went on or off. */
export interface LightChange {
  readonly seconds: number;
  readonly isOn: boolean;
}

export interface WatchedLight {
  readonly changes: readonly LightChange[];
  /** What it does now. */
  readonly shows: 'on' | 'off' | 'blinks';
  /** From one blink to the next, in seconds; null where it does not blink. */
  readonly periodSeconds: number | null;
}

/** Below this range nothing went on or off: noise of the camera. */
const leastRange = 0.12;
/** A spot that is always so much brighter than what is around it is a light that is on. */
const steadyOn = 0.18;
/** Of the range: above the upper share it is on, below the lower off, in between as it was. */
const [lower, upper] = [0.35, 0.65];
/** Samples that are left out at either end of the range. */
const mostFlicker = 3;
/** It still blinks while its last change is at most this number of periods ago. */
const stillBlinks = 2.5;
const longestPeriodSeconds = 8;

/** Blinks, on and off of one light from its brightness over time. Samples in the order of their seconds. */
export function watchLight(samples: readonly BrightnessSample[]): WatchedLight {
  const sorted = samples.map(({ brightness }) => brightness).sort((a, b) => a - b);
  // A few samples at either end may be flicker; a single blink in ten minutes is not.
  const flicker = Math.min(mostFlicker, sorted.length >> 4);
  const [low, high] = [sorted[flicker] ?? 0, sorted.at(-1 - flicker) ?? 0];
  const range = high - low;
  const middle = sorted[sorted.length >> 1] ?? 0;
  if (range < leastRange) return { changes: [], shows: middle > steadyOn ? 'on' : 'off', periodSeconds: null };
  const changes: LightChange[] = [];
  let isOn = (samples[0]?.brightness ?? 0) > low + range / 2;
  for (const { seconds, brightness } of samples) {
    const isNow = isOn ? brightness > low + lower * range : brightness > low + upper * range;
    if (isNow !== isOn) changes.push({ seconds, isOn: isNow });
    isOn = isNow;
  }
  const periodSeconds = periodOf(changes, samples.at(-1)?.seconds ?? 0);
  return { changes, shows: periodSeconds !== null ? 'blinks' : isOn ? 'on' : 'off', periodSeconds };
}

/** The usual time between blinks; null where it went on fewer than twice, or has stopped. */
function periodOf(changes: readonly LightChange[], now: number): number | null {
  const gaps = blinksOf({ changes })
    .slice(-6)
    .map((seconds, i, all) => seconds - (all[i - 1] ?? Number.NaN))
    .slice(1)
    .sort((a, b) => a - b);
  const period = gaps[gaps.length >> 1];
  const last = changes.at(-1);
  if (period === undefined || period > longestPeriodSeconds || !last) return null;
  return now - last.seconds < stillBlinks * period ? period : null;
}

/** The moments of its blinks, in seconds. That it has stopped is for a person to say: a camera may have been knocked. */
export const blinksOf = ({ changes }: Pick<WatchedLight, 'changes'>): number[] =>
  changes.filter(({ isOn }) => isOn).map(({ seconds }) => seconds);

/** Labels of lights in the order in which they came on. */
export const sequenceOfLights = (
  watched: readonly { readonly label: string; readonly changes: readonly LightChange[] }[],
): string[] =>
  watched
    .flatMap(({ label, changes }) => blinksOf({ changes }).map((seconds) => ({ label, seconds })))
    .sort((a, b) => a.seconds - b.seconds)
    .map(({ label }) => label);

import type { StartSigns } from './start-signs';

/** What makes a machine go off at work. */
export const CUT_OUT_CAUSES = ['overload', 'quick-heat', 'heat', 'unstable'] as const;
export type CutOutCause = (typeof CUT_OUT_CAUSES)[number];

/** How each goes off: engineering judgement. */
interface CutOut {
  /** Probability that it answers the button again though no cord was pulled. */
  readonly answers: number;
  /** Probabilities that it goes off at once, soon, within a minute, later, counted from when the load begins. */
  readonly after: readonly [atOnce: number, soon: number, inAMinute: number, later: number];
}

const cutOuts: Readonly<Record<CutOutCause, CutOut>> = {
  // Protection trips as the load begins, and latches until the supply is drained.
  overload: { answers: 0.3, after: [0.55, 0.22, 0.13, 0.1] },
  // Almost nothing carries the heat away.
  'quick-heat': { answers: 0.85, after: [0.08, 0.27, 0.4, 0.25] },
  // A cooler that is too weak lets the temperature climb for minutes.
  heat: { answers: 0.9, after: [0.03, 0.07, 0.2, 0.7] },
  unstable: { answers: 0.95, after: [0.2, 0.2, 0.25, 0.35] },
};

/** Seconds up to which it is at once, soon, within a minute. */
const [atOnceSeconds, soonSeconds, minuteSeconds] = [3, 10, 60];

function periodOf(seconds: number): 0 | 1 | 2 | 3 {
  if (seconds <= atOnceSeconds) return 0;
  return seconds <= soonSeconds ? 1 : seconds <= minuteSeconds ? 2 : 3;
}

/** Probability that it answers the button again after it went off for this cause. */
export const answersAfter = (cause: CutOutCause): number => cutOuts[cause].answers;

/**
 * How well the way in which it went off fits each cause, the best with 1; null where nothing was noted of it. What it
 * has no cause for is taken to fit as they do on average.
 */
export function fitOfCutOut({
  answersAgain,
  cutOutAfter,
}: StartSigns): { readonly of: (cause: CutOutCause | undefined) => number } | null {
  if (answersAgain === undefined && cutOutAfter === undefined) return null;
  const likelihoods = new Map(
    CUT_OUT_CAUSES.map((cause) => {
      const { answers, after } = cutOuts[cause];
      const answered = answersAgain === undefined ? 1 : answersAgain ? answers : 1 - answers;
      return [cause, answered * (cutOutAfter === undefined ? 1 : after[periodOf(cutOutAfter)])] as const;
    }),
  );
  const values = [...likelihoods.values()];
  const best = Math.max(...values);
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  return { of: (cause) => (cause ? (likelihoods.get(cause) ?? mean) : mean) / best };
}

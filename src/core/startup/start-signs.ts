import { START_OUTCOMES, startOutcomeIndex, type StartOutcome } from './start-outcome';

/** The stages that lights, codes and beeps name. */
export const STAGES = ['processor', 'memory', 'graphics', 'boot'] as const;
export type Stage = (typeof STAGES)[number];

/**
 * What else was seen and heard of one start, besides the outcome that says most: any of it, in whatever order it was
 * noted. What the board's own lights, codes and beeps stand for is looked up before; here they name a stage.
 */
export interface StartSigns {
  /** Further messages on the screen. */
  readonly messages?: readonly StartOutcome[];
  readonly light?: { readonly stage: Stage; readonly stays: boolean };
  /** `stage`: null where nobody knows what it means. */
  readonly code?: { readonly text: string; readonly moves: boolean; readonly stage: Stage | null };
  /** "all-well": what a board sounds when its start is complete. */
  readonly beeps?: { readonly pattern: string; readonly stage: Stage | 'all-well' | null };
  /** How often it restarted before it ran on or stopped. */
  readonly restarts?: number;
  /** Seconds until it went off by itself. */
  readonly cutOutAfter?: number;
  /** Whether it answered the button again afterwards: a supply that shut itself off does not, until it is drained. */
  readonly answersAgain?: boolean;
}

const stageOutcome: Readonly<Record<Stage, StartOutcome>> = {
  processor: 'at-processor',
  memory: 'at-memory',
  graphics: 'at-graphics',
  boot: 'no-boot',
};

/** The outcome that says most was noted by mistake in so few starts that show another: engineering judgement. */
const notedAnother = 0.05;

const isPastScreen = (outcome: StartOutcome): boolean => startOutcomeIndex(outcome) >= startOutcomeIndex('message-fan');
const isBeforeProcessor = (outcome: StartOutcome): boolean =>
  startOutcomeIndex(outcome) <= startOutcomeIndex('at-processor');

/** Probabilities of single signs in a start whose outcome is really this one: engineering judgement. */
function ofLight({ stage, stays }: NonNullable<StartSigns['light']>, outcome: StartOutcome): number {
  const isOwn = stageOutcome[stage] === outcome;
  // A light that does not stay says that it is busy there, or passes on.
  if (!stays) return isOwn ? 0.2 : outcome === 'loop' ? 0.3 : 0.1;
  if (isOwn) return 0.9;
  return outcome === 'dead' || outcome === 'twitch' ? 0.005 : 0.03;
}

function ofCode({ moves, stage }: NonNullable<StartSigns['code']>, outcome: StartOutcome): number {
  // A code that moves is progress; one that stands names the stage.
  if (moves) return outcome === 'loop' ? 0.4 : isPastScreen(outcome) ? 0.2 : outcome === 'at-memory' ? 0.15 : 0.03;
  if (stage === null) return isBeforeProcessor(outcome) && outcome !== 'at-processor' ? 0.02 : 0.2;
  return stageOutcome[stage] === outcome ? 0.85 : outcome === 'dead' || outcome === 'twitch' ? 0.002 : 0.03;
}

function ofBeeps({ stage }: NonNullable<StartSigns['beeps']>, outcome: StartOutcome): number {
  // Any beep at all says that the processor works and the supply feeds it.
  if (isBeforeProcessor(outcome) && stageOutcome[stage === 'all-well' ? 'boot' : (stage ?? 'boot')] !== outcome)
    return 0.003;
  if (stage === null) return 0.2;
  if (stage === 'all-well') return isPastScreen(outcome) || outcome === 'dark' ? 0.9 : 0.02;
  return stageOutcome[stage] === outcome ? 0.93 : 0.01;
}

const ofMessage = (message: StartOutcome, outcome: StartOutcome): number =>
  message === outcome ? 0.95 : isPastScreen(outcome) ? 0.05 : 0.002;

const ofRestarts = (restarts: number, outcome: StartOutcome): number => {
  if (restarts === 0) return outcome === 'loop' ? 0.05 : 0.9;
  if (outcome === 'loop') return 0.9;
  return outcome === 'at-memory' || outcome === 'works' ? 0.1 : 0.04;
};

const atOnceSeconds = 3;
const soonSeconds = 10;

function ofCutOut(seconds: number, outcome: StartOutcome): number {
  if (outcome === 'twitch') return seconds <= atOnceSeconds ? 0.9 : seconds <= soonSeconds ? 0.08 : 0.01;
  if (outcome === 'cuts-out') return seconds > soonSeconds ? 0.9 : seconds > atOnceSeconds ? 0.08 : 0.01;
  return outcome === 'loop' ? 0.2 : 0.01;
}

/** A supply that protects itself stays off; so does what never answered. */
function ofAnswer(answersAgain: boolean, outcome: StartOutcome): number {
  const answers = outcome === 'dead' ? 0.02 : outcome === 'twitch' ? 0.5 : outcome === 'cuts-out' ? 0.6 : 0.95;
  return answersAgain ? answers : 1 - answers;
}

/**
 * Likelihood of everything that was seen of a start, by the outcome that it really had, in the order of START_OUTCOMES:
 * the single signs are independent given that outcome. Scaled so that the greatest is 1. `noted` is the outcome that was
 * pressed; null where only signs were noted.
 */
export function likelihoodOfSigns(signs: StartSigns, noted: StartOutcome | null): Float64Array {
  const { messages = [], light, code, beeps, restarts, cutOutAfter, answersAgain } = signs;
  const likelihood = Float64Array.from(START_OUTCOMES, (outcome) => {
    let p = noted === null || noted === outcome ? 1 : notedAnother;
    for (const message of new Set(messages)) p *= ofMessage(message, outcome);
    if (light) p *= ofLight(light, outcome);
    if (code) p *= ofCode(code, outcome);
    if (beeps) p *= ofBeeps(beeps, outcome);
    if (restarts !== undefined) p *= ofRestarts(restarts, outcome);
    if (cutOutAfter !== undefined) p *= ofCutOut(cutOutAfter, outcome);
    if (answersAgain !== undefined) p *= ofAnswer(answersAgain, outcome);
    return p;
  });
  const most = Math.max(...likelihood);
  return likelihood.map((p) => p / most);
}

/** The one outcome that what was seen stands for: the likeliest, and of several alike the one that comes first. */
export function outcomeOfSigns(signs: StartSigns): StartOutcome {
  const likelihood = likelihoodOfSigns(signs, null);
  return START_OUTCOMES[likelihood.indexOf(Math.max(...likelihood))] ?? 'dead';
}

/** What a board with such signs is expected to show, from the probabilities of the outcomes of a start. */
export interface ForecastSigns {
  /** By stage: probability that its light stays on. */
  readonly lightStays: Readonly<Record<Stage, number>>;
  /** By stage: probability that beeps name it. */
  readonly beeps: Readonly<Record<Stage, number>>;
  /** Probability that it restarts before it runs on or stops. */
  readonly restarts: number;
}

export function forecastSigns(outcomes: ArrayLike<number>): ForecastSigns {
  const sum = (of: (outcome: StartOutcome) => number) =>
    START_OUTCOMES.reduce((total, outcome, o) => total + (outcomes[o] ?? 0) * of(outcome), 0);
  const byStage = (of: (stage: Stage, outcome: StartOutcome) => number): Record<Stage, number> => ({
    processor: sum((outcome) => of('processor', outcome)),
    memory: sum((outcome) => of('memory', outcome)),
    graphics: sum((outcome) => of('graphics', outcome)),
    boot: sum((outcome) => of('boot', outcome)),
  });
  return {
    lightStays: byStage((stage, outcome) => ofLight({ stage, stays: true }, outcome)),
    beeps: byStage((stage, outcome) => ofBeeps({ pattern: '', stage }, outcome)),
    restarts: sum((outcome) => ofRestarts(1, outcome)),
  };
}

import { isSignalled, START_OUTCOMES, startOutcomeIndex, type StartOutcome } from './start-outcome';

/** The stages that lights, codes and beeps name. */
export const STAGES = ['processor', 'memory', 'graphics', 'boot'] as const;
export type Stage = (typeof STAGES)[number];

/**
 * What else was seen and heard of one start, besides the outcome that says most: any of it, in whatever order it was
 * noted. What the board's own lights, codes and beeps stand for is looked up before (core/signals); here they name a
 * stage. Silence is noted only where the board could have spoken.
 */
export interface StartSigns {
  /** Further messages on the screen. */
  readonly messages?: readonly StartOutcome[];
  readonly light?: LightSign;
  /** The board has stage lights, and none of them was lit when it stood. */
  readonly dark?: true;
  readonly code?: CodeSign;
  readonly beeps?: BeepSign;
  /** A speaker is on the board, and it made no sound. */
  readonly silent?: true;
  /** How often it restarted before it ran on or stopped. */
  readonly restarts?: number;
  /** Seconds until it went off by itself: from its start, or from when the load began where it went off at work. */
  readonly cutOutAfter?: number;
  /** Whether it answered the button again afterwards: a supply that shut itself off does not, until it is drained. */
  readonly answersAgain?: boolean;
}

export interface LightSign {
  readonly stage: Stage;
  /** It stands at that stage; otherwise it is busy there, or passes on. */
  readonly stays: boolean;
  /** As printed beside it. */
  readonly label?: string;
  /** How often of ten times the lights of this board name the right stage. Default: 9. */
  readonly rightOfTen?: number;
  /** The stages in the order in which their lights came on, where they do not stand. */
  readonly sequence?: readonly Stage[];
}

export interface CodeSign {
  readonly text: string;
  readonly moves: boolean;
  /** "all-well": handed over to the system. null: nobody knows what it means. */
  readonly stage: Stage | 'all-well' | null;
  readonly unchangedSeconds?: number;
}

export interface BeepSign {
  readonly pattern: string;
  /** "all-well": what a board sounds when its start is complete. */
  readonly stage: Stage | 'all-well' | null;
  /** It is what many boards mean by the pattern; this board's own list is not known. */
  readonly general?: true;
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

/** One of these was pressed although the signals say another: there was a reason. */
const pressedAnother = 0.2;

/** Probabilities of single signs in a start whose outcome is really this one: engineering judgement. */
function ofLight({ stage, stays, rightOfTen = 9, sequence = [] }: LightSign, outcome: StartOutcome): number {
  const isOwn = stageOutcome[stage] === outcome;
  if (isLoop(sequence)) return outcome === 'loop' ? 0.9 : isOwn ? 0.1 : 0.02;
  // A light that does not stay says that it is busy there, or passes on.
  if (!stays) return isOwn ? 0.2 : outcome === 'loop' ? 0.3 : 0.1;
  const right = Math.min(0.99, rightOfTen / 10);
  if (isOwn) return right;
  return ((outcome === 'dead' || outcome === 'twitch' ? 0.005 : 0.03) * (1 - right)) / 0.1;
}

/** The lights begin again: one of them comes back after another. */
export const isLoop = (sequence: readonly string[]): boolean =>
  sequence.some((one, i) => i > 0 && one !== sequence[i - 1] && sequence.slice(0, i).includes(one));

function ofCode({ moves, stage }: CodeSign, outcome: StartOutcome): number {
  // A code that moves is progress; one that stands names the stage.
  if (moves) return outcome === 'loop' ? 0.4 : isPastScreen(outcome) ? 0.2 : outcome === 'at-memory' ? 0.15 : 0.03;
  if (stage === null) return isBeforeProcessor(outcome) && outcome !== 'at-processor' ? 0.02 : 0.2;
  if (stage === 'all-well') return isPastScreen(outcome) || outcome === 'dark' ? 0.85 : 0.03;
  return stageOutcome[stage] === outcome ? 0.85 : outcome === 'dead' || outcome === 'twitch' ? 0.002 : 0.03;
}

/** Probability that the code still moves while a board is busy, and not stuck. */
const busyMoves = 0.8;

/**
 * How much better than a fault with the same outcome a board that is only busy fits the code that was read, by outcome; null
 * where none was.
 */
export function fitOfProgress({ code }: StartSigns): Float64Array | null {
  if (!code) return null;
  return Float64Array.from(START_OUTCOMES, (outcome) =>
    code.moves ? busyMoves / ofCode(code, outcome) : 1 - busyMoves,
  );
}

function ofBeeps({ stage, general }: BeepSign, outcome: StartOutcome): number {
  // Any beep at all says that the processor works and the supply feeds it.
  if (isBeforeProcessor(outcome) && stageOutcome[stage === 'all-well' ? 'boot' : (stage ?? 'boot')] !== outcome)
    return 0.003;
  if (stage === null) return 0.2;
  const [own, other] = general ? [0.7, 0.1] : [0.93, 0.01];
  if (stage === 'all-well') return isPastScreen(outcome) || outcome === 'dark' ? own : 2 * other;
  return stageOutcome[stage] === outcome ? own : other;
}

/** A speaker that is on the board and makes no sound. Many boards sound nothing where all is well. */
const ofSilence = (outcome: StartOutcome): number =>
  outcome === 'at-memory' ? 0.12 : outcome === 'at-graphics' ? 0.17 : isPastScreen(outcome) ? 0.5 : 0.9;

/** No light is lit: a board without power, or one that is past its lights. */
const ofDarkness = (outcome: StartOutcome): number =>
  outcome === 'at-processor' || outcome === 'at-memory' || outcome === 'at-graphics' ? 0.08 : 0.7;

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
 * Likelihood of the signs alone, by outcome: independent given that outcome. Not scaled. Where it went off at work, how
 * soon it did tells of the cause (see fitOfCutOut), and not how far the start got.
 */
function likelihoodAlone(signs: StartSigns, noted: StartOutcome | null): Float64Array {
  const { messages = [], restarts, answersAgain } = signs;
  const cutOutAfter = noted === 'cuts-out' ? undefined : signs.cutOutAfter;
  return Float64Array.from(START_OUTCOMES, (outcome) => {
    let p = 1;
    for (const message of new Set(messages)) p *= ofMessage(message, outcome);
    for (const of of signalsOf(signs)) p *= of.likelihood(outcome);
    if (restarts !== undefined) p *= ofRestarts(restarts, outcome);
    if (cutOutAfter !== undefined) p *= ofCutOut(cutOutAfter, outcome);
    if (answersAgain !== undefined) p *= ofAnswer(answersAgain, outcome);
    return p;
  });
}

export type SignalKind = 'light' | 'code' | 'beeps';

/** What the board itself showed and sounded. */
function signalsOf({ light, dark, code, beeps, silent }: StartSigns) {
  const signals: { readonly kind: SignalKind; readonly likelihood: (outcome: StartOutcome) => number }[] = [];
  if (light) signals.push({ kind: 'light', likelihood: (outcome) => ofLight(light, outcome) });
  else if (dark) signals.push({ kind: 'light', likelihood: ofDarkness });
  if (code) signals.push({ kind: 'code', likelihood: (outcome) => ofCode(code, outcome) });
  if (beeps) signals.push({ kind: 'beeps', likelihood: (outcome) => ofBeeps(beeps, outcome) });
  else if (silent) signals.push({ kind: 'beeps', likelihood: ofSilence });
  return signals;
}

/**
 * Likelihood of everything that was seen of a start, by the outcome that it really had, in the order of START_OUTCOMES.
 * Scaled so that the greatest is 1. `noted` is the outcome that was pressed; null where only signs were noted. One that
 * only says what the signals say already adds nothing to them.
 */
export function likelihoodOfSigns(signs: StartSigns, noted: StartOutcome | null): Float64Array {
  const alone = likelihoodAlone(signs, noted);
  const isSame = noted !== null && isSignalled(noted) && signalsOf(signs).length > 0;
  const derived = isSame ? likeliest(alone) : null;
  const likelihood = alone.map((p, o) => {
    const outcome = START_OUTCOMES[o] ?? 'dead';
    if (noted === null || noted === outcome) return p;
    if (isSame && isSignalled(outcome)) return noted === derived ? p : p * pressedAnother;
    return p * notedAnother;
  });
  const most = Math.max(...likelihood);
  return likelihood.map((p) => p / most);
}

const likeliest = (likelihood: Float64Array): StartOutcome =>
  START_OUTCOMES[likelihood.indexOf(Math.max(...likelihood))] ?? 'dead';

/** The one outcome that what was seen stands for: the likeliest, and of several alike the one that comes first. */
export const outcomeOfSigns = (signs: StartSigns): StartOutcome => likeliest(likelihoodAlone(signs, null));

/** The outcome that was noted, told apart further by what was seen besides where only lights, codes and beeps can tell. */
export const outcomeWithSigns = (noted: StartOutcome, signs: StartSigns | undefined): StartOutcome =>
  signs && isSignalled(noted) ? likeliest(likelihoodOfSigns(signs, noted)) : noted;

/**
 * What each signal says for one outcome against the likeliest other, in decibans: positive speaks for it.
 * A signal that says nothing of either has 0.
 */
export function decibansOfSignals(
  signs: StartSigns,
  outcome: StartOutcome,
): readonly { readonly kind: SignalKind; readonly decibans: number }[] {
  const others = START_OUTCOMES.filter((one) => one !== outcome && (isSignalled(one) || one === 'no-boot'));
  return signalsOf(signs).map(({ kind, likelihood }) => ({
    kind,
    decibans: 10 * Math.log10(likelihood(outcome) / Math.max(...others.map(likelihood))),
  }));
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

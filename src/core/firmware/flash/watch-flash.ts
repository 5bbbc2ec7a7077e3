import { periodOf, tempoRuns, withoutBounces } from './light-tempo';
import { rankGaveUp, type FlashFacts, type GaveUpReason } from './gave-up-reasons';
import type { BareFlash, FlashPhase, LightPhase } from '../boards/release';

/** What the person at the board noted: a blink, or that the light now stays. Seconds since the button was let go. */
export interface LightMark {
  readonly seen: 'blink' | 'steady' | 'off';
  readonly seconds: number;
}

/** A stretch of the light, as the timeline draws it. */
export interface LightRun {
  readonly phase: FlashPhase | 'blinking' | 'gave-up';
  readonly fromSeconds: number;
  readonly toSeconds: number;
  /** Null where it does not blink. */
  readonly periodSeconds: number | null;
}

export interface FlashWatch {
  /**
   * waiting: no blink yet. working: within the usual time. slow: past it. overdue: past the worst time. unsure: no mark for
   * long. finished: the light ended as it should. early: it ended too soon to be complete. gave-up: it stopped at once.
   */
  readonly state: 'waiting' | 'no-light' | 'working' | 'slow' | 'overdue' | 'unsure' | 'finished' | 'early' | 'gave-up';
  readonly phase: FlashPhase | 'blinking' | null;
  readonly runs: readonly LightRun[];
  /** Of the tempo now; null while it does not blink. */
  readonly periodSeconds: number | null;
  readonly elapsedSeconds: number;
  /** Usual end of the whole, from and to, counted from the first blink; null where the book has no times. */
  readonly usualEnd: readonly [from: number, to: number] | null;
  /** What to know now, in one or two sentences. */
  readonly words: string;
  /** While this is true the power must stay on. */
  readonly keepPower: boolean;
  /** Where it gave up: the likeliest reason first. */
  readonly reasons: readonly GaveUpReason[];
}

/** A board answers its button within this many seconds. */
const answersWithinSeconds = 15;
/** This long without a mark, in periods and at least in seconds, and it is asked whether it still blinks. */
const quietPeriods = 6;
const quietSeconds = 45;
/** A stop that comes this many periods after the last marked blink was watched. */
const watchedPeriods = 8;
/** Nothing is written in less than this share of the usual time. */
const minShare = 0.4;

/**
 * What a bare-board flash is doing, from marks a person made: tempo, phase, whether that is still normal, and if it gave
 * up, why. It never says that the power may be cut while the light blinks.
 */
export function watchFlash(
  flash: BareFlash,
  marks: readonly LightMark[],
  nowSeconds: number,
  facts: FlashFacts,
): FlashWatch {
  const blinks = marks.filter(({ seen }) => seen === 'blink').map(({ seconds }) => seconds);
  const first = blinks[0];
  const last = marks.at(-1);
  if (first === undefined || !last) return beforeBlinking(nowSeconds, last ?? null, facts);
  const runs = runsOf(flash, blinks);
  const end = last.seen === 'blink' ? nowSeconds : last.seconds;
  const elapsedSeconds = end - first;
  const usualEnd = usualEndOf(flash.phases);
  const base = { runs, elapsedSeconds, usualEnd, phase: runs.at(-1)?.phase ?? 'blinking', reasons: [] } as const;
  const phase = base.phase === 'gave-up' ? 'blinking' : base.phase;
  return last.seen === 'blink'
    ? whileBlinking({ ...base, phase }, flash, nowSeconds - last.seconds)
    : whenStopped(
        { ...base, phase },
        flash,
        { blinks: blinks.length, seen: last.seen, at: end, quiet: end - (blinks.at(-1) ?? end) },
        facts,
      );
}

/** Nobody has marked a blink: that is not to say that there was none, unless the light was marked as staying. */
function beforeBlinking(nowSeconds: number, last: LightMark | null, facts: FlashFacts): FlashWatch {
  const waiting = {
    phase: null,
    runs: [],
    periodSeconds: null,
    elapsedSeconds: nowSeconds,
    usualEnd: null,
    reasons: [],
  } as const;
  if (last)
    return {
      ...waiting,
      state: 'no-light',
      words:
        'The light never blinked: the board did not react to the button. Check the plugs and the supply, then press and hold again.',
      keepPower: false,
      reasons: rankGaveUp({ ...facts, blinks: 0, seconds: 0 }),
    };
  return nowSeconds <= answersWithinSeconds
    ? { ...waiting, state: 'waiting', words: 'Mark each blink as you see it.', keepPower: true }
    : {
        ...waiting,
        state: 'unsure',
        words: `No blink was marked. If the light blinks, mark it. ${powerStays} If it never blinked, mark that it went out or stays on.`,
        keepPower: true,
      };
}

interface Base {
  readonly runs: readonly LightRun[];
  readonly elapsedSeconds: number;
  readonly usualEnd: FlashWatch['usualEnd'];
  readonly phase: FlashPhase | 'blinking';
  readonly reasons: readonly GaveUpReason[];
}

const words: Readonly<Record<FlashPhase | 'blinking', string>> = {
  reading: 'It reads the stick.',
  writing: 'It writes.',
  finished: 'It has finished.',
  blinking: 'It blinks.',
};
const powerStays = 'Leave the power on.';

function whileBlinking(base: Base, flash: BareFlash, quiet: number): FlashWatch {
  const { elapsedSeconds, usualEnd, phase, runs } = base;
  const periodSeconds = runs.at(-1)?.periodSeconds ?? null;
  const working = { ...base, periodSeconds, keepPower: true } as const;
  if (quiet > Math.max(quietSeconds, quietPeriods * (periodSeconds ?? 1)))
    return {
      ...working,
      state: 'unsure',
      words: `No mark for ${inWords(quiet)}. Look at the light: mark a blink if it blinks, or that it stays on or off. ${powerStays}`,
    };
  if (elapsedSeconds > flash.worstSeconds)
    return {
      ...working,
      state: 'overdue',
      words: `${inWords(elapsedSeconds - flash.worstSeconds)} past the longest usual time. It most likely did not work. As long as it blinks, it may be writing. ${powerStays}`,
    };
  const latest = usualEnd?.[1];
  if (latest !== undefined && elapsedSeconds > latest)
    return {
      ...working,
      state: 'slow',
      words: `${words[phase]} ${inWords(elapsedSeconds - latest)} past the usual time; up to ${inWords(flash.worstSeconds)} in all is normal. ${powerStays}`,
    };
  const left =
    latest === undefined ? '' : ` Usually done within ${inWords(Math.max(1, latest - elapsedSeconds))} from now.`;
  return { ...working, state: 'working', words: `${words[phase]} This is normal.${left} ${powerStays}` };
}

interface Stop {
  readonly blinks: number;
  readonly seen: 'steady' | 'off';
  readonly at: number;
  /** Seconds between the last blink that was marked and this mark. */
  readonly quiet: number;
}

function whenStopped(base: Base, flash: BareFlash, { blinks, seen, at, quiet }: Stop, facts: FlashFacts): FlashWatch {
  const { elapsedSeconds, usualEnd, runs } = base;
  const wrote = runs.some(({ phase }) => phase === 'writing');
  const isKnownToWrite = flash.phases.some((phase) => phase.phase === 'writing' && isTimed(phase));
  // Only where it was watched to the end: who looked away may have missed the writing.
  const wasWatched = quiet <= watchedPeriods * (runs.at(-1)?.periodSeconds ?? 1);
  const stoppedReading = isKnownToWrite && !wrote && wasWatched && elapsedSeconds < (usualEnd?.[0] ?? 0);
  const ended = { ...base, periodSeconds: null, keepPower: false } as const;
  if (stoppedReading || (!wrote && elapsedSeconds <= flash.gaveUpWithinSeconds)) {
    const gaveUp: LightRun = { phase: 'gave-up', fromSeconds: at, toSeconds: at, periodSeconds: null };
    return {
      ...ended,
      state: 'gave-up',
      phase: null,
      runs: [...runs, gaveUp],
      words: `It failed after ${blinks} ${blinks === 1 ? 'blink' : 'blinks'} in ${inWords(elapsedSeconds)}: nothing was written. Fix the most likely reason and try again.`,
      reasons: rankGaveUp({ ...facts, blinks, seconds: elapsedSeconds }),
    };
  }
  const finished = flash.phases.find(({ phase }) => phase === 'finished')?.light;
  const mismatch =
    finished !== undefined && finished !== seen
      ? ` According to the board book the light ${finished === 'off' ? 'goes out' : finished === 'steady' ? 'stays on' : 'blinks'} at the end; here it ${seen === 'off' ? 'went out' : 'stays on'}.`
      : '';
  const finish: LightRun = { phase: 'finished', fromSeconds: at, toSeconds: at, periodSeconds: null };
  if (usualEnd && elapsedSeconds < minShare * usualEnd[0])
    return {
      ...ended,
      state: 'early',
      phase: 'finished',
      runs: [...runs, finish],
      words: `It stopped after ${inWords(elapsedSeconds)}, too soon to be complete. Wait a minute; if the light stays like this, check the version before you trust it.${mismatch}`,
    };
  return {
    ...ended,
    state: 'finished',
    phase: 'finished',
    runs: [...runs, finish],
    words: `It finished after ${inWords(elapsedSeconds)}.${mismatch} Switch the supply off, drain it, take the stick out.`,
  };
}

/** The stretches of the light; without timed phases one stretch of blinking. */
function runsOf(flash: BareFlash, blinks: readonly number[]): LightRun[] {
  const timed = flash.phases.filter(isTimed);
  if (timed.length > 0) {
    const periods = timed.map(({ periodSeconds }) => periodSeconds);
    const runs = tempoRuns(blinks, periods);
    if (runs.length > 0)
      return runs.map(({ phase, ...run }): LightRun => ({ ...run, phase: timed[phase]?.phase ?? 'blinking' }));
  }
  const clean = withoutBounces(blinks, 0.3);
  const [from] = clean;
  const to = clean.at(-1);
  if (from === undefined || to === undefined || clean.length < 2) return [];
  const intervals = clean.slice(1).map((tap, i) => tap - (clean[i] ?? 0));
  return [{ phase: 'blinking', fromSeconds: from, toSeconds: to, periodSeconds: periodOf(intervals) }];
}

const isTimed = (phase: LightPhase): phase is LightPhase & { periodSeconds: number } =>
  phase.light === 'blink' && phase.periodSeconds !== undefined;

function usualEndOf(phases: readonly LightPhase[]): FlashWatch['usualEnd'] {
  const timed = phases.filter(({ light, toSeconds }) => light === 'blink' && toSeconds !== undefined);
  if (timed.length === 0) return null;
  const sum = (of: (phase: LightPhase) => number) => timed.reduce((total, phase) => total + of(phase), 0);
  return [sum(({ fromSeconds }) => fromSeconds ?? 0), sum(({ toSeconds }) => toSeconds ?? 0)];
}

/** Seconds as people say them. */
export function inWords(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  if (whole < 90) return whole === 1 ? '1 second' : `${whole} seconds`;
  const minutes = Math.floor(whole / 60);
  const rest = whole % 60;
  return rest === 0 ? `${minutes} min` : `${minutes} min ${rest} s`;
}

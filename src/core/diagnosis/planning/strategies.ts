import { BUILD_STEPS } from '../../isolation';
import type { PartKind } from '../../machine';
import type { FaultInstance } from '../../faults';
import type { LinkId, StartOutcome } from '../../startup';
import type { Trial, TrialKind } from '../../trials';
import { aimsOf } from './aims';

/** Orders in which trials are chosen. */
export const STRATEGIES = ['best-value', 'outside-in', 'signal-led', 'strip-down', 'build-up', 'swap-first'] as const;
export type Strategy = (typeof STRATEGIES)[number];

export const STRATEGY_NAMES: Readonly<Record<Strategy, string>> = {
  'best-value': 'Best value',
  'outside-in': 'Outside in',
  'signal-led': 'Signal-led',
  'strip-down': 'Strip down',
  'build-up': 'Build up on the bench',
  'swap-first': 'Swap first',
};

/** What a strategy goes by besides the trial itself. */
export interface StrategyView {
  readonly faults: readonly FaultInstance[];
  /** The last failing start that was seen, or what was forecast. */
  readonly signal: StartOutcome | null;
}

/** From the wall inwards, the processor last. */
const fromOutside: Readonly<Record<PartKind, number>> = {
  outlet: 1,
  cord: 2,
  adapter: 3,
  supply: 4,
  monitor: 5,
  'display-cable': 6,
  keyboard: 7,
  'usb-device': 8,
  'case-switch': 9,
  board: 12,
  'front-usb': 13,
  'front-audio': 13.5,
  module: 14,
  slot: 14,
  card: 16,
  drive: 17,
  fan: 18,
  'coin-cell': 19,
  cooler: 22,
  channel: 29,
  processor: 30,
};

/** Looks at the board that take the machine apart come late. */
const lateLooks: Readonly<Record<string, number>> = {
  'board-signs': 21,
  'rail-short': 21.5,
  'stand-offs': 26,
  'socket-pins': 29,
};

/** The place of trials that stand elsewhere than their part; null for those that stand with it. */
function placeApart({ ref, part }: Trial): number | null {
  switch (ref.kind) {
    case 'start':
    case 'start-and-wait':
      return 0;
    case 'run-under-load':
      return 0.5;
    case 'bridge-pins':
      return 10;
    case 'measure':
      return 11;
    case 'one-per-channel':
      return 14.6;
    case 'minimal-in-case':
      return 24;
    case 'minimal-on-bench':
      return 27;
    case 'build':
      return 28;
    case 'set':
      return 28.5;
    case 'look':
      return lateLooks[ref.look] ?? null;
    case 'repair':
      return ref.repair === 'reset-settings' ? 20 : ref.repair === 'clear-short' ? 26.5 : null;
    case 'spare':
      return part?.kind === 'processor' ? 31 : part?.kind === 'supply' ? 23 : null;
    case 'out':
    case 'back':
    case 'all-back':
    case 'back-in-case':
    case 'load-with-spare':
    case 'only':
    case 'on-bench':
    case 'out-all':
    case 'load-with-defaults':
    case 'only-spare':
    case 'reported':
    case 'tried':
    case 'set-up':
    case 'flashed':
      return null;
  }
}

function placeOutsideIn(trial: Trial): number {
  const apart = placeApart(trial);
  if (apart !== null) return apart;
  const base = trial.part ? fromOutside[trial.part.kind] : 12;
  return base + (trial.repair ? 0.5 : trial.spares.length > 0 ? 5 : trial.observe.kind === 'look' ? 0 : 0.3);
}

/** Links that a start outcome points at. */
const pointsAt: Readonly<Record<StartOutcome, readonly LinkId[]>> = {
  dead: ['wall', 'standby', 'start'],
  twitch: ['rails'],
  loop: ['memory', 'processor', 'rails'],
  'fans-full': ['graphics', 'processor'],
  'at-processor': ['processor'],
  'at-memory': ['memory'],
  'at-graphics': ['graphics'],
  blank: ['processor', 'memory', 'graphics'],
  dark: ['picture'],
  'message-fan': ['peripherals'],
  'message-usb': ['peripherals'],
  'message-keyboard': ['peripherals'],
  'message-settings': ['peripherals'],
  'no-boot': ['boot'],
  'system-stops': ['system'],
  'cuts-out': ['load'],
  works: [],
};

const after = 100;

const isUnderLoad = ({ observe }: Trial): boolean => observe.kind === 'start' && observe.depth === 'load';

/**
 * The place of each trial in a strategy's order, lowest first. "Best value" has no fixed order: every place is 0 and the
 * plan decides.
 */
export function placesBy(strategy: Strategy, { faults, signal }: StrategyView): (trial: Trial) => number {
  const pointed = signal === null ? [] : pointsAt[signal];
  const isPointedAt = (trial: Trial): boolean => {
    const aims = aimsOf(trial, faults);
    return pointed.some((link) => aims.has(link));
  };
  const first = (kinds: readonly TrialKind[]) => (trial: Trial) => {
    const place = kinds.indexOf(trial.ref.kind);
    if (place < 0) return after + placeOutsideIn(trial);
    // A build-up goes step by step and skips none.
    return trial.ref.kind === 'build' ? place + BUILD_STEPS.indexOf(trial.ref.step) / 10 : place;
  };
  switch (strategy) {
    case 'best-value':
      return () => 0;
    case 'outside-in':
      return placeOutsideIn;
    case 'signal-led':
      return (trial) => (isPointedAt(trial) ? 0 : after) + placeOutsideIn(trial);
    case 'strip-down':
      return first(['minimal-in-case', 'back', 'minimal-on-bench', 'only', 'out']);
    case 'build-up':
      return first(['minimal-on-bench', 'build', 'back', 'only']);
    case 'swap-first':
      return (trial) =>
        (trial.spares.length === 0 || trial.part?.kind === 'processor' ? 2 * after : isPointedAt(trial) ? 0 : after) +
        (isUnderLoad(trial) && signal !== 'cuts-out' ? after / 2 : 0) +
        placeOutsideIn(trial);
  }
}

import { BUILD_STEPS } from '../../isolation';
import type { PartKind } from '../../machine';
import type { FaultInstance, RepairId } from '../../faults';
import type { LinkId, StartOutcome } from '../../startup';
import type { Trial, TrialKind } from '../../trials';
import { isComplaintGone, reproducedComplaint, signalOf } from '../belief/complaint';
import type { EvidenceStep } from '../evidence-step';
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
  /** Nothing is gained by taking it apart to the minimum in these ways. */
  readonly stripped: ReadonlySet<TrialKind>;
}

const stripping: readonly TrialKind[] = ['minimal-in-case', 'minimal-on-bench'];

export function strategyViewOf(faults: readonly FaultInstance[], steps: readonly EvidenceStep[]): StrategyView {
  const complaint = reproducedComplaint(steps);
  const strips = steps.filter(({ trial }) => stripping.includes(trial.ref.kind));
  // At the minimum it got further: what is wrong is among what was taken off.
  const isPassed = complaint !== null && strips.some((step) => isComplaintGone(complaint, step) === true);
  return {
    faults,
    signal: signalOf(steps),
    stripped: new Set(isPassed ? stripping : strips.map(({ trial }) => trial.ref.kind)),
  };
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

/** Looks that take the machine apart, or half an hour, come late. */
const lateLooks: Readonly<Record<string, number>> = {
  'memory-test': 20.5,
  'supply-tester': 22.9,
  'board-signs': 21,
  'rail-short': 21.5,
  'stand-offs': 26,
  'socket-pins': 29,
};

/** Other modules come after a spare one, and what writes the firmware after all that can be undone. */
const lateRepairs: Partial<Readonly<Record<RepairId, number>>> = {
  'match-modules': 19.5,
  'reset-settings': 20,
  'clear-short': 26.5,
  'recover-firmware': 29.5,
  'roll-back-firmware': 29.5,
  'update-firmware': 29.5,
};

/** Swaps that take the machine apart come late, the processor last. */
const lateSpares: Partial<Readonly<Record<PartKind, number>>> = { supply: 23, board: 30.5, processor: 31 };

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
      return lateRepairs[ref.repair] ?? null;
    case 'spare':
      return part ? (lateSpares[part.kind] ?? null) : null;
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
  blank: ['processor', 'memory', 'graphics', 'picture'],
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

/** A swap for which everything comes out. */
const takesItApart = ({ part }: Trial): boolean => part?.kind === 'processor' || part?.kind === 'board';

const isUnderLoad = ({ observe }: Trial): boolean => observe.kind === 'start' && observe.depth === 'load';

/**
 * The place of each trial in a strategy's order, lowest first; at the same place the plan decides. "Best value" has no
 * fixed order: every place is 0.
 */
export function placesBy(strategy: Strategy, { faults, signal, stripped }: StrategyView): (trial: Trial) => number {
  const pointed = signal === null ? [] : pointsAt[signal];
  const isPointedAt = (trial: Trial): boolean => {
    const aims = aimsOf(trial, faults);
    return pointed.some((link) => aims.has(link));
  };
  // Load is for what cuts out; anything else has to start first.
  const tooEarly = (trial: Trial): number => (isUnderLoad(trial) && signal !== 'cuts-out' ? after / 2 : 0);
  const first = (kinds: readonly TrialKind[]) => (trial: Trial) => {
    const place = kinds.indexOf(trial.ref.kind);
    // For the sake of the order nothing is taken apart twice. After it the plan decides.
    if (place < 0 || stripped.has(trial.ref.kind)) return after;
    // A build-up goes step by step and skips none.
    return trial.ref.kind === 'build' ? place + BUILD_STEPS.indexOf(trial.ref.step) / 10 : place;
  };
  switch (strategy) {
    case 'best-value':
      return () => 0;
    case 'outside-in':
      return (trial) => placeOutsideIn(trial) + tooEarly(trial);
    case 'signal-led':
      return (trial) => (isPointedAt(trial) ? 0 : after) + placeOutsideIn(trial) + tooEarly(trial);
    case 'strip-down':
      return first(['minimal-in-case', 'back', 'minimal-on-bench', 'only', 'out']);
    case 'build-up':
      return first(['minimal-on-bench', 'build', 'back', 'only']);
    case 'swap-first':
      // Among swaps that are pointed at alike, the plan decides: the likeliest part for its minutes. So it does after them.
      return (trial) =>
        trial.spares.length === 0 || takesItApart(trial)
          ? 2 * after
          : (isPointedAt(trial) ? 0 : after) + tooEarly(trial);
  }
}

import type { Circumstance } from './fault-mode';

/** Faults that one event brings together: two of them are one cause, not rivals. */
export interface JointCause {
  readonly id: string;
  /** What a technician calls it. */
  readonly title: string;
  /** Why they go together, in one sentence. */
  readonly reason: string;
  /** Fault modes; any two of them, at whatever parts, go together. */
  readonly modes: readonly string[];
  /** How many times likelier two of them are than two faults that know nothing of each other: engineering judgement. */
  readonly times: number;
  /** The same where one of these is known. */
  readonly when?: { readonly known: readonly Circumstance[]; readonly times: number };
}

/** Thirty at most: each is one bit of a number. */
export const JOINT_CAUSES: readonly JointCause[] = [
  {
    id: 'overload',
    title: 'More is drawn than the supply and its leads can carry',
    reason: 'A supply that is too small is fed on through splitters and adapters, and shuts itself off.',
    modes: ['supply-too-small', 'card-lead-split', 'supply-latched', 'card-plug-scorched', 'strip-too-weak'],
    times: 8,
    when: { known: ['card-changed'], times: 16 },
  },
  {
    id: 'liquid',
    title: 'Liquid got to several parts',
    reason: 'What runs into a case wets the switch, the front sockets and the board in one go.',
    modes: [
      'switch-wet',
      'reset-stuck',
      'liquid-on-board',
      'front-usb-short',
      'front-usb-overcurrent',
      'usb-header-short',
      'rear-usb-dead',
      'keyboard-dead',
      'keyboard-port-dead',
    ],
    times: 6,
    when: { known: ['spill'], times: 25 },
  },
  {
    id: 'kit',
    title: 'The modules were bought together, and are bad together',
    reason: 'Modules of one kit share their type, their age and what was done to them.',
    modes: ['module-of-another-kind', 'module-dead', 'module-flawed', 'module-contacts-dirty'],
    times: 5,
    when: { known: ['memory-changed', 'used-parts'], times: 10 },
  },
  {
    id: 'knocked',
    title: 'The machine was knocked about',
    reason: 'On the way, what is heavy or only pushed in comes loose in several places.',
    modes: [
      'module-not-seated',
      'card-not-seated',
      'cooler-badly-mounted',
      'channel-cooler-pressure',
      'main-plug-loose',
      'drive-lead-loose',
      'm2-not-seated',
      'display-cable-loose',
      'cord-loose',
      'switch-lead-off',
      'front-usb-shifted',
    ],
    times: 2,
    when: { known: ['moved'], times: 6 },
  },
  {
    id: 'surge',
    title: 'A surge damaged several parts',
    reason: 'It comes over the mains, the monitor cable and the network, and stops at no part.',
    modes: [
      'supply-dead',
      'supply-latched',
      'board-standby-dead',
      'board-short',
      'board-processor-power-dead',
      'card-dead',
      'drive-dead',
      'monitor-dead',
      'outlet-dead',
    ],
    times: 2,
    when: { known: ['storm', 'smoke', 'breaker-trips'], times: 10 },
  },
  {
    id: 'one-hand',
    title: 'More than one thing was forgotten or mixed up in the same build',
    reason: 'Who builds for the first time leaves out more than one step.',
    modes: [
      'main-plug-loose',
      'processor-plug-missing',
      'card-power-missing',
      'module-not-seated',
      'wrong-slots',
      'cooler-fan-unplugged',
      'film-left-on',
      'switch-on-wrong-pins',
      'cable-in-board-output',
      'short-under-board',
      'supply-lead-loose',
    ],
    times: 1,
    when: { known: ['new-build'], times: 4 },
  },
  {
    id: 'socket',
    title: 'The processor was changed, and its socket suffered',
    reason: 'A processor set in at an angle bends pins, and sits badly on them.',
    modes: ['processor-badly-seated', 'socket-pins-bent', 'channel-pins-bent', 'cooler-pressure-uneven'],
    times: 3,
    when: { known: ['processor-changed', 'cooler-touched'], times: 8 },
  },
];

/** By fault mode: one bit for each joint cause that it belongs to. */
const bitsByMode = new Map<string, number>();
JOINT_CAUSES.forEach(({ modes }, at) => {
  for (const mode of modes) bitsByMode.set(mode, (bitsByMode.get(mode) ?? 0) | (1 << at));
});

export const jointCauseBits = (mode: string): number => bitsByMode.get(mode) ?? 0;

/** The strongest joint cause of the bits: its place in JOINT_CAUSES, and the factor; null where there is none. */
export function strongestJointCause(
  bits: number,
  circumstances: readonly Circumstance[],
): { readonly index: number; readonly times: number } | null {
  let best: { index: number; times: number } | null = null;
  JOINT_CAUSES.forEach(({ times, when }, index) => {
    if ((bits & (1 << index)) === 0) return;
    const own = when?.known.some((known) => circumstances.includes(known)) ? when.times : times;
    if (own > 1 && (!best || own > best.times)) best = { index, times: own };
  });
  return best;
}

import type { Machine } from '../machine';
import type { Circumstance } from './fault-mode';
import { chanceOfOverload } from './power-factors';

/** Faults that one event brings together: two of them are one cause, not rivals. */
export interface JointCause {
  readonly id: string;
  /** What a technician calls it. */
  readonly title: string;
  /** Why they go together, in one sentence. */
  readonly reason: string;
  /** Fault modes; any two of them, at whatever parts, go together. */
  readonly modes: readonly string[];
  /** Probability, 0 to 1, that one of them has another of them beside it: engineering judgement. */
  readonly chance: number;
  /** The same where one of these is known. */
  readonly when?: { readonly known: readonly Circumstance[]; readonly chance: number };
  /** The same by what was noted of the machine; null where that says nothing of it. */
  readonly inMachine?: (machine: Machine) => number | null;
}

/** Thirty at most: each is one bit of a number. */
export const JOINT_CAUSES: readonly JointCause[] = [
  {
    id: 'overload',
    title: 'More is drawn than the supply and its leads can carry',
    reason: 'A supply that is too small is fed on through splitters and adapters, and shuts itself off.',
    modes: ['supply-too-small', 'card-lead-split', 'supply-latched', 'card-plug-scorched', 'strip-too-weak'],
    chance: 0.2,
    when: { known: ['card-changed'], chance: 0.3 },
    inMachine: chanceOfOverload,
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
    chance: 0.03,
    when: { known: ['spill'], chance: 0.3 },
  },
  {
    id: 'kit',
    title: 'The modules were bought together, and are bad together',
    reason: 'Modules of one kit share their type, their age and what was done to them.',
    modes: ['module-of-another-kind', 'module-dead', 'module-flawed', 'module-contacts-dirty'],
    chance: 0.04,
    when: { known: ['memory-changed', 'used-parts'], chance: 0.1 },
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
    chance: 0.02,
    when: { known: ['moved'], chance: 0.06 },
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
    chance: 0.02,
    when: { known: ['storm', 'smoke', 'breaker-trips'], chance: 0.12 },
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
    chance: 0,
    when: { known: ['new-build'], chance: 0.07 },
  },
  {
    id: 'socket',
    title: 'The processor was changed, and its socket suffered',
    reason: 'A processor set in at an angle bends pins, and sits badly on them.',
    modes: ['processor-badly-seated', 'socket-pins-bent', 'channel-pins-bent', 'cooler-pressure-uneven'],
    chance: 0.03,
    when: { known: ['processor-changed', 'cooler-touched'], chance: 0.1 },
  },
  {
    id: 'settings-lost',
    title: 'The coin cell went flat, and the settings with it',
    reason: 'With every cut of the power the board forgets how the disk is started.',
    modes: ['coin-cell-flat', 'boot-settings-wrong'],
    chance: 0.02,
    when: { known: ['old'], chance: 0.3 },
  },
];

/** By fault mode: one bit for each joint cause that it belongs to. */
const bitsByMode = new Map<string, number>();
JOINT_CAUSES.forEach(({ modes }, at) => {
  for (const mode of modes) bitsByMode.set(mode, (bitsByMode.get(mode) ?? 0) | (1 << at));
});

export const jointCauseBits = (mode: string): number => bitsByMode.get(mode) ?? 0;

/** By place in JOINT_CAUSES: the chance of each in a case of which this is known. */
export const jointChances = (machine: Machine, circumstances: readonly Circumstance[]): number[] =>
  JOINT_CAUSES.map(({ chance, when, inMachine }) => {
    const usual = when?.known.some((known) => circumstances.includes(known)) ? when.chance : chance;
    return inMachine?.(machine) ?? usual;
  });

/** Of the causes whose bits are set, the place of the one with the greatest chance; null where none has any. */
export function likeliestJointCause(bits: number, chances: readonly number[]): number | null {
  let best: number | null = null;
  chances.forEach((chance, at) => {
    if ((bits & (1 << at)) !== 0 && chance > (best === null ? 0 : (chances[best] ?? 0))) best = at;
  });
  return best;
}

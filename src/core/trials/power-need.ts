import type { StartOutcome } from '../startup';

/**
 * What a trial needs of the machine while it is done, from least to most: the cord in; a press of the button; that it
 * stays on; that it reaches its menu; that a system runs.
 */
const POWER_NEEDS = ['cord', 'start', 'stays-on', 'menu', 'system'] as const;
export type PowerNeed = (typeof POWER_NEEDS)[number];

/** How far a machine that shows this can be relied on to get. */
const reachedBy: Readonly<Record<StartOutcome, PowerNeed>> = {
  dead: 'start',
  twitch: 'start',
  loop: 'start',
  'fans-full': 'stays-on',
  'at-processor': 'stays-on',
  'at-memory': 'stays-on',
  'at-graphics': 'stays-on',
  blank: 'stays-on',
  dark: 'stays-on',
  'message-fan': 'stays-on',
  'message-usb': 'stays-on',
  'message-keyboard': 'menu',
  'message-settings': 'menu',
  'no-boot': 'menu',
  'system-stops': 'menu',
  'cuts-out': 'system',
  works: 'system',
};

/** Why a machine that showed this at its last start cannot do what a trial needs, in a sentence; null where it can. */
export function whyNotMet(need: PowerNeed, outcome: StartOutcome): string | null {
  return POWER_NEEDS.indexOf(need) <= POWER_NEEDS.indexOf(reachedBy[outcome]) ? null : notMet[need];
}

/** The cord and a press of the button are met by every machine. */
const notMet: Readonly<Record<PowerNeed, string | null>> = {
  cord: null,
  start: null,
  'stays-on': 'It does not stay on for this.',
  menu: 'It does not get as far as its menu.',
  system: 'No system runs that could put it under load.',
};

import type { Movement } from './movement';

/** A supply and its plugs: how they come off and on, and how a spare stands in for a test. */

export const ownLeadsOnly =
  'Use only the leads that belong to this very supply: other plugs fit and are wired otherwise.';

export const supplyPlugsOut: readonly Movement[] = [
  {
    text: 'Press the latch of the 24-pin plug and pull the plug, not the wires.',
    drawing: { kind: 'plug', plug: '24-pin' },
  },
  {
    text: 'Pull the processor plug, the card plugs and every drive plug in the same way.',
    drawing: { kind: 'plug', plug: 'processor' },
  },
];

export const supplyPlugsIn: readonly Movement[] = [
  {
    text: 'Push the 24-pin plug in.',
    feel: 'The latch hooks over and no gap is left.',
    drawing: { kind: 'plug', plug: '24-pin' },
  },
  {
    text: 'Push the processor plug in at the top of the board.',
    feel: 'It clicks.',
    avoid: 'A card plug looks alike and does not belong there.',
    drawing: { kind: 'plug', plug: 'processor' },
  },
  { text: 'Plug card and drives in again.' },
];

/** A spare supply for a test stands beside the machine: the own one stays where it is, only the plugs change. */
export const supplyBeside = (): Movement[] => [
  ...supplyPlugsOut,
  {
    text: 'Leave its own supply in place and stand the known-good one beside the machine; compare rating and plugs.',
    avoid: ownLeadsOnly,
  },
  ...supplyPlugsIn,
];

/** The spare beside the machine goes away again. */
export const supplyFromBeside = (): Movement[] => [
  ...supplyPlugsOut,
  { text: 'Take the known-good supply away and take up the leads of its own one.', avoid: ownLeadsOnly },
  ...supplyPlugsIn,
];

import { nameInWords, nameOf, slotOf, type Part } from '../../machine';
import { boardIn, boardOut } from './board-movements';
import { isSmall, type AtPart, type Movement } from './movement';
import { ownLeadsOnly, supplyPlugsIn, supplyPlugsOut } from './supply-movements';

/** How a part comes out and goes in, by its kind and by the machine. */

const slotName = ({ machine, configuration, part }: AtPart): string | null => {
  const slot = part.kind === 'module' ? slotOf(configuration, part) : null;
  return slot ? nameOf(machine, slot).replace(/^slot /, '') : null;
};

const moduleOut = (at: AtPart): Movement[] =>
  isSmall(at)
    ? [
        {
          text: `Spread the two metal clips of ${nameInWords(at.part)} outwards with your fingernails.`,
          feel: 'It springs up at an angle.',
          drawing: { kind: 'slots', into: slotName(at) },
        },
        { text: 'Pull it out of the slot at that angle, by its edges.' },
      ]
    : [
        {
          text: `Press the latch at the end of ${nameInWords(at.part)}'s slot outwards; some slots have one at each end.`,
          feel: 'The module comes up a little.',
          drawing: { kind: 'slots', into: slotName(at) },
        },
        { text: 'Lift it straight out by its edges.', avoid: 'Do not touch its contacts.' },
      ];

const moduleIn = (at: AtPart, into: string | null = slotName(at)): Movement[] => {
  const where = into ? `slot ${into}` : 'its slot';
  return isSmall(at)
    ? [
        {
          text: `Set ${nameInWords(at.part)} into ${where} at an angle, its notch over the key, until no gold shows.`,
          drawing: { kind: 'slots', into },
        },
        { text: 'Press it down flat.', feel: 'Both clips snap over its edges.' },
      ]
    : [
        {
          text: `Open the latches of ${where} and turn the module so that its notch is over the key.`,
          avoid: 'It fits one way round only. Never force it.',
          drawing: { kind: 'slots', into },
        },
        {
          text: 'Press both ends straight down with your thumbs.',
          feel: 'Both sides click, and the latches stand up.',
        },
      ];
};

/** The way out of each kind of part; a kind without an entry is simply unplugged. */
const ways: Partial<
  Record<Part['kind'], { readonly out: (at: AtPart) => Movement[]; readonly in: (at: AtPart) => Movement[] }>
> = {
  module: { out: moduleOut, in: (at) => moduleIn(at) },
  card: {
    out: ({ part }) => [
      {
        text: `Pull the power plugs of ${nameInWords(part)} by their bodies, latch pressed.`,
        drawing: { kind: 'plug', plug: 'card' },
      },
      { text: 'Take out the screw at its bracket.' },
      {
        text: 'Press the latch at the end of its slot and lift it straight out, level.',
        avoid: 'Do not rock it from side to side.',
      },
    ],
    in: ({ part }) => [
      {
        text: `Press ${nameInWords(part)} straight down into its slot.`,
        feel: 'The latch at the end of the slot clicks, and no gold shows.',
      },
      { text: 'Screw its bracket down.', feel: 'It does not lift out of the slot again at the other end.' },
      {
        text: 'Push its power plugs in until they click.',
        drawing: { kind: 'plug', plug: 'card' },
        feel: 'Each latch hooks over.',
      },
    ],
  },
  supply: {
    out: () => [
      ...supplyPlugsOut,
      {
        text: 'Take out the four screws at the back and lift the supply out.',
        avoid: 'Hold it before the last screw is out.',
      },
    ],
    in: () => [
      {
        text: 'Set the supply in and put in its four screws.',
        avoid: ownLeadsOnly,
      },
      ...supplyPlugsIn,
    ],
  },
  adapter: {
    out: ({ part }) => [
      { text: `Pull ${nameInWords(part)} out of the wall first, then its barrel plug out of the machine.` },
    ],
    in: () => [
      {
        text: 'Compare volts, amperes and polarity on the label with the marking beside the jack.',
        drawing: { kind: 'barrel' },
        avoid: 'Another voltage or polarity destroys the board.',
      },
      { text: 'Push the barrel plug fully in, then the adapter into the wall.', feel: 'It does not wobble.' },
    ],
  },
  processor: {
    out: () => [
      {
        text: 'Loosen the screws of the cooler crosswise, a turn each, and twist it a little before you lift it.',
        drawing: { kind: 'screws' },
        avoid: 'Do not pull it straight up: a processor may come with it.',
      },
      {
        text: 'Open the lever of the socket and lift the processor straight up by its edges.',
        feel: 'It comes without force.',
      },
    ],
    in: () => [
      {
        text: 'Lay the processor in with its corner mark at the mark of the socket.',
        feel: 'It drops in by itself. Nothing has to be pressed.',
        avoid: 'Nothing may touch the contacts of the socket.',
      },
      { text: 'Close the lever.' },
      { text: 'Wipe both surfaces clean and put on fresh paste, as much as a pea.' },
      {
        text: 'Set the cooler on straight and tighten its screws crosswise, a turn each.',
        drawing: { kind: 'screws' },
      },
      { text: 'Plug its fan into the processor-fan header.' },
    ],
  },
  board: { out: () => [...boardOut], in: () => [...boardIn] },
  cooler: {
    out: () => [
      { text: 'Pull the plug of its fan.' },
      {
        text: 'Loosen its screws crosswise, a turn each, and twist it a little before you lift it.',
        drawing: { kind: 'screws' },
      },
    ],
    in: () => [
      { text: 'Take the film off, wipe both surfaces clean, and put on fresh paste, as much as a pea.' },
      {
        text: 'Set it on straight and tighten its screws crosswise, a turn each.',
        drawing: { kind: 'screws' },
        feel: 'All are equally tight, and it does not tilt.',
      },
      { text: 'Plug its fan into the processor-fan header.', feel: 'The plug fits one way round.' },
    ],
  },
  drive: {
    out: ({ part }) =>
      part.bus === 'm2'
        ? [
            {
              text: `Take out the small screw at the end of ${nameInWords(part)}.`,
              feel: 'It springs up at an angle.',
            },
            { text: 'Pull it out of its socket at that angle.' },
          ]
        : [{ text: `Pull the data plug and the power plug of ${nameInWords(part)}, latches pressed.` }],
    in: ({ part }) =>
      part.bus === 'm2'
        ? [
            { text: `Push ${nameInWords(part)} into its socket at an angle until no gold shows.` },
            { text: 'Press it down flat and put its screw in.', feel: 'It lies flat.' },
          ]
        : [
            {
              text: `Push the data plug and the power plug of ${nameInWords(part)} fully in.`,
              feel: 'The data plug clicks.',
            },
          ],
  },
  'front-usb': {
    out: ({ part }) => [
      {
        text: `Pull the plug of ${nameInWords(part)} straight off its header.`,
        avoid: 'Do not tilt it: the pins bend.',
      },
    ],
    in: ({ part }) => [
      {
        text: `Set the plug of ${nameInWords(part)} on its header, the closed hole over the missing pin.`,
        feel: 'It slides on without force, and no pin is free.',
      },
    ],
  },
  'case-switch': {
    out: () => [
      { text: 'Pull the two-pin plug of the switch off the front header.', drawing: { kind: 'switch-pins' } },
    ],
    in: () => [
      {
        text: 'Set the two-pin plug on the two switch pins. Which way round does not matter.',
        drawing: { kind: 'switch-pins' },
      },
    ],
  },
  'display-cable': {
    out: ({ part }) => [
      { text: `Loosen the screws or press the latch of ${nameInWords(part)} and pull it off at both ends.` },
    ],
    in: ({ part }) => [
      { text: `Push ${nameInWords(part)} fully in at both ends.`, feel: 'It does not wobble; a latch clicks.' },
    ],
  },
  'coin-cell': {
    out: () => [{ text: 'Press the small clip beside the coin cell.', feel: 'The cell springs up.' }],
    in: () => [{ text: 'Put the cell in with its printed face up.', feel: 'It snaps under the clip.' }],
  },
};

/** Movements that take a part out or off. */
export const takeOut = (at: AtPart): Movement[] =>
  ways[at.part.kind]?.out(at) ?? [{ text: `Unplug ${nameInWords(at.part)}.` }];

/** Movements that put a part in; for a module the slot by its name, where it is not its own. */
export const putIn = (at: AtPart, slot: string | null = null): Movement[] =>
  slot !== null && at.part.kind === 'module'
    ? moduleIn(at, slot)
    : (ways[at.part.kind]?.in(at) ?? [{ text: `Plug ${nameInWords(at.part)} in.` }]);

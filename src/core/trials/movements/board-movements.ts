import type { Movement } from './movement';

/** A board and what sits on it: how it comes out and goes in for good, and how a spare stands in for a test. */

const coolerOff: Movement = {
  text: 'Take the cooler off: its screws crosswise, a turn each, and twist it a little before you lift it.',
  drawing: { kind: 'screws' },
  avoid: 'Do not pull it straight up: a processor may come with it.',
};

const laidIn = {
  feel: 'It drops in by itself. Nothing has to be pressed.',
  avoid: 'Nothing may touch the contacts of a socket.',
};

const processorOver = (where: string): Movement => ({
  text: `Lift the processor out by its edges and lay it into ${where}, corner mark at corner mark.`,
  ...laidIn,
});

const coolerOn: Movement = {
  text: 'Wipe both surfaces clean, put on fresh paste, as much as a pea, and tighten the cooler crosswise, a turn each.',
  feel: 'All screws are equally tight, and its fan is plugged in.',
  drawing: { kind: 'screws' },
};

const plugsOff: Movement = {
  text: 'Take a picture of the leads, then pull every plug off the board by its body.',
  drawing: { kind: 'plug', plug: '24-pin' },
};

export const boardOut: readonly Movement[] = [
  plugsOff,
  { text: 'Take out cards, modules and M.2 drives, and set them down in their order.' },
  coolerOff,
  { text: 'Lift the processor out by its edges and put it where nothing touches its contacts.' },
  { text: 'Take out the screws of the board, count them, and lift it out by its edges.' },
];

export const boardIn: readonly Movement[] = [
  {
    text: 'Compare each stand-off in the case with a hole in this board. Take out those without a hole.',
    avoid: 'One too many shorts the board.',
  },
  {
    text: 'Lay the board in and put all screws in before you tighten any.',
    feel: 'It lies flat, and the ports show in their plate.',
  },
  { text: 'Lay the processor into the socket, corner mark at corner mark.', ...laidIn },
  coolerOn,
  { text: 'Put modules, cards and M.2 drives in, each in its place of before.', feel: 'Each clicks or lies flat.' },
  { text: 'Plug every lead in as on the picture.', drawing: { kind: 'plug', plug: 'processor' } },
];

/** A spare board for a test lies beside the open case: the own one stays screwed in. */
export const boardBeside = (): Movement[] => [
  {
    text: 'Lay the known-good board on its box beside the open case, close enough for its leads to reach.',
    avoid: 'Not on its bag: that conducts.',
  },
  coolerOff,
  processorOver('the socket of the spare'),
  coolerOn,
  { text: 'Move modules, cards and M.2 drives over, each to the same place.', feel: 'Each clicks or lies flat.' },
  {
    text: 'Plug the 24-pin, the processor plug, the drive and the front leads into the spare.',
    drawing: { kind: 'plug', plug: '24-pin' },
  },
];

/** What sat on the spare goes back onto the own board. */
export const boardFromBeside = (): Movement[] => [
  { text: 'Pull every plug off the spare board by its body.' },
  coolerOff,
  processorOver('its own board'),
  coolerOn,
  { text: 'Move modules, cards and M.2 drives back, each to its own place.', feel: 'Each clicks or lies flat.' },
  { text: 'Plug every lead in as it was found.', drawing: { kind: 'plug', plug: '24-pin' } },
];

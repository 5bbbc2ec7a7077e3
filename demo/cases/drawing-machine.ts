import type { PowerSheet } from '../../src/core/power';
import { demoSpareId } from '../shelf';
import { trial, type DemoCase } from '../demo-case';

/** The stronger card hangs on one drive plug through a splitter and an adapter, on a supply that was small before. */
const power: PowerSheet = {
  consumers: [
    { id: 'processor', kind: 'processor', name: 'processor', baseWatts: 65, boostWatts: 140 },
    { id: 'graphics-card', kind: 'graphics-card', name: 'drawing card', boardWatts: 235 },
    { id: 'board', kind: 'board', name: 'board' },
    { id: 'module', kind: 'module', name: 'modules', count: 2 },
    { id: 'm2-drive', kind: 'm2-drive', name: 'M.2 drive' },
    { id: 'hard-drive', kind: 'hard-drive', name: 'archive drive' },
    { id: 'fan', kind: 'fan', name: 'fans', count: 3 },
  ],
  supply: {
    name: 'supply',
    watts: 450,
    v12Amps: [17, 14],
    v12Watts: 348,
    v5Amps: 18,
    v3Amps: 18,
    smallRailsWatts: 110,
    vsbAmps: 2.5,
  },
  years: 8,
  leads: [
    { id: 'board-out', kind: 'output', connector: 'board-24' },
    ...['board', 'module', 'm2-drive', 'fan'].map(
      (consumer) =>
        ({ id: `${consumer}-in`, kind: 'input', connector: 'board-24', from: ['board-out'], consumer }) as const,
    ),
    { id: 'processor-out', kind: 'output', connector: 'cpu-8', rail: 1 },
    { id: 'processor-in', kind: 'input', connector: 'cpu-8', from: ['processor-out'], consumer: 'processor' },
    { id: 'drive-out', kind: 'output', connector: 'drive-4', rail: 2 },
    { id: 'splitter', kind: 'splitter', connector: 'drive-4', from: ['drive-out'] },
    { id: 'to-card', kind: 'adapter', connector: 'card-8', from: ['splitter'] },
    { id: 'card-in', kind: 'input', connector: 'card-8', from: ['to-card'], consumer: 'graphics-card' },
    { id: 'card-slot', kind: 'input', connector: 'card-slot', consumer: 'graphics-card' },
    { id: 'archive-out', kind: 'output', connector: 'sata-power', rail: 2 },
    { id: 'archive-in', kind: 'input', connector: 'sata-power', from: ['archive-out'], consumer: 'hard-drive' },
  ],
};

/** What a wall meter showed, one reading a second: off, idle, drawing by the processor, by the card, and a second start. */
const wall = Array.from({ length: 240 }, (_, seconds) => {
  const ripple = Math.sin(seconds) + 0.6 * Math.sin(2.7 * seconds);
  const watts =
    seconds < 15
      ? 3
      : seconds < 80
        ? 84 + 2 * ripple
        : seconds < 150
          ? 206 + 7 * ripple
          : seconds < 152
            ? 441
            : seconds < 200
              ? 2
              : seconds < 206
                ? 96
                : 2;
  return { seconds, watts: Math.round(10 * watts) / 10 };
});

/** Cuts out under load since a stronger card went in. On the bench. */
export const drawingMachine: DemoCase = {
  key: '03',
  openedMinutesAgo: 26 * 60,
  by: 'Ebbe',
  opened: {
    machine: {
      name: 'Net-maker’s drawing PC',
      parts: [
        { id: 'supply', kind: 'supply', name: 'supply 450 W' },
        { id: 'module-1', kind: 'module' },
        { id: 'module-2', kind: 'module' },
        { id: 'card', kind: 'card', name: 'drawing card' },
        { id: 'drive', kind: 'drive', bus: 'm2', name: 'M.2 drive' },
        { id: 'archive', kind: 'drive', bus: 'sata', name: 'archive drive' },
        { id: 'front-usb', kind: 'front-usb' },
      ],
      board: {
        stageLights: true,
        sockets: { sata: ['SATA 1', 'SATA 2', 'SATA 3', 'SATA 4', 'SATA 5', 'SATA 6'], m2: ['M.2 1', 'M.2 2'] },
        sharing: [{ filled: 'M.2 1', switchesOff: ['SATA 5', 'SATA 6'] }],
      },
      builtInGraphics: true,
    },
    owner: 'Net-maker’s loft',
    complaint: 'Goes dead in the middle of a drawing. I have to pull the cord before it comes back.',
    circumstances: ['card-changed'],
    reported: 'cuts-out',
  },
  entries: [
    trial(10, 'run-under-load', 'cuts-out', {
      note: 'Off 40 seconds into the load. Button dead until the cord was pulled.',
    }),
    trial(15, 'look/cooler-fan/cooler', 'turns'),
    { afterMinutes: 24, event: { kind: 'power-noted', sheet: power } },
    trial(31, 'measure/rail-12/supply', 'within', { volts: 12.08 }),
    { afterMinutes: 33, event: { kind: 'power-measured', reading: { quantity: 'v12', at: 'cut-out', value: 11.24 } } },
    {
      afterMinutes: 38,
      event: {
        kind: 'power-measured',
        note: 'wall meter, 240 readings',
        trace: {
          readings: wall,
          phases: [
            { phase: 'standby', fromSeconds: 0, toSeconds: 14 },
            { phase: 'idle', fromSeconds: 15, toSeconds: 79 },
            { phase: 'processor-load', fromSeconds: 80, toSeconds: 149 },
            { phase: 'cut-out', fromSeconds: 150, toSeconds: 152 },
            { phase: 'standby', fromSeconds: 152, toSeconds: 199 },
            { phase: 'cut-out', fromSeconds: 204, toSeconds: 206 },
          ],
        },
      },
    },
    {
      afterMinutes: 41,
      event: {
        kind: 'part-lent',
        item: demoSpareId('02'),
        name: 'Large supply with its leads',
        part: 'supply',
        serial: 'PL-00391',
      },
    },
  ],
};

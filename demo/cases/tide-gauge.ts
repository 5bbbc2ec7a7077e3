import { trial, type DemoCase } from '../demo-case';

/** Dead after spray came in; the board is dry, standby is alive. On the bench. */
export const tideGauge: DemoCase = {
  key: '05',
  openedMinutesAgo: 25,
  by: 'Runa',
  opened: {
    machine: {
      name: 'Tide-gauge logger',
      parts: [
        { id: 'supply', kind: 'supply' },
        { id: 'module-1', kind: 'module' },
        { id: 'module-2', kind: 'module' },
        { id: 'card', kind: 'card' },
        { id: 'drive', kind: 'drive' },
        { id: 'front-usb', kind: 'front-usb' },
      ],
      builtInGraphics: true,
    },
    owner: 'Harbour master',
    complaint: 'I press it and nothing happens.',
    circumstances: ['spill'],
    reported: 'dead',
  },
  entries: [
    trial(2, 'look/board-signs/board', 'clean', { note: 'Cord out, dry.' }),
    trial(3, 'start', 'dead', { note: 'Complaint seen.' }),
    trial(5, 'look/rocker/supply', 'at-i'),
    trial(6, 'look/cord/cord', 'seated'),
    trial(7, 'look/standby-light/board', 'lit'),
    trial(11, 'measure/vsb/supply', 'within', { volts: 5.04 }),
  ],
};

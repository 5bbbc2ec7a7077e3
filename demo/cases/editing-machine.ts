import { trial, type DemoCase } from '../demo-case';

/** Stuck at memory; one module does it in any slot. On the bench, at the proof. */
export const editingMachine: DemoCase = {
  key: '04',
  openedMinutesAgo: 190,
  by: 'Ebbe',
  opened: {
    machine: {
      name: 'Radio-drama club editing machine',
      parts: [
        { id: 'supply', kind: 'supply' },
        { id: 'module-1', kind: 'module', slot: 'A2' },
        { id: 'module-2', kind: 'module', slot: 'B2' },
        { id: 'card', kind: 'card', name: 'graphics card' },
        { id: 'drive-1', kind: 'drive' },
        { id: 'drive-2', kind: 'drive' },
        { id: 'front-usb', kind: 'front-usb' },
        { id: 'front-audio', kind: 'front-audio' },
      ],
      board: { stageLights: true, speaker: true },
      builtInGraphics: false,
    },
    owner: 'Radio-drama club',
    complaint: 'Fans and lights, but the screen says no signal. It was fine at the last rehearsal.',
    circumstances: ['used-parts'],
    reported: 'at-memory',
  },
  entries: [
    trial(5, 'start', 'at-memory', { note: 'The memory light stays, three minutes.' }),
    trial(9, 'look/module-latches/module-1', 'closed'),
    trial(10, 'look/module-latches/module-2', 'closed'),
    trial(16, 'only/module-1/slot-A2', 'at-memory'),
    trial(23, 'only/module-2/slot-A2', 'works', { note: 'Picture after 20 seconds.' }),
  ],
};

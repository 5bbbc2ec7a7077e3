import { trial, type DemoCase } from '../demo-case';

/** It starts and goes off for a moment: one front lead that is easily forgotten. Outside in was chosen. On the bench. */
export const sailMaker: DemoCase = {
  key: '12',
  openedMinutesAgo: 48,
  by: 'Runa',
  opened: {
    machine: {
      name: 'Sail maker cutting machine',
      parts: [
        { id: 'module-1', kind: 'module', slot: 'A2' },
        { id: 'module-2', kind: 'module', slot: 'B2' },
        { id: 'card', kind: 'card' },
        { id: 'drive', kind: 'drive' },
        { id: 'front-usb', kind: 'front-usb', name: 'front USB lead' },
        { id: 'front-usb-c', kind: 'front-usb', name: 'front USB-C lead' },
        { id: 'front-audio', kind: 'front-audio' },
        { id: 'fan', kind: 'fan' },
      ],
      board: { stageLights: true },
      builtInGraphics: true,
    },
    owner: 'Sail maker',
    complaint: 'Fans twitch once and that is all.',
    circumstances: ['moved'],
    reported: 'twitch',
  },
  entries: [
    { afterMinutes: 1, event: { kind: 'strategy-chosen', strategy: 'outside-in' } },
    trial(4, 'start', 'twitch', { note: 'Complaint seen.' }),
    { afterMinutes: 5, event: { kind: 'lacking-set', tools: ['scope'], spares: ['supply', 'board'] } },
    trial(8, 'look/power-plugs/board', 'seated'),
    trial(13, 'out/drive', 'twitch'),
    trial(17, 'out/front-usb', 'twitch'),
  ],
};

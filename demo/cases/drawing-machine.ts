import { trial, type DemoCase } from '../demo-case';

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
    trial(16, 'look/card-leads/card', 'separate', { note: 'Two leads of their own.' }),
    trial(20, 'look/cooler-fan/cooler', 'turns'),
  ],
};

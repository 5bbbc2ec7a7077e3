import { trial, type DemoCase } from '../demo-case';

/** No picture; the monitor listened to another input after the office was painted. Closed. */
export const ticketOffice: DemoCase = {
  key: '01',
  openedMinutesAgo: 3 * 24 * 60,
  by: 'Runa',
  opened: {
    machine: {
      name: 'Ticket office, counter 2',
      parts: [
        { id: 'supply', kind: 'supply' },
        { id: 'module-1', kind: 'module' },
        { id: 'module-2', kind: 'module' },
        { id: 'drive', kind: 'drive' },
        { id: 'front-usb', kind: 'front-usb' },
        { id: 'printer', kind: 'usb-device', name: 'ticket printer' },
      ],
      board: { stageLights: false, speaker: true },
      builtInGraphics: true,
    },
    owner: 'Ferry ticket office',
    complaint: 'Since the painters were in, the screen stays black. It hums as always.',
    circumstances: ['moved'],
    reported: 'blank',
  },
  entries: [
    trial(4, 'start', 'blank', { note: 'Fans run, no beeps of complaint, no picture.' }),
    trial(7, 'look/monitor-input/monitor', 'other', { note: 'Input 1 chosen, the cable is in input 2.' }),
    trial(9, 'fix/select-input@monitor', 'works'),
    trial(18, 'run-under-load', 'works'),
    {
      afterMinutes: 21,
      event: {
        kind: 'case-closed',
        ending: 'repaired',
        fault: 'monitor-wrong-input@monitor',
        cause: 'The monitor is set to another input',
        done: 'Input 2 selected. Label with the right input stuck to the frame.',
      },
    },
  ],
};

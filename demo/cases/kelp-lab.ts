import { trial, type DemoCase } from '../demo-case';

/** A second-hand machine with locked settings and an owner who can prove that it is theirs. Waiting. */
export const kelpLab: DemoCase = {
  key: '10',
  openedMinutesAgo: 140,
  by: 'Runa',
  opened: {
    machine: {
      name: 'Kelp laboratory logger',
      parts: [
        { id: 'module', kind: 'module' },
        { id: 'drive', kind: 'drive' },
        { id: 'front-usb', kind: 'front-usb' },
      ],
      board: { speaker: true },
    },
    owner: 'Kelp laboratory',
    complaint: 'Bought used. It asks for a password that nobody has.',
    circumstances: ['used-parts'],
    reported: 'message-settings',
  },
  entries: [
    trial(4, 'start', 'message-settings'),
    trial(7, 'look/setup-entry/board', 'password'),
    { afterMinutes: 9, event: { kind: 'note-added', text: 'Bill of sale seen and copied: the machine is theirs.' } },
  ],
};

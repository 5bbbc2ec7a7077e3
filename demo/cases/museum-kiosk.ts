import { trial, type DemoCase } from '../demo-case';

/** USB warning and shutdown; it goes away without the front lead. Parked for a new lead. */
export const museumKiosk: DemoCase = {
  key: '02',
  openedMinutesAgo: 2 * 24 * 60,
  by: 'Runa',
  opened: {
    machine: {
      name: 'Lighthouse museum kiosk',
      parts: [
        { id: 'supply', kind: 'supply' },
        { id: 'module', kind: 'module' },
        { id: 'm2-drive', kind: 'drive', bus: 'm2', name: 'M.2 drive' },
        { id: 'front-usb', kind: 'front-usb', name: 'front USB lead' },
        { id: 'touch', kind: 'usb-device', name: 'touch frame' },
      ],
      builtInGraphics: true,
    },
    owner: 'Lighthouse museum',
    complaint: 'It says something about USB and current and goes off after some seconds.',
    circumstances: ['old'],
    reported: 'message-usb',
  },
  entries: [
    trial(6, 'start', 'message-usb', { note: 'Off after 15 seconds.' }),
    trial(11, 'out/touch', 'message-usb'),
    trial(14, 'back/touch', 'message-usb'),
    trial(20, 'out/front-usb', 'works'),
    trial(24, 'back/front-usb', 'message-usb'),
    trial(28, 'fix/leave-unplugged@front-usb', 'works', { note: 'The right front port has a contact bent over.' }),
    {
      afterMinutes: 32,
      event: { kind: 'note-added', text: 'Visitors need one front port: the museum wants the lead replaced.' },
    },
    {
      afterMinutes: 33,
      event: { kind: 'case-parked', waitingFor: 'a new front USB lead' },
      waitMinutes: 4 * 24 * 60,
    },
  ],
};

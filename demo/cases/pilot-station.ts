import { trial, type DemoCase } from '../demo-case';

/** A processor that is newer than the firmware. Parked for the update. */
export const pilotStation: DemoCase = {
  key: '09',
  openedMinutesAgo: 27 * 60,
  by: 'Edda',
  opened: {
    machine: {
      name: 'Pilot station plotter',
      parts: [
        { id: 'module-1', kind: 'module', slot: 'A2' },
        { id: 'module-2', kind: 'module', slot: 'B2' },
        { id: 'card', kind: 'card' },
        { id: 'm2', kind: 'drive', bus: 'm2' },
      ],
      board: { stageLights: true, checkpointDisplay: true },
      builtInGraphics: false,
    },
    owner: 'Pilot station',
    complaint: 'Built with a new processor, it has never started.',
    circumstances: ['new-build', 'processor-changed'],
    reported: 'at-processor',
  },
  entries: [
    trial(5, 'start', 'at-processor', { note: 'The display stands still.' }),
    trial(9, 'look/power-plugs/board', 'seated'),
    trial(14, 'look/firmware-version/board', 'too-old', { note: 'The list names a later version for it.' }),
    {
      afterMinutes: 20,
      event: { kind: 'case-parked', waitingFor: 'a supported processor on loan for the update' },
      waitMinutes: 3 * 60,
    },
  ],
};

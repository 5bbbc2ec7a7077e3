import type { DemoCase } from '../demo-case';

/** A small machine on a DC adapter, dead; just taken in. */
export const chartTable: DemoCase = {
  key: '06',
  openedMinutesAgo: 8,
  by: 'Ebbe',
  opened: {
    machine: {
      name: 'Chart table mini, ferry bridge',
      parts: [
        { id: 'adapter', kind: 'adapter', name: '19 V adapter' },
        { id: 'module', kind: 'module', slot: 'A1' },
        { id: 'm2-drive', kind: 'drive', bus: 'm2', name: 'M.2 drive' },
      ],
      board: {
        slots: [
          { name: 'A1', channel: 'A' },
          { name: 'B1', channel: 'B' },
        ],
        standbyLight: false,
      },
      builtInGraphics: true,
    },
    owner: 'Ferry crew',
    complaint: 'Dead since the storm. The lamp on the adapter is off, I think.',
    circumstances: ['storm'],
    reported: 'dead',
  },
  entries: [],
};

import { trial, type DemoCase } from '../demo-case';

/** A fault in one memory channel: both slots of it fail with modules that are proven elsewhere. On the bench. */
export const netLoft: DemoCase = {
  key: '07',
  openedMinutesAgo: 55,
  by: 'Edda',
  opened: {
    machine: {
      name: 'Net loft order machine',
      parts: [
        { id: 'module-1', kind: 'module', slot: 'A2' },
        { id: 'module-2', kind: 'module', slot: 'B2' },
        { id: 'drive', kind: 'drive' },
      ],
      board: { stageLights: true },
    },
    owner: 'Net loft',
    complaint: 'Since the processor was changed a light stays on and nothing comes.',
    circumstances: ['processor-changed'],
    reported: 'at-memory',
  },
  entries: [
    trial(4, 'start', 'at-memory', { note: 'Complaint seen.' }),
    trial(9, 'only/module-1/slot-A2', 'at-memory'),
    trial(15, 'only/module-2/slot-A2', 'at-memory'),
    trial(21, 'only/module-2/slot-B2', 'works', { note: 'Picture after 40 seconds.' }),
    trial(27, 'only/module-1/slot-B2', 'works'),
    trial(33, 'only/module-1/slot-A1', 'at-memory'),
  ],
};

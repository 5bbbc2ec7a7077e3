import { trial, type DemoCase } from '../demo-case';

/** Parts bought used: two supplies and two modules too many, each to be proven, with the price on record. On the bench. */
export const buoyStore: DemoCase = {
  key: '13',
  openedMinutesAgo: 52,
  by: 'Runa',
  opened: {
    machine: {
      name: 'Buoy store, used parts',
      bare: true,
      onBench: true,
      parts: [
        { id: 'supply-1', kind: 'supply', name: 'supply 1' },
        { id: 'supply-2', kind: 'supply', name: 'supply 2', loose: true },
        { id: 'module-1', kind: 'module', slot: 'A2' },
        { id: 'module-2', kind: 'module', slot: 'B2' },
        { id: 'module-3', kind: 'module', name: 'module 3', loose: true },
        { id: 'drive', kind: 'drive' },
      ],
      board: { stageLights: true },
      builtInGraphics: true,
    },
    owner: 'Buoy store',
    complaint: 'Bought used at the harbour sale. What of it is good?',
    circumstances: ['used-parts'],
    reported: null,
  },
  entries: [
    { afterMinutes: 3, event: { kind: 'part-noted', part: 'supply-1', paid: 15 } },
    { afterMinutes: 3, event: { kind: 'part-noted', part: 'supply-2', paid: 20 } },
    { afterMinutes: 4, event: { kind: 'part-noted', part: 'module-1', paid: 12, ratedMts: 2666 } },
    { afterMinutes: 4, event: { kind: 'part-noted', part: 'module-2', paid: 12, ratedMts: 3200 } },
    trial(9, 'build/processor', 'dead', { note: 'With supply 1.' }),
    trial(12, 'look/rocker/supply-1', 'at-i'),
    trial(20, 'back/supply-2', 'at-memory', { note: 'The fans run, the memory light stays on.' }),
    trial(28, 'back/supply-1', 'dead', { note: 'Once more, to be sure.' }),
    trial(36, 'back/supply-2', 'at-memory'),
    trial(41, 'build/memory', 'no-boot', { note: 'Picture after 20 seconds.' }),
  ],
};

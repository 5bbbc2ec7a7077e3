import { trial, type DemoCase } from '../demo-case';

/** A bag of new parts, proven on the bench before they go into a case. On the bench. */
export const ropeWalk: DemoCase = {
  key: '11',
  openedMinutesAgo: 75,
  by: 'Edda',
  opened: {
    machine: {
      name: 'Rope walk, new parts',
      bare: true,
      parts: [
        { id: 'supply', kind: 'supply' },
        { id: 'module-1', kind: 'module', slot: 'A2' },
        { id: 'module-2', kind: 'module', slot: 'B2' },
        { id: 'card', kind: 'card' },
      ],
      board: { stageLights: true, speaker: true },
      builtInGraphics: false,
    },
    owner: 'Rope walk',
    complaint: 'New parts, please test before we build it in.',
    circumstances: ['new-build'],
    reported: null,
  },
  entries: [
    trial(22, 'build/processor', 'at-memory', { note: 'Three long beeps, as it should.' }),
    trial(27, 'build/memory', 'at-graphics'),
    trial(33, 'build/graphics', 'at-graphics', { note: 'Expected a picture now.' }),
    trial(36, 'look/card-seat/card', 'no-power-lead'),
  ],
};

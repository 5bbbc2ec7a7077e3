import { demoBoardId } from '../boards';
import { trial, type DemoCase } from '../demo-case';

/** Its light says memory, its display and its beeps say graphics: the light of this board is often wrong. On the bench. */
export const radioLog: DemoCase = {
  key: '14',
  openedMinutesAgo: 31,
  by: 'Ebbe',
  opened: {
    machine: {
      name: 'Harbour radio log',
      parts: [
        { id: 'supply', kind: 'supply' },
        { id: 'module-1', kind: 'module', slot: 'A2' },
        { id: 'module-2', kind: 'module', slot: 'B2' },
        { id: 'card', kind: 'card', name: 'graphics card' },
        { id: 'drive', kind: 'drive' },
      ],
      board: { stageLights: true, checkpointDisplay: true, speaker: true },
      builtInGraphics: false,
    },
    owner: 'Harbour radio',
    complaint: 'Fans run, the screen stays black since we moved the desk.',
    circumstances: ['moved'],
    reported: 'blank',
  },
  entries: [
    {
      afterMinutes: 2,
      event: { kind: 'board-noted', board: demoBoardId('03'), model: 'Auk 6', revision: 'A2', installed: null },
    },
    {
      afterMinutes: 6,
      event: {
        kind: 'trial-done',
        trial: 'start',
        outcome: 'at-graphics',
        seen: {
          light: { stage: 'memory', stays: true, label: 'M', rightOfTen: 6 },
          code: { text: '58', moves: false, stage: 'graphics', unchangedSeconds: 95 },
          beeps: { pattern: 'S S S', stage: 'graphics' },
        },
        note: 'The light against the other two.',
      },
    },
    trial(9, 'look/card-leads/card', 'separate'),
  ],
};

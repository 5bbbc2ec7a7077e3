import { demoBoardId } from '../boards';
import type { DemoCase } from '../demo-case';

/** A build-up led by beeps: with nothing but the processor it asks for memory, as it should, and with a module still. */
export const oysterShed: DemoCase = {
  key: '15',
  openedMinutesAgo: 44,
  by: 'Runa',
  opened: {
    machine: {
      name: 'Oyster shed scale',
      parts: [
        { id: 'supply', kind: 'supply' },
        { id: 'module-1', kind: 'module', slot: 'A2' },
        { id: 'module-2', kind: 'module', slot: 'B2' },
        { id: 'drive', kind: 'drive' },
      ],
      board: { stageLights: true, checkpointDisplay: true, speaker: true },
      builtInGraphics: true,
    },
    owner: 'Oyster shed',
    complaint: 'It fell off the table. Now it beeps and shows nothing.',
    circumstances: ['moved'],
    reported: 'at-memory',
  },
  entries: [
    {
      afterMinutes: 1,
      event: { kind: 'board-noted', board: demoBoardId('01'), model: 'Tern 4-M', revision: '1.1', installed: null },
    },
    {
      afterMinutes: 5,
      event: {
        kind: 'trial-done',
        trial: 'start',
        outcome: 'at-memory',
        seen: { beeps: { pattern: 'L S L', stage: 'memory' } },
        note: 'Speaker plugged onto SPK.',
      },
    },
    { afterMinutes: 7, event: { kind: 'strategy-chosen', strategy: 'build-up' } },
    {
      afterMinutes: 22,
      event: {
        kind: 'trial-done',
        trial: 'build/processor',
        outcome: 'at-memory',
        seen: {
          light: { stage: 'memory', stays: true, label: 'MEM' },
          code: { text: '3C', moves: false, stage: 'memory', unchangedSeconds: 40 },
          beeps: { pattern: 'L S L', stage: 'memory' },
        },
      },
    },
  ],
};

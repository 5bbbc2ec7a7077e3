import type { BoardBookFile } from './board-book';

/** A board that uses every field of the format, for tests. */
export const fullBoard: BoardBookFile = {
  format: 'jovial-probe/board',
  version: 1,
  model: 'Tern 4-M',
  setupKey: 'Delete',
  menuFlash: false,
  secondImage: 'Set the slide to B.',
  revisions: [
    {
      revision: '1.0',
      processors: ['Kestrel 2', 'Kestrel 3'],
      releases: [
        { version: 'R1', date: '2023-02-14', notes: 'First.' },
        {
          version: 'R2',
          date: '2024-02-14',
          minimumPredecessor: 'R1',
          irreversible: true,
          preRelease: true,
          security: true,
          processorsAdded: ['Kestrel 4'],
          fixes: ['stops at the memory light'],
          file: 'f2.zip',
          bytes: 16_777_216,
          sha256: 'ab'.repeat(32),
        },
      ],
    },
    { revision: '1.1', processors: [], releases: [{ version: 'R2', date: '2024-02-14' }] },
  ],
  flash: {
    port: 'the port with the anchor',
    button: 'The small button',
    holdSeconds: 3,
    fileName: 'TERN4M.BIN',
    plugs: ['24-pin', '8-pin EPS 1'],
    phases: [
      { phase: 'reading', light: 'blink', periodSeconds: 1, fromSeconds: 15, toSeconds: 60 },
      { phase: 'writing', light: 'blink', periodSeconds: 0.4, fromSeconds: 150, toSeconds: 270 },
      { phase: 'finished', light: 'off' },
    ],
    worstSeconds: 600,
    gaveUpWithinSeconds: 15,
    harmlessLights: 'PROC may stay on.',
  },
  resets: [{ how: 'pins', where: 'CLEAR', seconds: 10 }],
  memorySlots: [{ name: 'A2', channel: 'A' }],
  sharing: [{ filled: 'M.2 2', switchesOff: ['SATA 3', 'SATA 4'] }],
  stageLights: [{ label: 'PROC', link: 'processor' }],
  headers: [
    {
      name: 'FRONT',
      purpose: 'Case switch',
      rows: 1,
      columns: 3,
      pins: [
        { row: 1, column: 1, label: 'SWITCH' },
        { row: 1, column: 2, label: 'SWITCH' },
        { row: 1, column: 3, label: '' },
      ],
    },
  ],
};

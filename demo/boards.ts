import { BOARD_BOOK_FORMAT, BOARD_BOOK_VERSION, type BoardBookFile } from '../src/contracts';
import { frontPanel, smallFront } from './headers';

/** The demo's board book: invented boards, with what the bench needs to know of each. */

const file = { format: BOARD_BOOK_FORMAT, version: BOARD_BOOK_VERSION } as const;
const mib = 2 ** 20;

const stageLights: BoardBookFile['stageLights'] = [
  { label: 'PROC', link: 'processor' },
  { label: 'MEM', link: 'memory' },
  { label: 'PICT', link: 'graphics' },
  { label: 'START', link: 'load' },
];

/** Four dots in a column that light up one after the other and stay: the last that is lit is passed. */
const passingLights: BoardBookFile['stageLights'] = (
  [
    ['ONE', 'processor'],
    ['TWO', 'memory'],
    ['THREE', 'graphics'],
    ['FOUR', 'load'],
  ] as const
).map(([label, link]) => ({ label, link, colour: 'white', stays: 'passed', blinks: 'failed' }));

/** Old enough to need a step on the way to the newest processors; flashes itself without one. */
const ternM: BoardBookFile = {
  ...file,
  model: 'Tern 4-M',
  setupKey: 'Delete',
  menuPath: 'Care, then Write firmware',
  firstStart: { usualSeconds: 75, worstSeconds: 240 },
  revisions: [
    {
      revision: '1.0',
      processors: ['Kestrel 2', 'Kestrel 3'],
      releases: [
        { version: 'R1', date: '2023-02-14', notes: 'First release.' },
        { version: 'R2', date: '2023-09-01', notes: 'Memory training is quicker.' },
        {
          version: 'R3',
          date: '2024-06-11',
          processorsAdded: ['Kestrel 4'],
          notes: 'Knows Kestrel 4.',
          file: 'tern-4m-r3.zip',
        },
      ],
    },
    {
      revision: '1.1',
      processors: ['Kestrel 2', 'Kestrel 3'],
      releases: [
        { version: 'R2', date: '2023-09-01', notes: 'First release for this revision.' },
        { version: 'R3', date: '2024-06-11', processorsAdded: ['Kestrel 4'], file: 'tern-4m-11-r3.zip' },
        {
          version: 'R5',
          date: '2024-12-03',
          notes: 'Makes room for larger releases. Install it before anything newer.',
          file: 'tern-4m-11-r5.zip',
          bytes: 16 * mib,
        },
        {
          version: 'R10',
          date: '2025-08-19',
          minimumPredecessor: 'R5',
          processorsAdded: ['Kestrel 5', 'Kestrel 6'],
          fixes: ['stops at the memory light with four modules'],
          file: 'tern-4m-11-r10.zip',
          bytes: 16 * mib,
        },
        {
          version: 'R11',
          date: '2026-03-02',
          minimumPredecessor: 'R5',
          security: true,
          notes: 'Closes a hole in the start-up of network cards.',
          file: 'tern-4m-11-r11.zip',
          bytes: 16 * mib,
        },
        {
          version: 'R12-try',
          date: '2026-11-02',
          minimumPredecessor: 'R5',
          preRelease: true,
          fixes: ['wakes without a picture'],
          file: 'tern-4m-11-r12-try.zip',
          bytes: 16 * mib,
        },
      ],
    },
  ],
  flash: {
    port: 'the USB port with an anchor stamped below it, rear, lowest of the left stack',
    button: 'The flat tab marked FERRY at the front edge',
    holdSeconds: 3,
    fileName: 'TERN4M.BIN',
    plugs: ['24-pin', '8-pin EPS 1'],
    phases: [
      { phase: 'reading', light: 'blink', periodSeconds: 1.6, fromSeconds: 15, toSeconds: 60 },
      { phase: 'writing', light: 'blink', periodSeconds: 0.6, fromSeconds: 150, toSeconds: 270 },
      { phase: 'finished', light: 'steady' },
    ],
    worstSeconds: 600,
    gaveUpWithinSeconds: 15,
    harmlessLights: 'PROC may stay on: there is no processor in it.',
  },
  codes: [
    { code: '0B', meaning: 'Waking the processor', stage: 'processor' },
    { code: '3C', meaning: 'Looking for memory', stage: 'memory' },
    { code: '3E', meaning: 'Training the memory', stage: 'memory', waitSeconds: 180 },
    { code: '71', meaning: 'Waiting for a picture', stage: 'graphics' },
    { code: 'B4', meaning: 'Looking for a drive to start from', stage: 'boot', waitSeconds: 20 },
    { code: 'E0', meaning: 'Handed over to the system', stage: 'all-well' },
  ],
  beeps: [
    { pattern: 'S L', meaning: 'All is well', stage: 'all-well' },
    { pattern: 'L S L', meaning: 'No memory answers', stage: 'memory', repeats: true },
    { pattern: 'L L S', meaning: 'No picture', stage: 'graphics' },
  ],
  resets: [
    { how: 'pins', where: 'CLEAR, two pins under the coin cell', seconds: 10 },
    { how: 'coin-cell', where: 'beside the first card slot', seconds: 600 },
  ],
  memorySlots: [
    { name: 'A2', channel: 'A' },
    { name: 'B2', channel: 'B' },
    { name: 'A1', channel: 'A' },
    { name: 'B1', channel: 'B' },
  ],
  sharing: [{ filled: 'M.2 2', switchesOff: ['SATA 3', 'SATA 4'] }],
  stageLights,
  lightsPlace: { where: 'upper right edge', run: 'across' },
  speaker: { fitted: false, header: 'SPK, four pins beside FRONT' },
  headers: [frontPanel],
};

/** A letter away from the other Tern, with other releases: the classic mistake. */
const ternH: BoardBookFile = {
  ...file,
  model: 'Tern 4-H',
  setupKey: 'Delete',
  revisions: [
    {
      revision: '1.0',
      processors: ['Kestrel 2', 'Kestrel 3'],
      releases: [
        { version: 'R1', date: '2023-03-20' },
        { version: 'K4', date: '2024-08-30', processorsAdded: ['Kestrel 4'] },
        { version: 'K7', date: '2025-10-07', processorsAdded: ['Kestrel 5'], irreversible: true },
      ],
    },
  ],
  resets: [{ how: 'pins', where: 'CLEAR, beside the 24-pin socket', seconds: 10 }],
  memorySlots: [
    { name: 'A1', channel: 'A' },
    { name: 'B1', channel: 'B' },
  ],
  stageLights: passingLights,
  lightsPlace: { where: 'beside the 24-pin socket', run: 'down' },
  speaker: { fitted: true },
  beeps: [
    { pattern: 'S S', meaning: 'All is well', stage: 'all-well' },
    { pattern: 'S S S L', meaning: 'No memory answers', stage: 'memory', repeats: true },
    { pattern: 'S L L', meaning: 'No picture', stage: 'graphics', repeats: true },
    { pattern: 'S', meaning: 'The processor does not answer', stage: 'processor', repeats: true },
  ],
  headers: [frontPanel],
};

/** Two images on the board and nothing that flashes by itself. */
const auk: BoardBookFile = {
  ...file,
  model: 'Auk 6',
  setupKey: 'F2',
  secondImage: 'Cord out. Set the slide beside the coin cell to B. Cord in, start, and wait two minutes.',
  revisions: [
    {
      revision: 'A2',
      processors: ['Plover 60', 'Plover 80'],
      releases: [
        { version: '22.3', date: '2022-11-15' },
        { version: '23.5', date: '2023-10-24', processorsAdded: ['Plover 90'] },
        {
          version: '25.1',
          date: '2025-01-21',
          irreversible: true,
          security: true,
          notes: 'No older one can be put back.',
        },
      ],
    },
  ],
  resets: [
    { how: 'button', where: 'CLR, rear, behind a small hole', seconds: 5 },
    { how: 'coin-cell', where: 'under the card', seconds: 600 },
  ],
  memorySlots: [
    { name: 'A2', channel: 'A' },
    { name: 'B2', channel: 'B' },
    { name: 'A1', channel: 'A' },
    { name: 'B1', channel: 'B' },
  ],
  stageLights: [
    { label: 'P', link: 'processor', colour: 'amber', rightOfTen: 6 },
    { label: 'M', link: 'memory', colour: 'amber', rightOfTen: 6 },
    { label: 'G', link: 'graphics', colour: 'amber', rightOfTen: 6 },
  ],
  lightsPlace: { where: 'between the slots and the socket', run: 'across' },
  speaker: { fitted: false, header: 'BUZ, two pins at the lower edge' },
  codes: [
    { code: '14', meaning: 'Waking the processor', stage: 'processor' },
    { code: '2A', meaning: 'Looking for memory', stage: 'memory' },
    { code: '2F', meaning: 'Training the memory', stage: 'memory', waitSeconds: 240 },
    { code: '58', meaning: 'Waiting for a picture', stage: 'graphics', waitSeconds: 10 },
    { code: '90', meaning: 'Looking for a drive to start from', stage: 'boot', waitSeconds: 30 },
    { code: 'A0', meaning: 'Asleep' },
    { code: 'D1', meaning: 'Handed over to the system', stage: 'all-well' },
  ],
  beeps: [
    { pattern: 'L', meaning: 'All is well', stage: 'all-well' },
    { pattern: 'S S', meaning: 'No memory answers', stage: 'memory', repeats: true },
    { pattern: 'S S S', meaning: 'No picture', stage: 'graphics', repeats: true },
  ],
  headers: [frontPanel],
};

/** A small machine's board: its menu is the only way. */
const petrel: BoardBookFile = {
  ...file,
  model: 'Petrel N2',
  setupKey: 'F10',
  revisions: [
    {
      revision: '2',
      processors: ['Plover 25'],
      releases: [
        { version: '1.08', date: '2024-02-09' },
        { version: '1.15', date: '2025-06-30', fixes: ['does not start from the adapter after a storm'] },
      ],
    },
  ],
  resets: [{ how: 'coin-cell', where: 'under the drive tray, on a short lead', seconds: 300 }],
  memorySlots: [
    { name: 'A1', channel: 'A' },
    { name: 'B1', channel: 'B' },
  ],
  headers: [smallFront],
};

/** By key: two digits of their id. */
export const demoBoards: Readonly<Record<string, BoardBookFile>> = {
  '01': ternM,
  '02': ternH,
  '03': auk,
  '04': petrel,
};

/** The id of a demo board; the same at every loading. */
export const demoBoardId = (key: string): string => `0d3a0b00-0000-4000-8000-0000000000${key}`;

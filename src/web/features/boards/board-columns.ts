import type { RowColumn } from './RowsEditor';

/** The tables of a board as they are edited. */

export const linkWords = {
  processor: 'Processor',
  memory: 'Memory',
  graphics: 'Graphics',
  load: 'Boot',
} as const;
export const resetWords = {
  menu: 'In setup',
  pins: 'Bridge pins',
  button: 'Press a button',
  'coin-cell': 'Coin cell out',
} as const;
export const phaseWords = { reading: 'Reading', writing: 'Writing', finished: 'Finished' } as const;
export const lightWords = { blink: 'Blinks', steady: 'Stays on', off: 'Is off' } as const;

export const releaseColumns: readonly RowColumn[] = [
  { key: 'version', head: 'Version', width: '6rem' },
  { key: 'date', head: 'Date', width: '7.5rem' },
  { key: 'minimumPredecessor', head: 'Needs first', width: '6rem' },
  { key: 'irreversible', head: 'Cannot be undone', kind: 'tick' },
  { key: 'preRelease', head: 'Pre-release', kind: 'tick' },
  { key: 'security', head: 'Security', kind: 'tick' },
  { key: 'processorsAdded', head: 'Processors added', width: '12rem' },
  { key: 'fixes', head: 'Fixes', width: '12rem' },
  { key: 'file', head: 'File', width: '11rem' },
  { key: 'bytes', head: 'Bytes', width: '7.5rem' },
  { key: 'sha256', head: 'SHA-256', width: '12rem' },
  { key: 'notes', head: 'Notes', width: '14rem' },
];

export const phaseColumns: readonly RowColumn[] = [
  { key: 'phase', head: 'Phase', choices: Object.entries(phaseWords), width: '9rem' },
  { key: 'light', head: 'Light', choices: Object.entries(lightWords), width: '9rem' },
  { key: 'periodSeconds', head: 'One blink every (s)', width: '8rem' },
  { key: 'fromSeconds', head: 'Lasts from (s)', width: '8rem' },
  { key: 'toSeconds', head: 'to (s)', width: '8rem' },
];

export const resetColumns: readonly RowColumn[] = [
  { key: 'how', head: 'How', choices: Object.entries(resetWords), width: '11rem' },
  { key: 'where', head: 'Where' },
  { key: 'seconds', head: 'Seconds', width: '7rem' },
];

export const slotColumns: readonly RowColumn[] = [
  { key: 'name', head: 'Slot' },
  { key: 'channel', head: 'Channel' },
];

export const sharingColumns: readonly RowColumn[] = [
  { key: 'filled', head: 'While this is used' },
  { key: 'switchesOff', head: 'these are switched off' },
];

export const signalWords = {
  '': 'Nothing of these',
  processor: 'Processor',
  memory: 'Memory',
  graphics: 'Graphics',
  boot: 'Boot',
  'all-well': 'All is well',
} as const;

export const saysWords = { failed: 'Failed here', busy: 'Busy here', passed: 'Passed' } as const;

/** What a light can mean; left empty it means the usual. */
const saysChoices = (usual: keyof typeof saysWords): readonly (readonly [string, string])[] =>
  Object.entries(saysWords).map(([id, words]) => [id === usual ? '' : id, words] as const);

export const codeColumns: readonly RowColumn[] = [
  { key: 'code', head: 'Code', width: '5rem' },
  { key: 'meaning', head: 'Says' },
  { key: 'stage', head: 'Stage', choices: Object.entries(signalWords), width: '10rem' },
  { key: 'waitSeconds', head: 'May stay (s)', width: '7rem' },
];

export const beepColumns: readonly RowColumn[] = [
  { key: 'pattern', head: 'Beeps', width: '8rem' },
  { key: 'meaning', head: 'Says' },
  { key: 'stage', head: 'Stage', choices: Object.entries(signalWords), width: '10rem' },
  { key: 'repeats', head: 'Repeats', kind: 'tick' },
];

export const lightColumns: readonly RowColumn[] = [
  { key: 'label', head: 'Printed' },
  { key: 'link', head: 'Stage', choices: Object.entries(linkWords), width: '9rem' },
  { key: 'colour', head: 'Colour', width: '7rem' },
  { key: 'stays', head: 'While it stays on', choices: saysChoices('failed'), width: '11rem' },
  { key: 'blinks', head: 'While it blinks', choices: saysChoices('busy'), width: '11rem' },
  { key: 'rightOfTen', head: 'Right, of ten times', width: '8rem' },
];

export const lightsRunChoices = [
  { id: 'across', label: 'From left to right' },
  { id: 'down', label: 'From top to bottom' },
];
export const speakerChoices = [
  { id: '', label: 'Not known' },
  { id: 'fitted', label: 'Fitted' },
  { id: 'header', label: 'To be plugged on' },
];

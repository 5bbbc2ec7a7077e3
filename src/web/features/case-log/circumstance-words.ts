import type { Circumstance } from '../../../core/faults';

/** The circumstances in words, as they are asked at intake. */
export const circumstanceWords: Readonly<Record<Circumstance, string>> = {
  'new-build': 'New build, never ran',
  'used-parts': 'Second-hand parts',
  moved: 'Moved or carried lately',
  spill: 'Liquid near it',
  'processor-changed': 'Processor changed',
  'memory-changed': 'Memory changed',
  'card-changed': 'Graphics card changed',
  'settings-changed': 'Settings changed or tuned',
  'firmware-updated': 'Firmware updated',
  storm: 'Storm or power cut',
  old: 'Older than six years',
};

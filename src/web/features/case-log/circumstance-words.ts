import type { Circumstance } from '../../../core/faults';

/** The circumstances in words, as they are asked at intake. */
export const circumstanceWords: Readonly<Record<Circumstance, string>> = {
  'new-build': 'New build, never ran',
  'used-parts': 'Used parts',
  moved: 'Moved recently',
  spill: 'Liquid spilled',
  'processor-changed': 'Processor changed',
  'memory-changed': 'Memory changed',
  'card-changed': 'Graphics card changed',
  'settings-changed': 'Settings changed or overclocked',
  'firmware-updated': 'Firmware updated',
  storm: 'Storm or power cut',
  old: 'Older than six years',
};

import type { Circumstance } from '../faults';

/** The circumstances in words, as they are asked at intake. */
export const circumstanceWords: Readonly<Record<Circumstance, string>> = {
  'new-build': 'New build, never ran',
  'used-parts': 'Used parts',
  moved: 'Moved recently',
  spill: 'Liquid spilled',
  smoke: 'Smoke or burnt smell',
  'breaker-trips': 'A breaker trips',
  'processor-changed': 'Processor changed',
  'newer-processor': 'Processor newer than the firmware',
  'memory-changed': 'Memory changed',
  'card-changed': 'Graphics card changed',
  'drive-added': 'Drive or M.2 card added',
  'supply-changed': 'Supply changed',
  'cooler-touched': 'Cooler or processor touched',
  'owner-inside': 'The owner worked inside',
  'settings-changed': 'Settings changed or overclocked',
  'firmware-updated': 'Firmware updated',
  storm: 'Storm or power cut',
  old: 'Older than six years',
  'comes-and-goes': 'Works sometimes',
};

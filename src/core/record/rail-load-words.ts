import type { RailLoad } from '../power';

/** At which load a reading was taken, within a sentence. */
export const railLoadWords: Readonly<Record<RailLoad, string>> = {
  standby: 'at standby',
  idle: 'idle',
  load: 'under load',
  'no-load': 'without load',
  'cut-out': 'as it cut out',
};

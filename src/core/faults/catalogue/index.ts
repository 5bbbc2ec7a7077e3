import type { FaultMode } from '../fault-mode';
import { handFaults } from './hands';
import { leadFaults } from './leads-and-parts';
import { outsideFaults } from './outside';
import { powerFaults } from './power';
import { processingFaults } from './processing';
import { settingsFaults } from './settings';
import { wearFaults } from './wear';

/** Every fault mode that the engine knows. */
export const FAULT_MODES: readonly FaultMode[] = [
  ...powerFaults,
  ...processingFaults,
  ...outsideFaults,
  ...handFaults,
  ...leadFaults,
  ...wearFaults,
  ...settingsFaults,
];

import type { FaultMode } from '../fault-mode';
import { outsideFaults } from './outside';
import { powerFaults } from './power';
import { processingFaults } from './processing';

/** Every fault mode that the engine knows, in chain order by table. */
export const FAULT_MODES: readonly FaultMode[] = [...powerFaults, ...processingFaults, ...outsideFaults];

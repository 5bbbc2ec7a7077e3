import type { FaultInstance } from '../faults';
import type { Break } from '../startup';

/** A fault taken to be present, with the way it shows. */
export interface PresentFault {
  readonly fault: FaultInstance;
  readonly stops: Break;
}

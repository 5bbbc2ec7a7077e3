import type { EventBody, FlashRefusal } from '../../../core/casework';
import type { FlashMethod } from '../../../core/firmware';
import type { Firmware, KnownFirmware } from './use-firmware';

/** Where what is done at the bay is written: the log of a case. */
export interface FirmwareLog {
  readonly record: (body: EventBody) => Promise<boolean>;
  /** Back to the trials of the case. */
  readonly leave: () => void;
  readonly known: KnownFirmware;
  /** What the log says against a flash now. */
  readonly refusals: (method: FlashMethod) => readonly FlashRefusal[];
}

/** What each step of the bay is given. */
export interface StepProps {
  readonly firmware: Firmware;
  readonly log: FirmwareLog | null;
}

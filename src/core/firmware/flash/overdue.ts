import type { BareFlash } from '../boards/release';
import { inWords } from './watch-flash';

/** One thing to do about a flash that blinks on past its time. */
export interface OverdueOption {
  readonly title: string;
  /** What may come of it. */
  readonly risk: string;
}

/**
 * What to do while a flash blinks past its worst time, in order. None of it takes power away: as long as it blinks it may
 * be writing, and what is given up then is a person's decision, to be recorded with its reason.
 */
export function overdueOptions({ worstSeconds }: BareFlash, elapsedSeconds: number): OverdueOption[] {
  const again = worstSeconds * Math.ceil(elapsedSeconds / worstSeconds + 1e-9);
  return [
    {
      title: `Leave it alone until ${inWords(again)} in all, and keep marking the light.`,
      risk: 'None but time: most that end late end well.',
    },
    {
      title: 'Make the power safe: nobody touches the switch, the cord or the strip; a note is on the machine.',
      risk: 'None. A power cut would lose the image.',
    },
    {
      title: 'Read the manual and ask the maker how long this board may take, and what its light means.',
      risk: 'None but time.',
    },
    {
      title: 'Leave it on overnight, where it can be watched for heat and smoke.',
      risk: 'A power cut in the night would lose the image; a supply that runs alone is watched.',
    },
    {
      title: 'Past the limit that the maker gives, a person decides whether it is given up, and records why.',
      risk: 'If it was writing, the image is lost: only a second image, the flash port or the maker helps then.',
    },
  ];
}

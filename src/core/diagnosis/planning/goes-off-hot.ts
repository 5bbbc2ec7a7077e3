import { isSilent, type Trial } from '../../trials';
import { observedStart } from '../belief/complaint';
import { isWork } from '../belief/same-evidence';
import type { EvidenceStep } from '../evidence-step';

/** What goes off within so many seconds, and answers the button again, overheats: a supply that shuts itself off stays dead. */
const soonSeconds = 120;

/** It overheats within moments, and nobody has looked at its cooling or done anything since. */
export function goesOffHot(steps: readonly EvidenceStep[]): boolean {
  const last = steps.findLastIndex((step) => observedStart(step) !== null);
  const { outcome, signs } = steps[last] ?? {};
  if (outcome !== 'cuts-out' || !signs?.answersAgain || (signs.cutOutAfter ?? Infinity) > soonSeconds) return false;
  return !steps.slice(last + 1).some((step) => isWork(step.trial) || looksAtCooling(step));
}

const looksAtCooling = ({ trial: { observe, part }, outcome }: EvidenceStep): boolean =>
  observe.kind === 'look' && part?.kind === 'cooler' && !isSilent(outcome);

/** Started as it stands. */
export const runsAsItIs = ({ observe, repair, changes }: Trial): boolean =>
  observe.kind === 'start' && repair === null && changes.length === 0;

import { isSilent, type Trial } from '../../trials';
import { observedStart } from '../belief/complaint';
import { isWork } from '../belief/same-evidence';
import type { EvidenceStep } from '../evidence-step';

/** What goes off within these seconds and answers the button again overheats: a supply that shuts itself off stays dead. */
const maxSeconds = 120;

/** It overheats within moments, and nobody has looked at its cooling or done anything since. */
export function goesOffHot(steps: readonly EvidenceStep[]): boolean {
  const last = steps.findLastIndex((step) => observedStart(step) !== null);
  const { outcome, signs } = steps[last] ?? {};
  if (outcome !== 'cuts-out' || !signs?.answersAgain || (signs.cutOutAfter ?? Infinity) > maxSeconds) return false;
  return !steps.slice(last + 1).some((step) => isWork(step.trial) || looksAtCooling(step));
}

const looksAtCooling = ({ trial: { observe, part }, outcome }: EvidenceStep): boolean =>
  observe.kind === 'look' && part?.kind === 'cooler' && !isSilent(outcome);

/** Started as it stands, once or ten times over. */
export const runsAsItIs = ({ observe, repair, changes }: Trial): boolean =>
  repair === null &&
  changes.length === 0 &&
  (observe.kind === 'start' || (observe.kind === 'look' && observe.look.times !== undefined));

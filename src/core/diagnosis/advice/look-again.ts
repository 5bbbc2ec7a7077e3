import { isSilent } from '../../trials';
import type { StartOutcome } from '../../startup';
import type { EvidenceStep } from '../evidence-step';
import { failsAsItStands, observedStart } from '../belief/complaint';
import { canBeDone, plainStart, underLoad, type Advice, type Situation } from './situation';

/** So improbable, in bits, was what a start showed that it is worth asking whether it was misread. */
const surprising = 4;
/** So likely misread, 0 to 1, a start is made once more before anything is built on it. */
const likelyMisread = 0.3;
/** So likely right, 0 to 1, a machine that did not start is started once more. */
const likelyRight = 0.8;

/** What the last start showed does not fit the rest: look again once, for all that follows hangs on it. */
export const lookAgain = (situation: Situation): Advice | null =>
  lookAtLast(situation) ?? startWhereNothingFits(situation);

function lookAtLast({ input, known: { steps, surprises }, plan, right, fits }: Situation): Advice | null {
  const last = steps.findLastIndex((step) => observedStart(step) !== null);
  const step = steps[last];
  if (!step) return null;
  const wasUnderLoad = step.trial.observe.kind === 'start' && step.trial.observe.depth === 'load';
  const isOnce = (id: string) => plan.proposals.some(({ trial, isAgain }) => trial.id === id && isAgain);
  // What stopped before there was any load is seen at a plain start as well.
  const trialId = wasUnderLoad && canBeDone({ plan }, underLoad) ? underLoad : plainStart;
  if (!canBeDone({ plan }, trialId) || !(isOnce(trialId) || (wasUnderLoad && trialId === plainStart))) return null;
  const shouldWork = right >= likelyRight && failsAsItStands(steps, input.machine);
  const isMisread = () => (fits().find(({ eventId }) => eventId === step.id)?.mistaken ?? 0) >= likelyMisread;
  return shouldWork || ((surprises[last]?.bits ?? 0) >= surprising && isMisread())
    ? { kind: 'test', trialId, why: 'What it showed last does not fit the rest. Start it again and watch closely.' }
    : null;
}

/** From this on, 0 to 1, it is most likely something that no list knows. */
const mostlyUnknown = 0.5;

/**
 * Nothing that is known fits what was seen, and it was last started in another way, or pressed, and showed other than at
 * the last plain start: before more is concluded from that, it is started once as it is.
 */
function startWhereNothingFits({ known: { steps }, plan, repairs }: Situation): Advice | null {
  const unknown = repairs.filter(({ repairClass }) => repairClass.repair === 'look-deeper');
  if (unknown.reduce((sum, { probability }) => sum + probability, 0) < mostlyUnknown) return null;
  const last = steps.findLast((step) => showed(step) !== null);
  const plain = steps.findLast(({ trial, outcome }) => trial.id === plainStart && !isSilent(outcome));
  const isOther = last !== undefined && plain !== undefined && showed(plain) !== showed(last);
  return isOther && canBeDone({ plan }, plainStart)
    ? {
        kind: 'test',
        trialId: plainStart,
        why: 'No known cause fits what was seen. Start it as it is, and watch closely.',
      }
    : null;
}

/** What a start showed, or ten presses that it did not answer; null where it was neither. */
function showed(step: EvidenceStep): StartOutcome | null {
  const { observe } = step.trial;
  const isPressed =
    observe.kind === 'look' && observe.look.times !== undefined && observe.look.passes?.link === 'start';
  return observedStart(step) ?? (isPressed && step.outcome === 'none' ? 'dead' : null);
}

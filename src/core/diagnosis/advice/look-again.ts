import { observedStart } from '../belief/complaint';
import { sureItIsRight } from './how-sure';
import { canBeDone, plainStart, underLoad, type Advice, type Situation } from './situation';

/** So improbable, in bits, was what a start showed that it is worth asking whether it was misread. */
const surprising = 4;
/** So likely misread, 0 to 1, a start is made once more before anything is built on it. */
const likelyMisread = 0.3;

/** What the last start showed does not fit the rest: look again once, for all that follows hangs on it. */
export function lookAgain({ known: { steps, surprises }, plan, right, fits }: Situation): Advice | null {
  const last = steps.findLastIndex((step) => observedStart(step) !== null);
  const step = steps[last];
  if (!step) return null;
  const wasUnderLoad = step.trial.observe.kind === 'start' && step.trial.observe.depth === 'load';
  const isOnce = (id: string) => plan.proposals.some(({ trial, isAgain }) => trial.id === id && isAgain);
  // What stopped before there was any load is seen at a plain start as well.
  const trialId = wasUnderLoad && canBeDone({ plan }, underLoad) ? underLoad : plainStart;
  if (!canBeDone({ plan }, trialId) || !(isOnce(trialId) || (wasUnderLoad && trialId === plainStart))) return null;
  const shouldWork = right >= sureItIsRight && step.outcome !== 'works';
  const isMisread = () => (fits().find(({ eventId }) => eventId === step.id)?.mistaken ?? 0) >= likelyMisread;
  return shouldWork || ((surprises[last]?.bits ?? 0) >= surprising && isMisread())
    ? { kind: 'test', trialId, why: 'What it showed last does not fit the rest. Start it again and watch closely.' }
    : null;
}

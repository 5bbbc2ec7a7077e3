import { isSilent } from '../../trials';
import { observedStart } from '../belief/complaint';
import { configurationKey, isWork } from '../belief/same-evidence';
import { canBeDone, plainStart, underLoad, type Advice, type Situation } from './situation';

/** So improbable, in bits, was what a start showed that it is worth asking whether it was misread. */
const surprising = 4;
/** So likely misread, 0 to 1, a start is made once more before anything is built on it. */
const likelyMisread = 0.3;

/** So probably, 0 to 1, nothing is left that could have kept it from working. */
const surelyRight = 0.95;

/** What the last start showed does not fit the rest: look again once, for all that follows hangs on it. */
export function lookAgain(situation: Situation): Advice | null {
  const { steps, surprises } = situation.known;
  const last = steps.findLastIndex((step) => observedStart(step) !== null);
  const step = steps[last];
  if (!step || step.after !== undefined) return null;
  const shouldWork = situation.right >= surelyRight && step.outcome !== 'works';
  if (!shouldWork && (surprises[last]?.bits ?? 0) < surprising) return null;
  const isAsItWas =
    configurationKey(step.configuration) === configurationKey(situation.input.configuration) &&
    !steps.slice(last + 1).some(({ trial, handling, outcome }) => !isSilent(outcome) && isWork({ ...trial, handling }));
  const trialId = step.trial.observe.kind === 'start' && step.trial.observe.depth === 'load' ? underLoad : plainStart;
  if (!isAsItWas || !canBeDone(situation, trialId)) return null;
  const mistaken = () => situation.fits().find(({ eventId }) => eventId === step.id)?.mistaken ?? 0;
  return shouldWork || mistaken() >= likelyMisread
    ? { kind: 'test', trialId, why: 'What it showed last does not fit the rest. Start it again and watch closely.' }
    : null;
}

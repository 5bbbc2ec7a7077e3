import type { Plan } from '../planning/propose';
import { fitsAnotherProcessor } from '../planning/what-blocks';
import type { Advice } from './situation';

/**
 * Before another processor goes into the socket one looks into it, once: a bent pin would hurt that processor too, and
 * while the cooler is off the look takes a few minutes. A rule and not a cost.
 */
export function lookIntoSocket(advice: Advice, { proposals }: Pick<Plan, 'proposals'>): Advice {
  const chosen = proposals.find(({ trial }) => trial.id === advice.trialId)?.trial;
  if (!chosen || !fitsAnotherProcessor(chosen)) return advice;
  const look = proposals.find(
    ({ trial, bits, blocked, lacks }) =>
      trial.ref.kind === 'look' &&
      trial.ref.look === 'socket-pins' &&
      bits >= leastBits &&
      blocked === null &&
      lacks.length === 0,
  );
  return look
    ? {
        kind: 'test',
        trialId: look.trial.id,
        why: 'Look into the socket before another processor goes in: bent pins would hurt it as well.',
      }
    : advice;
}

/** Below this, in bits, pins that are bent are out of the question: another processor ran in that socket. */
const leastBits = 0.01;

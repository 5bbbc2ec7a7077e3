import type { Trial } from '../../trials';
import type { Plan } from '../planning/propose';
import type { Advice } from './situation';

/** The machine has shut itself off: before it is powered again it is drained, and what is done inside does so anyway. */
export function drainFirst(advice: Advice, { proposals }: Pick<Plan, 'proposals'>): Advice {
  const trial = proposals.find((proposal) => proposal.trial.id === advice.trialId)?.trial;
  if (!trial || trial.needs === null || pullsTheCord(trial)) return advice;
  return { ...advice, why: `${drain} ${advice.why}` };
}

const pullsTheCord = ({ handling, inside, repair, changes }: Trial): boolean =>
  handling.some(({ act }) => act === 'drain') || (inside && (repair !== null || changes.length > 0));

const drain =
  'It has shut itself off. Pull the cord until all lights are out and press the button once, then plug it in again.';

import { isSignalled, START_OUTCOMES, type StartDistribution } from './start-outcome';

/** A board that has named a stage once, rightly or wrongly, names it again so often: engineering judgement. */
const namedAgain = 0.8;

/**
 * What a fault shows at a start, once one that stopped at it has shown the outcome `last`: signals that are wrong are wrong
 * again. Probabilities by outcome; unchanged where it could not have shown that, or signals do not tell it.
 */
export function steadyAfter(shows: StartDistribution, last: number): StartDistribution {
  const was = shows[last] ?? 0;
  if (!isSignalled(START_OUTCOMES[last] ?? '') || was === 0 || was === 1) return shows;
  return shows.map((p, o) => (1 - namedAgain) * p + (o === last ? namedAgain : 0));
}

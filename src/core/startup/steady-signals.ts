import { startOutcomeIndex, type StartDistribution, type StartOutcome } from './start-outcome';

/** What lights, codes and beeps tell apart, and their silence. */
const bySignals: readonly StartOutcome[] = ['at-processor', 'at-memory', 'at-graphics', 'blank'];
const indices = bySignals.map(startOutcomeIndex);

/** A board that has named a stage once, rightly or wrongly, names it again so often: engineering judgement. */
const namedAgain = 0.8;

/** True for outcomes of which the board's own signals decide which it is. */
export const isSignalled = (outcome: number): boolean => indices.includes(outcome);

/**
 * What a fault shows at a start, once one that stopped at it has shown the outcome `last`: signals that are wrong are wrong
 * again. Probabilities by outcome; unchanged where it could not have shown that, or signals do not tell it.
 */
export function steadyAfter(shows: StartDistribution, last: number): StartDistribution {
  const was = shows[last] ?? 0;
  if (!isSignalled(last) || was === 0 || was === 1) return shows;
  return shows.map((p, o) => (1 - namedAgain) * p + (o === last ? namedAgain : 0));
}

import { START_OUTCOMES, type StartOutcome } from './start-outcome';

/**
 * What an owner says of a screen that stays dark: nobody looks for a light inside the case at home, and nobody there can
 * tell a start that stops from one that completes without a picture. By what is said: how likely that is said of a start
 * that really had another outcome. Engineering judgement.
 */
const heardAs: Partial<Record<StartOutcome, Partial<Record<StartOutcome, number>>>> = {
  blank: { 'at-processor': 0.7, 'at-memory': 0.7, 'at-graphics': 0.7, dark: 0.4 },
  dark: { 'at-processor': 0.3, 'at-memory': 0.3, 'at-graphics': 0.3, blank: 0.4 },
};

/**
 * Likelihood of an owner's word by the outcome that the start really had, in the order of START_OUTCOMES, the greatest 1;
 * null where the word says what it says.
 */
export function likelihoodOfOwnersWord(said: StartOutcome): Float64Array | null {
  const heard = heardAs[said];
  return heard ? Float64Array.from(START_OUTCOMES, (outcome) => (outcome === said ? 1 : (heard[outcome] ?? 0))) : null;
}

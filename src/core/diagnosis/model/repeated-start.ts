import type { Showing } from './hypothesis-space';
import { shareOf, type OutcomeModel } from './outcome-model';

/**
 * What the same start shows when it is made again with nothing done in between: the same as before, unless a fault that
 * comes and goes acts otherwise than it did. What the first start said of everything else it does not say twice.
 * `last` is the index of what was seen before. A fault that alone would have shown it by acting, or by not acting, is
 * taken to have done so in that proportion.
 */
export function repeatedStart(model: OutcomeModel, last: number): OutcomeModel {
  const pass = new Float64Array(model.pass.length).fill(1);
  const shows = new Array<readonly Showing[]>(pass.length).fill([]);
  const none = new Float64Array(model.width);
  none[last] = 1;
  const deciders: number[] = [];
  for (const v of model.deciders) {
    const quiet = model.pass[v] ?? 0;
    if (quiet === 0) continue;
    const { stays, otherwise } = again(1 - quiet, model.shows[v] ?? [], model.none, last);
    if (stays === 1) continue;
    pass[v] = stays;
    shows[v] = otherwise;
    deciders.push(v);
  }
  return { ...model, pass, shows, none, deciders: Int32Array.from(deciders), badSpare: null, isTight: true };
}

function again(stopProbability: number, showings: readonly Showing[], none: Float64Array, last: number) {
  const asStopped = stopProbability * shareOf(showings, last);
  const asQuiet = (1 - stopProbability) * (none[last] ?? 0);
  const stopped = asStopped + asQuiet > 0 ? asStopped / (asStopped + asQuiet) : 0;
  const stays = stopped * stopProbability + (1 - stopped) * (1 - stopProbability);
  const turnsQuiet = stopped * (1 - stopProbability);
  const turnsStopping = (1 - stopped) * stopProbability;
  const probabilities = none.map((probability) => probability * turnsQuiet);
  for (const { outcome, probability } of showings)
    probabilities[outcome] = (probabilities[outcome] ?? 0) + probability * turnsStopping;
  const total = turnsQuiet + turnsStopping;
  const otherwise = [...probabilities.entries()].flatMap(([outcome, probability]) =>
    probability > 0 ? [{ outcome, probability: probability / total }] : [],
  );
  return { stays, otherwise };
}

import { steadyAfter } from '../../startup';
import type { Showing } from './hypothesis-space';
import { keptBy, lazy } from './lazy';
import type { ReadyTrial, WatchedTrial } from './outcome-model-cache';
import { shareOf, type OutcomeModel } from './outcome-model';

/** The model of a start after an earlier one, however the machine stood, showed the outcome `last`: see steadyAfter. */
export const withSteadySignals = (model: OutcomeModel, last: number): OutcomeModel =>
  madeFrom(model, `${last}`, () => steady(model, last));

/** The same of trials that could be done now; `shown`: what the last such start showed, null where there was none. */
export function readyWithSignals(ready: readonly ReadyTrial[], shown: string | null): readonly ReadyTrial[] {
  if (shown === null) return ready;
  return ready.map((one) => {
    if (one.trial.observe.kind !== 'start') return one;
    const last = one.trial.outcomes.findIndex(({ id }) => id === shown);
    return { ...one, watched: lazy(() => steadyWatched(one.watched(), last)) };
  });
}

const steadyWatched = ({ model, pass }: WatchedTrial, last: number): WatchedTrial => ({
  model: withSteadySignals(model, last),
  pass,
});

/** By model: what was made of it, by what was shown before. */
const madeFrom = keptBy<OutcomeModel>();

function steady(model: OutcomeModel, last: number): OutcomeModel {
  const shows = [...model.shows];
  // Many variants show alike, and share one list.
  const again = new Map<readonly Showing[], readonly Showing[]>();
  for (const v of model.deciders) {
    const own = model.shows[v] ?? [];
    if (shareOf(own, last) === 0 || own.length < 2) continue;
    const now = again.get(own) ?? steadyShowing(own, last, model.width);
    again.set(own, now);
    shows[v] = now;
  }
  return { ...model, shows };
}

function steadyShowing(own: readonly Showing[], last: number, width: number): Showing[] {
  const spread = new Float64Array(width);
  for (const { outcome, probability } of own) spread[outcome] = probability;
  return [...steadyAfter(spread, last).entries()].flatMap(([outcome, probability]) =>
    probability > 0 ? [{ outcome, probability }] : [],
  );
}

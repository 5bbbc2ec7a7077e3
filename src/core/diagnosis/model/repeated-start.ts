import { unknownKeepsToLook } from './expect-outcomes';
import type { Showing, Variant } from './hypothesis-space';
import { keptBy } from './lazy';
import type { OutcomeModel } from './outcome-model';

/**
 * What the same start shows when it is made again with nothing done in between: what it really showed before, unless a
 * fault that comes and goes acts otherwise than it did. What was noted before may have been misread: a cause that could
 * hardly have shown it takes it for an error, and shows its own the second time. `last` is the index of what was noted.
 * Each fault is weighed as if it alone had decided the first start.
 */
export const repeatedStart = (model: OutcomeModel, last: number, watching: Watching): OutcomeModel =>
  madeFrom(model, `${last} ${watching.misreadProbability}`, () => repeat(model, last, watching));

interface Watching {
  readonly misreadProbability: number;
  readonly variants: readonly Variant[];
}

/** By model: what was made of it, by what it showed and whose eyes those were. */
const madeFrom = keptBy<OutcomeModel>();

function repeat(model: OutcomeModel, last: number, { misreadProbability, variants }: Watching): OutcomeModel {
  const { width, badSpare } = model;
  const read = (outcome: number) => (outcome === last ? 1 - misreadProbability : 0) + misreadProbability / width;
  /** How probable it was to note what was noted, by what the start really showed. */
  const noted = (shown: ArrayLike<number>): Float64Array =>
    Float64Array.from({ length: width }, (_, o) => {
      const spare = badSpare ? badSpare.probability * (badSpare.shows[o] ?? 0) : 0;
      return ((1 - (badSpare?.probability ?? 0)) * (shown[o] ?? 0) + spare) * read(o);
    });
  const quiet = noted(model.none);
  const quietMass = sumOf(quiet);
  const shows = new Array<readonly Showing[]>(model.pass.length).fill([]);
  for (const v of model.deciders) {
    const own = model.shows[v] ?? [];
    const through = model.pass[v] ?? 0;
    const isUnknown = variants[v]?.fault.somethingElse === true;
    // Where it always acts, and can show but one thing, that is what it shows again.
    if (own.length === 1 && through === 0 && !isUnknown && !badSpare) {
      shows[v] = own;
      continue;
    }
    const afresh = new Float64Array(width);
    for (const { outcome, probability } of own) afresh[outcome] = probability;
    const anyhow = isUnknown ? 1 - unknownKeepsToLook : 0;
    const acted = noted(afresh.map((probability) => (1 - anyhow) * probability + anyhow / width));
    const actedMass = sumOf(acted);
    const before = (1 - through) * actedMass;
    const didAct = before / (before + through * quietMass);
    shows[v] = showing(afresh.map((fresh, o) => didAct * ((acted[o] ?? 0) / actedMass) + (1 - didAct) * fresh));
  }
  return { ...model, shows, none: quiet.map((mass) => mass / quietMass), badSpare: null, isTight: true };
}

const sumOf = (values: Float64Array): number => values.reduce((sum, value) => sum + value, 0);

const showing = (probabilities: Float64Array): Showing[] =>
  [...probabilities.entries()].flatMap(([outcome, probability]) => (probability > 0 ? [{ outcome, probability }] : []));

import type { Machine } from '../machine';
import { isSilent } from '../trials';
import { compileStep, logSum, type Belief, type CompiledStep } from './belief';
import type { EvidenceStep } from './evidence-step';
import { NONE, type HypothesisSpace } from './hypothesis-space';

/** How well one entry fits with all the others. */
export interface EntryFit {
  readonly eventId: string;
  /** Chance, 0 to 1, of what was seen in this entry, given every other entry before and after it. */
  readonly probability: number;
}

/**
 * Leaves each entry's observation out in turn (what was done stays done) and asks how likely it is given the rest: an
 * entry that is very unlikely may be mistaken. Exact, by one pass back over the log; linear in hypotheses and steps.
 * `beliefs[k]` is the belief before `steps[k]`. Silent entries are left out of the answer.
 */
export function fitEntries(
  space: HypothesisSpace,
  steps: readonly EvidenceStep[],
  beliefs: readonly Belief[],
  machine: Machine,
): EntryFit[] {
  const last = beliefs.at(-1);
  if (!last) return [];
  const logAll = logSum(last.logWeights);
  const after = laterChances(space.first.length);
  const fits: EntryFit[] = [];
  for (let k = steps.length - 1; k >= 0; k--) {
    const [step, before] = [steps[k], beliefs[k]];
    if (!step || !before || step.outcome === 'could-not') continue;
    const compiled = compileStep(space, step, machine);
    if (!isSilent(step.outcome)) {
      const logWithout = logEvidenceWithout(space, before, compiled, after);
      fits.push({ eventId: step.id, probability: Math.min(1, Math.exp(logAll - logWithout)) });
    }
    stepBack(space, compiled, after);
  }
  return fits.reverse();
}

/** For each hypothesis and mask the chance of all later entries, scaled by its own log. */
interface LaterChances {
  readonly byMask: Float64Array;
  readonly logScale: Float64Array;
}

const laterChances = (hypotheses: number): LaterChances => ({
  byMask: new Float64Array(4 * hypotheses).fill(1),
  logScale: new Float64Array(hypotheses),
});

/** Hypotheses whose log lies this far below the best add nothing that a double can hold. */
const beyondNotice = 45;

/** Evidence of the whole log if this step had shown nothing: what was done moves the masks, later entries weigh them. */
function logEvidenceWithout(
  { first, second }: HypothesisSpace,
  { logWeights, stillThere }: Belief,
  { cure }: CompiledStep,
  { byMask, logScale }: LaterChances,
): number {
  const logs: number[] = [];
  let top = -Infinity;
  for (let h = 0; h < first.length; h++) {
    const most = (logWeights[h] ?? 0) + (logScale[h] ?? 0);
    if (most < top - beyondNotice) continue;
    const b = second[h] ?? NONE;
    const log =
      most + Math.log(laterAfter(stillThere, byMask, 4 * h, cure[first[h] ?? 0] ?? 0, b === NONE ? 0 : (cure[b] ?? 0)));
    if (log > top) top = log;
    logs.push(log);
  }
  return logSum(logs);
}

/** Chance of the later entries from the masks at `i`, after handling has moved them. */
function laterAfter(chances: Float64Array, later: Float64Array, i: number, cureA: number, cureB: number): number {
  const none = later[i] ?? 0;
  const fromA = (1 - cureA) * (later[i + 1] ?? 0) + cureA * none;
  const fromB = (1 - cureB) * (later[i + 2] ?? 0) + cureB * none;
  const fromBoth =
    (1 - cureA) * (1 - cureB) * (later[i + 3] ?? 0) +
    (1 - cureA) * cureB * (later[i + 1] ?? 0) +
    cureA * (1 - cureB) * (later[i + 2] ?? 0) +
    cureA * cureB * none;
  return (
    (chances[i] ?? 0) * none +
    (chances[i + 1] ?? 0) * fromA +
    (chances[i + 2] ?? 0) * fromB +
    (chances[i + 3] ?? 0) * fromBoth
  );
}

/** Takes a step into the later chances: first what it showed, then how its handling may have moved the masks. */
function stepBack({ first, second }: HypothesisSpace, { cure, likelihood }: CompiledStep, later: LaterChances): void {
  const { byMask, logScale } = later;
  for (let h = 0; h < first.length; h++) {
    const a = first[h] ?? 0;
    const b = second[h] ?? NONE;
    const i = 4 * h;
    const [cureA, cureB] = [cure[a] ?? 0, b === NONE ? 0 : (cure[b] ?? 0)];
    const none = likelihood.none * (byMask[i] ?? 0);
    const onlyA = (likelihood.one[a] ?? 0) * (byMask[i + 1] ?? 0);
    const onlyB = b === NONE ? 0 : (likelihood.one[b] ?? 0) * (byMask[i + 2] ?? 0);
    const both = b === NONE ? 0 : likelihood.both(a, b) * (byMask[i + 3] ?? 0);
    const fromA = onlyA * (1 - cureA) + none * cureA;
    const fromB = onlyB * (1 - cureB) + none * cureB;
    const fromBoth =
      both * (1 - cureA) * (1 - cureB) +
      onlyA * (1 - cureA) * cureB +
      onlyB * cureA * (1 - cureB) +
      none * cureA * cureB;
    const top = Math.max(none, fromA, fromB, fromBoth);
    byMask[i] = none / top;
    byMask[i + 1] = fromA / top;
    byMask[i + 2] = fromB / top;
    byMask[i + 3] = fromBoth / top;
    logScale[h] = (logScale[h] ?? 0) + Math.log(top);
  }
}

/** Below this an entry is worth a second look: starting judgement. */
const doubtful = 0.04;
const doubtsNamed = 3;

/** The entries that fit badly with the rest, worst first; at most three. */
export const doubtfulEntries = (fits: readonly EntryFit[]): EntryFit[] =>
  fits
    .filter(({ probability }) => probability < doubtful)
    .sort((a, b) => a.probability - b.probability)
    .slice(0, doubtsNamed);

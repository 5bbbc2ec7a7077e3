import { applyChanges } from '../machine';
import { setUpMinutes, trialsFor, type Trial } from '../trials';
import { cureChances, probabilitiesOf, type Belief } from './belief';
import type { DiagnosisInput } from './evidence-step';
import { NONE, type HypothesisSpace } from './hypothesis-space';
import { informationBits } from './information';
import { actingFaults, compileTrial, noisy, rowLength, type OutcomeModel } from './outcome-model';
import { knownAlready } from './same-evidence';
import { foremost } from './suspects';

/** A trial that could be done next, what it would tell and what it takes. */
export interface Proposal {
  readonly trial: Trial;
  /** Minutes from the machine as it stands, set-up counted. */
  readonly minutes: number;
  readonly bits: number;
  /** What it would tell if nothing like it had been seen yet. */
  readonly bitsIfNew: number;
  /** Chances of the trial's outcomes, in their order. */
  readonly chances: Float64Array;
  /** Joint chances: one row a repair class, in the order of `classIds`, one entry an outcome. */
  readonly joint: readonly Float64Array[];
  readonly classIds: readonly string[];
}

/** A technician's eyes: chance of misreading an outcome. Starting judgement. */
export const technicianMisreads = 0.015;

/** Hypotheses below this probability change no plan in the third digit; the posterior never drops any. */
const negligible = 2e-6;

/** One way in which the machine may be now: which variants are there, and the class of the one that counts. */
interface Way {
  readonly weight: number;
  readonly a: number;
  readonly b: number;
  readonly row: number;
}

/** The class of a machine in which nothing is left to mend. */
export const rightClass = 'right';

/**
 * Every trial that is possible now, by information about repair classes per minute, best first.
 * A trial that tells nothing new comes last with 0 bits.
 */
export function proposeTrials(input: DiagnosisInput, space: HypothesisSpace, belief: Belief): Proposal[] {
  const { ways, classIds } = liveWays(space, belief);
  const actingNow = actingFaults(space.faults, input.machine, input.configuration);
  const weighed = trialsFor(input.machine, input.configuration).map((trial) =>
    weighTrial(trial, input, space, actingNow, ways, classIds),
  );
  const isKnown = knownAlready(input.steps, input.configuration);
  const fresh = weighed.map((proposal) => (isKnown(proposal.trial) ? { ...proposal, bits: 0 } : proposal));
  return withoutDisguisedStarts(fresh).sort((a, b) => b.bits / b.minutes - a.bits / a.minutes);
}

function liveWays(space: HypothesisSpace, belief: Belief): { ways: Way[]; classIds: string[] } {
  const probabilities = probabilitiesOf(belief);
  const rows = new Map<string, number>();
  const rowOf = (id: string): number => {
    const row = rows.get(id) ?? rows.size;
    rows.set(id, row);
    return row;
  };
  const ways: Way[] = [];
  for (let h = 0; h < probabilities.length; h++)
    for (let mask = 0; mask < 4; mask++) {
      const weight = (probabilities[h] ?? 0) * (belief.stillThere[4 * h + mask] ?? 0);
      if (weight < negligible) continue;
      const id =
        mask === 0 ? rightClass : (space.variants[foremost(space, h, mask)]?.fault.repairClass.id ?? rightClass);
      const a = mask & 1 ? (space.first[h] ?? NONE) : NONE;
      const b = mask & 2 ? (space.second[h] ?? NONE) : NONE;
      ways.push({ weight, a, b, row: rowOf(id) });
    }
  return { ways, classIds: [...rows.keys()] };
}

function weighTrial(
  trial: Trial,
  input: DiagnosisInput,
  space: HypothesisSpace,
  actingNow: Uint8Array,
  ways: readonly Way[],
  classIds: readonly string[],
): Proposal {
  const { machine } = input;
  const configuration = applyChanges(input.configuration, trial.changes);
  const acting = trial.changes.length === 0 ? actingNow : actingFaults(space.faults, machine, configuration);
  const model = compileTrial(trial, { machine, configuration, variants: space.variants, acting });
  const cure = trial.repair || trial.handling.length > 0 ? cureChances(space, trial) : null;
  const joint = fillJoint(trial.outcomes.length, classIds.length, model, ways, cure, space);
  const bitsIfNew = informationBits(joint);
  return {
    trial,
    minutes: trial.minutes + setUpMinutes(machine, trial, { caseOpen: input.caseOpen }),
    bits: bitsIfNew,
    bitsIfNew,
    chances: sumRows(joint, trial.outcomes.length),
    joint,
    classIds,
  };
}

/** Joint chances of class and outcome, misreading and unknown faults counted; all entries sum to 1. */
function fillJoint(
  width: number,
  classes: number,
  model: OutcomeModel,
  ways: readonly Way[],
  cure: Float64Array | null,
  space: HypothesisSpace,
): Float64Array[] {
  const known = Array.from({ length: classes }, () => new Float64Array(rowLength(width)));
  const unknown = new Map<number, Float64Array>();
  for (const way of ways) {
    const isUnknown = way.a !== NONE && space.variants[way.a]?.fault.somethingElse === true;
    const row = isUnknown ? rowIn(unknown, way.row, width) : known[way.row];
    if (row) addWay(row, way, model, cure);
  }
  const total = ways.reduce((sum, { weight }) => sum + weight, 0);
  return known.map((row, c) => {
    const settled = settleRow(row, model, width, false);
    const loose = unknown.get(c);
    const extra = loose ? settleRow(loose, model, width, true) : null;
    for (let o = 0; o < width; o++) settled[o] = ((settled[o] ?? 0) + (extra?.[o] ?? 0)) / total;
    return settled;
  });
}

function rowIn(rows: Map<number, Float64Array>, index: number, width: number): Float64Array {
  const row = rows.get(index) ?? new Float64Array(rowLength(width));
  rows.set(index, row);
  return row;
}

/** Handling may remove either fault before anything is seen. */
function addWay(row: Float64Array, { weight, a, b }: Way, model: OutcomeModel, cure: Float64Array | null): void {
  const cureA = cure && a !== NONE ? (cure[a] ?? 0) : 0;
  const cureB = cure && b !== NONE ? (cure[b] ?? 0) : 0;
  model.add(row, weight * (1 - cureA) * (1 - cureB), a, b);
  if (cureA > 0) model.add(row, weight * cureA * (1 - cureB), NONE, b);
  if (cureB > 0) model.add(row, weight * (1 - cureA) * cureB, a, NONE);
  if (cureA > 0 && cureB > 0) model.add(row, weight * cureA * cureB, NONE, NONE);
}

/** Turns a row of clean weights into chances with misreading; a row without weight stays as it is. */
function settleRow(row: Float64Array, model: OutcomeModel, width: number, hasUnknown: boolean): Float64Array {
  model.settle(row);
  let mass = 0;
  for (let o = 0; o < width; o++) mass += row[o] ?? 0;
  const settled = row.subarray(0, width);
  if (mass > 0)
    for (let o = 0; o < width; o++) row[o] = mass * noisy((row[o] ?? 0) / mass, width, technicianMisreads, hasUnknown);
  return settled;
}

/** Bits by which a changed start must beat a plain one to be worth its change. */
const worthTheChange = 0.003;

/** A start with a change that tells no more than a plain start to the same depth tells nothing by its change. */
function withoutDisguisedStarts(proposals: readonly Proposal[]): Proposal[] {
  const depthOf = ({ trial }: Proposal) => (trial.observe.kind === 'start' ? trial.observe.depth : null);
  const plain = proposals.filter(({ trial }) => trial.id === 'start' || trial.id === 'run-under-load');
  return proposals.map((proposal) => {
    const depth = depthOf(proposal);
    const bare = plain.find((p) => depth !== null && depthOf(p) === depth);
    const isDisguised = bare && bare !== proposal && proposal.bitsIfNew - bare.bitsIfNew < worthTheChange;
    return isDisguised ? { ...proposal, bits: 0 } : proposal;
  });
}

function sumRows(joint: readonly Float64Array[], width: number): Float64Array {
  const sums = new Float64Array(width);
  for (const row of joint) row.forEach((p, o) => (sums[o] = (sums[o] ?? 0) + p));
  const total = sums.reduce((a, b) => a + b, 0);
  return sums.map((p) => p / total);
}

/** The repair class that would lead after an outcome, with its probability then; null if the outcome is impossible. */
export function leaderAfter(proposal: Proposal, outcome: number): { classId: string; probability: number } | null {
  const column = proposal.joint.map((row) => row[outcome] ?? 0);
  const total = column.reduce((a, b) => a + b, 0);
  if (total <= 0) return null;
  const best = column.reduce((top, p, i) => (p > (column[top] ?? 0) ? i : top), 0);
  const classId = proposal.classIds[best];
  return classId === undefined ? null : { classId, probability: (column[best] ?? 0) / total };
}

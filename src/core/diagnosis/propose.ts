import { applyChanges } from '../machine';
import { setUpMinutes, trialsFor, type Trial } from '../trials';
import type { Belief } from './belief';
import { cureChance, probabilitiesOf } from './belief';
import type { DiagnosisInput } from './evidence-step';
import { expectOutcomes } from './expect-outcomes';
import type { Hypothesis } from './hypotheses';
import { informationBits } from './information';
import { isKnownAlready } from './same-evidence';

/** A trial that could be done next, what it would tell and what it takes. */
export interface Proposal {
  readonly trial: Trial;
  /** Minutes from the machine as it stands, set-up counted. */
  readonly minutes: number;
  readonly bits: number;
  /** Chances of the trial's outcomes, in their order. */
  readonly chances: Float64Array;
  /** Joint chances: one row a repair class, in the order of `classIds`, one entry an outcome. */
  readonly joint: readonly Float64Array[];
  readonly classIds: readonly string[];
}

/** A technician's eyes: chance of misreading an outcome. Starting judgement. */
export const technicianMisreads = 0.015;

/** Hypotheses below this probability change no plan in the third digit. */
const negligible = 1e-7;

/**
 * Every trial that is possible now, by information about repair classes per minute, best first.
 * A trial that tells nothing new comes last with 0 bits.
 */
export function proposeTrials(input: DiagnosisInput, hypotheses: readonly Hypothesis[], belief: Belief): Proposal[] {
  const probabilities = probabilitiesOf(belief);
  const live = hypotheses.flatMap((hypothesis, h) =>
    (probabilities[h] ?? 0) > negligible
      ? [{ hypothesis, probability: probabilities[h] ?? 0, stillThere: belief.stillThere[h] ?? 0 }]
      : [],
  );
  const weighed = trialsFor(input.machine, input.configuration).map((trial) => weighTrial(trial, input, live));
  return withoutDisguisedStarts(weighed).sort((a, b) => b.bits / b.minutes - a.bits / a.minutes);
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
    const isDisguised = bare && bare !== proposal && Math.abs(proposal.bits - bare.bits) < worthTheChange;
    return isDisguised ? { ...proposal, bits: 0 } : proposal;
  });
}

interface LiveHypothesis {
  readonly hypothesis: Hypothesis;
  readonly probability: number;
  readonly stillThere: number;
}

function weighTrial(trial: Trial, input: DiagnosisInput, live: readonly LiveHypothesis[]): Proposal {
  const setting = { machine: input.machine, configuration: applyChanges(input.configuration, trial.changes) };
  const width = trial.outcomes.length;
  const whole = expectOutcomes(trial, setting, [], technicianMisreads);
  const rows = new Map<string, Float64Array>();
  for (const { hypothesis, probability, stillThere } of live) {
    const { fault, present } = hypothesis;
    const there = stillThere * (1 - cureChance(fault, trial));
    const broken = there > 0 ? expectOutcomes(trial, setting, present, technicianMisreads) : whole;
    const row = rows.get(fault.repairClass.id) ?? new Float64Array(width);
    rows.set(fault.repairClass.id, row);
    for (let o = 0; o < width; o++)
      row[o] = (row[o] ?? 0) + probability * (there * (broken[o] ?? 0) + (1 - there) * (whole[o] ?? 0));
  }
  const joint = [...rows.values()];
  const known = isKnownAlready(input.steps, trial.id);
  return {
    trial,
    minutes: trial.minutes + setUpMinutes(input.machine, trial, { caseOpen: input.caseOpen }),
    bits: known ? 0 : informationBits(joint),
    chances: sumRows(joint, width),
    joint,
    classIds: [...rows.keys()],
  };
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

import { canAct, repairOf, type RepairClass } from '../../faults';
import type { Configuration } from '../../machine';
import { isComplaintGone, observedStart, reproducedComplaint } from '../belief/complaint';
import type { HypothesisSpace } from '../model/hypothesis-space';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';

/** Starts that worked and failed, before and after a repair that cannot be undone. */
export interface CountedCure {
  /** Id of the repair class. */
  readonly repair: string;
  readonly before: StartCount;
  readonly after: StartCount;
  /** Probability, 0 to 1, that the cure holds. */
  readonly probability: number;
  /**
   * Good starts in a row that are still wanted; 0 where it is proven, null where it has failed since, and where no start
   * can show it: what was put right has no part in the machine as it stands.
   */
  readonly wanted: number | null;
}

export interface StartCount {
  readonly worked: number;
  readonly failed: number;
}

/** From here on a cure counts as proven. */
const curedForSure = 0.95;
const mostWanted = 10;

/** It held through every start since, and often enough. */
export const isProvenByCount = ({ probability, after }: CountedCure): boolean =>
  after.worked > 0 && probability >= curedForSure;

/**
 * Probability that a repair which cannot be undone has cured the fault, by Bayes. Against it stands a fault that comes
 * and goes and just did not come: how often it fails is not known, and is learned from the starts before (Beta with
 * Jeffreys' half counts), so that n good starts have the probability of n good draws in a row.
 * @param prior probability, 0 to 1, of the cure before any start after it.
 */
export function cureHolds(prior: number, before: StartCount, after: StartCount): number {
  if (after.failed > 0) return 0;
  const works = before.worked + 0.5;
  const all = before.worked + before.failed + 1;
  let chance = 1;
  for (let n = 0; n < after.worked; n++) chance *= (works + n) / (all + n);
  return prior / (prior + (1 - prior) * chance);
}

/** How many more good starts prove the cure; nobody is asked for more than ten in all. */
function stillWanted(prior: number, before: StartCount, after: StartCount): number | null {
  if (after.failed > 0) return null;
  const most = Math.max(0, mostWanted - after.worked);
  for (let more = 0; more < most; more++)
    if (cureHolds(prior, before, { ...after, worked: after.worked + more }) >= curedForSure) return more;
  return most;
}

/** The last repair that cannot be undone, with the starts before and after it; null if none was done. */
export function countedCure(
  { faults }: Pick<HypothesisSpace, 'faults'>,
  { steps, machine, configuration }: Pick<DiagnosisInput, 'steps' | 'machine' | 'configuration'>,
  priorOf: (step: number, repairClass: RepairClass) => number,
): CountedCure | null {
  const done = steps.findLastIndex(({ trial, outcome }) => isForGood(trial.repair) && outcome !== 'could-not');
  const repairClass = steps[done]?.trial.repair;
  if (!repairClass) return null;
  const own = faults.filter((fault) => fault.repairClass.id === repairClass.id);
  const complaint = reproducedComplaint(steps);
  const isInUse = (standing: Configuration) => own.some((fault) => canAct(fault, machine, standing));
  const count = (some: readonly EvidenceStep[]): StartCount => {
    const starts = some.filter((step) => isInUse(step.configuration)).flatMap((step) => startsIn(step, complaint));
    return { worked: starts.filter(Boolean).length, failed: starts.filter((worked) => !worked).length };
  };
  const before = count(steps.slice(0, done));
  // The repair itself ends with a start.
  const after = count(steps.slice(done));
  const prior = priorOf(done, repairClass);
  return {
    repair: repairClass.id,
    before,
    after,
    probability: cureHolds(prior, before, after),
    wanted: isInUse(configuration) ? stillWanted(prior, before, after) : null,
  };
}

const isForGood = (repairClass: RepairClass | null): boolean =>
  repairClass !== null && repairOf(repairClass.repair).noWayBack === true;

/** Whether each start of a step worked: one, ten that were counted, or none. */
function startsIn(step: EvidenceStep, complaint: ReturnType<typeof reproducedComplaint>): boolean[] {
  const { observe } = step.trial;
  if (observe.kind === 'look' && observe.look.times) {
    const { times, options } = observe.look;
    const option = options.findIndex(({ id }) => id === step.outcome);
    if (option === 0 || option === 2) return Array.from({ length: times }, () => option === 0);
    return option === 1 ? [false] : [];
  }
  if (observedStart(step) === null) return [];
  const gone = complaint === null ? step.outcome === 'works' : isComplaintGone(complaint, step);
  return gone === null ? [] : [gone];
}

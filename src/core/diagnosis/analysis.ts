import type { RepairClass } from '../faults';
import { advise } from './advice/advise';
import { drainFirst } from './advice/drain-first';
import { lookIntoSocket } from './advice/look-into-socket';
import { countedCure, type CountedCure } from './advice/cure-by-count';
import type { Advice } from './advice/situation';
import type { DiagnosisInput } from './evidence-step';
import { provingOf, type Proving } from './advice/proving';
import { planTrials, type Plan } from './planning/propose';
import { failingNow } from './belief/failing-now';
import { fitEntries, type EntryFit } from './belief/fit-entries';
import { isShutOff } from './belief/pressed-again';
import { readLog } from './belief/read-log';
import { replay, type Replay } from './belief/replay';
import { lazy } from './model/lazy';
import { rightProbability } from './belief/right-probability';
import { weighStopping, type StopRule } from './planning/stop-rule';
import { probabilityByFault, probabilityForemost, rankRepairs, type RankedRepair } from './belief/suspects';

/** What is computed of a case before it is put into words. */
export interface Analysis {
  /** What was asked, with the log as it is read: see readLog. */
  readonly input: DiagnosisInput;
  readonly known: Replay;
  /** By variant: probability that it is the one that counts now. */
  readonly foremost: Float64Array;
  readonly repairs: readonly RankedRepair[];
  /** Probability that no fault can act any more. */
  readonly right: number;
  readonly plan: Plan;
  /** How well each entry fits with the others; computed when first asked for. */
  readonly fits: () => readonly EntryFit[];
  readonly stopRule: StopRule;
  /** The last repair that cannot be undone, as its starts prove it. */
  readonly cure: CountedCure | null;
  /** Null for a machine with a complaint. */
  readonly proving: Proving | null;
  readonly advice: Advice;
}

/** Analyses a case; what an earlier analysis of the same machine knows is not computed again. */
export function analyseCase(asked: DiagnosisInput, earlier: Replay | null): Analysis {
  const input = { ...asked, steps: readLog(asked.machine, asked.steps) };
  const known = replay(input, earlier);
  const { space, belief, book } = known;
  const foremost = probabilityForemost(space, belief, failingNow(book, input));
  const repairs = rankRepairs(space, foremost);
  const right = rightProbability(space, belief, book.actingIn(input.configuration));
  const plan = planTrials(input, known);
  const stopRule = weighStopping(plan, space, input);
  const cure = countedCure(space, { ...input, steps: known.steps }, (step, repairClass) =>
    shareOfCure(known, step, repairClass),
  );
  const proving = input.machine.onBench ? provingOf({ ...input, steps: known.steps }, sharesToReplace(known)) : null;
  const fits = lazy(() => fitEntries(space, known.steps, known.compiled, belief));
  const situation = { input, known, fits, space, plan, repairs, stopRule, right, cure, proving };
  const advice = lookIntoSocket(advise(situation), plan);
  return {
    input,
    known,
    foremost,
    repairs,
    right,
    plan,
    fits,
    stopRule,
    cure,
    proving,
    advice: isShutOff(input.steps) ? drainFirst(advice, plan) : advice,
  };
}

/** How likely a repair was to cure the fault, from what was known before it was done; never taken as certain. */
function shareOfCure({ space, byFault }: Replay, step: number, repairClass: RepairClass): number {
  const share = space.faults.reduce(
    (sum, fault, f) => sum + (fault.repairClass.id === repairClass.id ? (byFault[step]?.[f] ?? 0) : 0),
    0,
  );
  return Math.min(0.98, Math.max(0.02, share));
}

/** By part: probability of a fault for which the part itself has to go; a plug that is not fully in is none. */
function sharesToReplace({ space, belief }: Replay): Record<string, number> {
  const byFault = probabilityByFault(space, belief);
  const shares: Record<string, number> = {};
  space.faults.forEach(({ repairClass: { repair, part } }, f) => {
    if (repair === 'replace') shares[part.id] = (shares[part.id] ?? 0) + (byFault[f] ?? 0);
  });
  return shares;
}

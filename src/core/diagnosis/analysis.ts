import { advise } from './advice/advise';
import type { Advice } from './advice/situation';
import type { DiagnosisInput } from './evidence-step';
import { planTrials, type Plan } from './planning/propose';
import { replay, type Replay } from './belief/replay';
import { rightProbability } from './belief/right-probability';
import { weighStopping, type StopRule } from './planning/stop-rule';
import { probabilityForemost, rankRepairs, type RankedRepair } from './belief/suspects';

/** What is computed of a case before it is put into words. */
export interface Analysis {
  readonly known: Replay;
  /** By variant: probability that it is the one that counts now. */
  readonly foremost: Float64Array;
  readonly repairs: readonly RankedRepair[];
  /** Probability that no fault can act any more. */
  readonly right: number;
  readonly plan: Plan;
  readonly stopRule: StopRule;
  readonly advice: Advice;
}

/** Analyses a case; what an earlier analysis of the same machine knows is not computed again. */
export function analyseCase(input: DiagnosisInput, earlier: Replay | null): Analysis {
  const known = replay(input, earlier);
  const { space, belief } = known;
  const foremost = probabilityForemost(space, belief);
  const repairs = rankRepairs(space, foremost);
  const right = rightProbability(space, belief, input);
  const plan = planTrials(input, known.live(), known);
  const stopRule = weighStopping(plan, space, input);
  return {
    known,
    foremost,
    repairs,
    right,
    plan,
    stopRule,
    advice: advise({ input, space, plan, repairs, stopRule, right }),
  };
}

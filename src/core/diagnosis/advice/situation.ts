import type { RepairClass } from '../../faults';
import { percent } from '../../wording';
import { formatTrialId } from '../../trials';
import { seemsGone } from '../belief/complaint';
import type { EntryFit } from '../belief/fit-entries';
import type { Replay } from '../belief/replay';
import type { Proving } from './proving';
import type { CountedCure } from './cure-by-count';
import type { RankedRepair } from '../belief/suspects';
import type { DiagnosisInput } from '../evidence-step';
import type { HypothesisSpace } from '../model/hypothesis-space';
import type { Plan } from '../planning/propose';
import type { StopRule } from '../planning/stop-rule';

/** What the technician should do now, and for what reason. */
export type AdviceKind =
  | 'make-safe'
  | 'reproduce'
  | 'test'
  | 'prove'
  | 'repair'
  | 'verify'
  | 'put-back'
  | 'close'
  | 'nothing-seen'
  | 'consent'
  | 'undecided';

export interface Advice {
  readonly kind: AdviceKind;
  /** Null when there is nothing left to do but close the case. */
  readonly trialId: string | null;
  readonly why: string;
}

export const plainStart = formatTrialId({ kind: 'start' });
export const underLoad = formatTrialId({ kind: 'run-under-load' });
export const repairTrialId = ({ repair, part }: RepairClass): string =>
  formatTrialId({ kind: 'repair', repair, part: part.id });

/** All that advice is given from. */
export interface Situation {
  readonly input: DiagnosisInput;
  readonly known: Replay;
  /** See fitEntries. */
  readonly fits: () => readonly EntryFit[];
  readonly space: HypothesisSpace;
  readonly plan: Plan;
  readonly repairs: readonly RankedRepair[];
  readonly stopRule: StopRule;
  /** See rightProbability. */
  readonly right: number;
  /** The last repair that cannot be undone; null if there was none. */
  readonly cure: CountedCure | null;
  /** How far parts on the bench are proven; null for a machine with a complaint. */
  readonly proving: Proving | null;
}

/** A repair waits for somebody's word: what to ask for. Null where nothing has to be agreed. */
export function askBefore(
  { input }: Pick<Situation, 'input'>,
  { repairClass, probability }: RankedRepair,
): Advice | null {
  const why = input.asks?.(repairClass) ?? null;
  return why === null
    ? null
    : { kind: 'consent', trialId: null, why: `${repairClass.title}: ${percent(probability)} likely. ${why}` };
}

/** It is among the proposals, nothing blocks it, and nothing that it needs is missing. */
export const canBeDone = ({ plan }: Pick<Situation, 'plan'>, trialId: string): boolean =>
  plan.proposals.some(({ trial, blocked, lacks }) => trial.id === trialId && blocked === null && lacks.length === 0);

/** The last start that can tell got past the complaint. */
export const isGone = ({ input }: Situation): boolean => seemsGone(input.steps);

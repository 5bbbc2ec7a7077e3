import { repairOf, type FaultInstance, type RepairClass } from '../../faults';
import { isSilent } from '../../trials';
import { sawFault } from '../belief/saw-fault';
import type { RankedRepair } from '../belief/suspects';
import type { EvidenceStep } from '../evidence-step';
import { sureEnoughFor } from './how-sure';
import { repairsDone } from './log-facts';
import { canBeDone, repairTrialId, type Advice, type Situation } from './situation';

/** What takes no more minutes than this, its start with it, is put right as soon as it is seen. */
const doneAtOnce = 6;

/**
 * What a look found wrong, can be nothing else and costs nothing to put right is put right, whether or not it is the
 * cause: nobody leaves a plug half in. Null where nothing of the kind is left.
 */
export function putRightWhatWasSeen(situation: Situation): Advice | null {
  const next = seenWrong(situation);
  // What is likely enough has reasons of its own.
  return next && next.probability < sureEnoughFor.nothing
    ? {
        kind: 'repair',
        trialId: repairTrialId(next.repairClass),
        why: 'You saw it. It is quick to put right, whether or not it is the cause.',
      }
    : null;
}

/** What was seen before the first start, and explains the complaint, is put right for that start. */
export function putRightBeforeStart(situation: Situation): Advice | null {
  const next = seenWrong(situation);
  return next && next.probability >= sureEnoughFor.nothing
    ? {
        kind: 'repair',
        trialId: repairTrialId(next.repairClass),
        why: 'You saw it, and it explains the complaint. Put it right, then start.',
      }
    : null;
}

/** The likeliest of what was seen and can be put right at once. */
function seenWrong(situation: Situation): RankedRepair | null {
  const { input, space, plan, repairs } = situation;
  const done = repairsDone(input);
  const isOpen = ({ id, repair }: RepairClass): boolean => {
    const proposal = plan.proposals.find(({ trial }) => trial.repair?.id === id);
    return (
      repairOf(repair).stake === 'nothing' &&
      proposal !== undefined &&
      proposal.minutes <= doneAtOnce &&
      !done.has(id) &&
      canBeDone(situation, proposal.trial.id)
    );
  };
  const seen = new Set(lastLooks(input.steps).flatMap((step) => onlyRepairOf(step, space.faults)?.id ?? []));
  const isNext = ({ repairClass }: RankedRepair): boolean => seen.has(repairClass.id) && isOpen(repairClass);
  return repairs.find(isNext) ?? null;
}

/** The repair of what was seen; null where that may be one of several. */
function onlyRepairOf(step: EvidenceStep, faults: readonly FaultInstance[]): RepairClass | null {
  const [first, ...others] = faults.filter((fault) => sawFault(step, fault)).map(({ repairClass }) => repairClass);
  return first && others.every(({ id }) => id === first.id) ? first : null;
}

/** The last of each look. */
function lastLooks(steps: readonly EvidenceStep[]): EvidenceStep[] {
  const last = new Map<string, EvidenceStep>();
  for (const step of steps)
    if (step.trial.observe.kind === 'look' && !isSilent(step.outcome)) last.set(step.trial.id, step);
  return [...last.values()];
}

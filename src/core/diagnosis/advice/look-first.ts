import type { RepairClass } from '../../faults';
import { looksAt, sightingsOf } from '../../trials';
import { sureEnoughFor } from './how-sure';
import { repairTrialId, type Advice, type Situation } from './situation';

/** A look that stands for a guess shows what it would put right at least so surely, 0 to 1, and takes at most this share of its minutes, opened once for both. */
const [showsIt, shareOfMinutes] = [0.8, 0.6];

/** Nobody plugs in what is in: where a quick look shows what a guess would put right, that is looked at first. */
export function lookFirst({ space, plan, repairs }: Situation, repairClass: RepairClass): Advice | null {
  const ranked = repairs.find((one) => one.repairClass.id === repairClass.id);
  const repair = plan.proposals.find(({ trial }) => trial.id === repairTrialId(repairClass));
  if (!ranked || !repair || ranked.probability >= sureEnoughFor.nothing) return null;
  const faults = space.faults.filter((fault) => fault.repairClass.id === repairClass.id);
  const look = plan.proposals.find(
    ({ trial: { observe, part, minutes, repair: fixes }, bits, lacks, blocked }) =>
      observe.kind === 'look' &&
      !observe.look.everywhere &&
      fixes === null &&
      part !== null &&
      bits > 0 &&
      blocked === null &&
      lacks.length === 0 &&
      minutes <= shareOfMinutes * repair.trial.minutes &&
      faults.some(
        (fault) =>
          looksAt(observe.look, part, fault) &&
          sightingsOf(fault.mode, observe.look).some(({ probability }) => probability >= showsIt),
      ),
  );
  return look ? { kind: 'test', trialId: look.trial.id, why: look.trial.purpose } : null;
}

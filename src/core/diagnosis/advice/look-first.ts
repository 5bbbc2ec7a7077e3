import type { RepairClass } from '../../faults';
import { chanceToSee, type Trial } from '../../trials';
import { sureEnoughFor } from './how-sure';
import { repairTrialId, type Advice, type Situation } from './situation';

/** To stand for a guess, a look shows what it would put right at least so surely, 0 to 1, in at most this share of its minutes. */
const [showsIt, shareOfMinutes] = [0.8, 0.6];

/** Nobody plugs in what is in: where a quick look shows what a guess would put right, that is looked at first. */
export function lookFirst({ known, space, plan, repairs }: Situation, repairClass: RepairClass): Advice | null {
  const ranked = repairs.find((one) => one.repairClass.id === repairClass.id);
  const repair = plan.proposals.find(({ trial }) => trial.id === repairTrialId(repairClass));
  if (!ranked || !repair || ranked.probability >= sureEnoughFor.nothing) return null;
  const byFault = known.byFault.at(-1) ?? new Float64Array(space.faults.length);
  const own = space.faults.flatMap((fault, f) =>
    fault.repairClass.id === repairClass.id ? [{ fault, probability: byFault[f] ?? 0 }] : [],
  );
  const all = own.reduce((sum, { probability }) => sum + probability, 0);
  const shows = ({ observe, part }: Trial): boolean => {
    if (observe.kind !== 'look' || observe.look.everywhere || observe.look.passes || part === null) return false;
    const { look } = observe;
    const seen = own.reduce((sum, { fault, probability }) => sum + probability * chanceToSee(look, part, fault), 0);
    return seen >= showsIt * all;
  };
  const look = plan.proposals.find(
    ({ trial, bits, lacks, blocked }) =>
      trial.repair === null &&
      bits > 0 &&
      blocked === null &&
      lacks.length === 0 &&
      trial.minutes <= shareOfMinutes * repair.trial.minutes &&
      shows(trial),
  );
  return look ? { kind: 'test', trialId: look.trial.id, why: look.trial.purpose } : null;
}

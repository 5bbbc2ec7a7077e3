import { percent } from '../../wording';
import { isSmallPart, repairOf } from '../../faults';
import { formatTrialId } from '../../trials';
import type { RankedRepair } from '../belief/suspects';
import { lastStart } from './log-facts';
import { canBeDone, type Advice, type Situation } from './situation';

/** To start without a part in so many minutes is worth it before another one is bought, however sure it seems. */
const quickMinutes = 3;
/** Null where, with this probability, 0 to 1, it would show without the part what it shows with it: that proves nothing. */
const showsTheSame = 0.2;

const awayBy: ReadonlySet<string> = new Set(['out', 'spare', 'load-with-spare']);

/** Before a part is bought of which only looks and readings speak: does the fault go away with it? */
export function quickAway({ input, plan }: Situation, { repairClass, probability }: RankedRepair): Advice | null {
  const { part, repair } = repairClass;
  if (!repairOf(repair).replaces || isSmallPart(repairClass)) return null;
  const trialId = formatTrialId({ kind: 'out', part: part.id });
  const wasAway = input.steps.some(
    ({ trial: { ref } }) => 'part' in ref && ref.part === part.id && awayBy.has(ref.kind),
  );
  if (wasAway || !canBeDone({ plan }, trialId)) return null;
  const away = plan.proposals.find(({ trial }) => trial.id === trialId);
  if (!away?.forecast || away.minutes > quickMinutes) return null;
  const same = away.trial.outcomes.findIndex(({ id }) => id === lastStart(input));
  return (away.forecast.probabilities[same] ?? 1) > showsTheSame
    ? null
    : {
        kind: 'prove',
        trialId,
        why: `It is ${percent(probability)} likely. It takes little to start without it: the fault has to go away with it.`,
      };
}

import { percent } from '../../wording';
import { isSmallPart, repairOf } from '../../faults';
import { formatTrialId } from '../../trials';
import type { RankedRepair } from '../belief/suspects';
import { lastStart } from './log-facts';
import { canBeDone, type Advice, type Situation } from './situation';

/** A start without the part is made before another one is bought, however sure it seems, if it takes at most this. */
const maxMinutes = 3;
/** Null where, with this probability, 0 to 1, it would show without the part what it shows with it: that proves nothing. */
const showsTheSame = 0.2;

/** Ids of the trials in which a machine runs without its own part, in the order in which they are tried. */
export const waysAway = (part: string): string[] =>
  (['out', 'spare', 'load-with-spare'] as const).map((kind) => formatTrialId({ kind, part }));

/** Before a part is bought of which only looks and readings speak: does the fault go away with it? */
export function quickAway({ input, plan }: Situation, { repairClass, probability }: RankedRepair): Advice | null {
  const { part, repair } = repairClass;
  if (!repairOf(repair).replaces || isSmallPart(repairClass)) return null;
  const trialId = formatTrialId({ kind: 'out', part: part.id });
  const ways = waysAway(part.id);
  const wasAway = input.steps.some(({ trial }) => ways.includes(trial.id));
  if (wasAway || !canBeDone({ plan }, trialId)) return null;
  const away = plan.proposals.find(({ trial }) => trial.id === trialId);
  if (!away?.forecast || away.minutes > maxMinutes) return null;
  const same = away.trial.outcomes.findIndex(({ id }) => id === lastStart(input));
  return (away.forecast.probabilities[same] ?? 1) > showsTheSame
    ? null
    : {
        kind: 'prove',
        trialId,
        why: `It is ${percent(probability)} likely. Start without it first: that is quick, and the fault has to be gone.`,
      };
}

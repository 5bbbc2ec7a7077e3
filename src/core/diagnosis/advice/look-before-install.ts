import { drivesNotLookedAt } from '../planning/other-drives';
import { canBeDone, type Advice, type Situation } from './situation';

/** From this probability of an empty drive on, 0 to 1, the others are looked at. */
const likelyEmpty = 0.5;

/** Before a system is installed: it may be on another drive. */
export function lookBeforeInstall({ input, repairs: [top], plan }: Situation): Advice | null {
  if (top?.repairClass.repair !== 'install-system' || top.probability < likelyEmpty) return null;
  const trialId = drivesNotLookedAt(input, top.repairClass.part).find((look) => canBeDone({ plan }, look));
  const why = 'Before a system is installed: the old one may be on this drive.';
  return trialId === undefined ? null : { kind: 'test', trialId, why };
}

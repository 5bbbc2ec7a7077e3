import { isSilent } from '../../trials';
import { otherDrives } from '../planning/other-drives';
import { canBeDone, type Advice, type Situation } from './situation';

/** From this probability of an empty drive on, 0 to 1, the others are looked at. */
const likelyEmpty = 0.5;

/** Before a system is installed: it may be on another drive. */
export function lookBeforeInstall({ input, repairs: [top], plan }: Situation): Advice | null {
  if (top?.repairClass.repair !== 'install-system' || top.probability < likelyEmpty) return null;
  const unseen = otherDrives(input, top.repairClass.part).filter(({ seen }) => seen === null || isSilent(seen));
  const next = unseen.find(({ look }) => canBeDone({ plan }, look));
  const why = 'Before a system is installed: the old one may be on this drive.';
  return next ? { kind: 'test', trialId: next.look, why } : null;
}

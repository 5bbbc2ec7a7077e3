import type { RepairId } from '../../faults';
import { isOriginalIn, pieceIn } from '../../machine';
import { formatTrialId, isSilent } from '../../trials';
import { lookThatComplains } from '../belief/complaint';
import { openProposals } from '../planning/order-by-strategy';
import { sureEnough } from './how-sure';
import { repairsDone } from './log-facts';
import { askBefore, canBeDone, repairTrialId, underLoad, type Advice, type Situation } from './situation';

/** What is to be used while the machine runs as it stands, before something that took long is changed again. */

/** A test with at least this information, in bits, comes before a change that takes this multiple of its minutes. */
const [changeOverTest, worthATest] = [4, 0.2];
/** Minutes from which a change takes long. */
const longChange = 10;

/** Before a long change is undone or made again: what the machine tells quickly while it runs like this. */
export function quickFirst({ plan }: Situation, change: Advice): Advice {
  const taken = plan.proposals.find(({ trial }) => trial.id === change.trialId);
  if ((taken?.minutes ?? 0) < longChange) return change;
  const test = openProposals(plan).find(
    ({ trial, bits, minutes }) =>
      trial.repair === null &&
      trial.changes.length === 0 &&
      bits >= worthATest &&
      changeOverTest * minutes <= (taken?.minutes ?? 0),
  );
  return test ? { kind: 'test', trialId: test.trial.id, why: test.trial.purpose } : change;
}

/** Firmware that does not know its own processor is updated from the menu while a borrowed one runs. */
export function updateNow(situation: Situation): Advice | null {
  const { input, repairs, plan } = situation;
  const [top] = repairs;
  if (top?.repairClass.repair !== 'update-firmware' || top.probability < sureEnough(top.repairClass)) return null;
  const isBorrowed = input.machine.parts.some(
    ({ id, kind }) => kind === 'processor' && pieceIn(input.configuration, id) === 'spare',
  );
  const trialId = repairTrialId(top.repairClass);
  if (!isBorrowed || repairsDone(input).has(top.repairClass.id) || !canBeDone({ plan }, trialId)) return null;
  return (
    askBefore(situation, top) ?? {
      kind: 'repair',
      trialId,
      why: 'The board runs with this processor: update the firmware from the menu now, before its own processor goes back in.',
    }
  );
}

const flashes: readonly RepairId[] = ['update-firmware', 'recover-firmware', 'roll-back-firmware'];

/** What was written is read back while the machine runs, before anything is put back: on the board that it was written to. */
export function readBack({ input: { machine, steps, configuration }, plan }: Situation): Advice | null {
  const flashed = steps.findLastIndex(
    ({ trial, outcome }) => outcome !== 'could-not' && trial.repair !== null && flashes.includes(trial.repair.repair),
  );
  const board = machine.parts.find(({ kind }) => kind === 'board');
  if (flashed < 0 || !board || !isOriginalIn(configuration, board.id)) return null;
  const trialId = formatTrialId({ kind: 'look', look: 'version-in-setup', part: board.id });
  const isRead = steps.slice(flashed).some(({ trial, outcome }) => trial.id === trialId && !isSilent(outcome));
  return isRead || !canBeDone({ plan }, trialId)
    ? null
    : { kind: 'verify', trialId, why: 'What was written is read back: see which version it shows now.' };
}

/** Repaired, where a look showed the complaint and no start did: the same look shows whether it is gone. */
export function seeItGone(situation: Situation): Advice | null {
  const { input, repairs } = situation;
  const [top] = repairs;
  const isRepaired = top !== undefined && repairsDone(input).has(top.repairClass.id);
  const trialId = isRepaired ? lookThatComplains(input.steps) : null;
  return trialId !== null && canBeDone(situation, trialId)
    ? { kind: 'verify', trialId, why: 'It was seen there, and is repaired: see that it is gone.' }
    : null;
}

/** In bits: what tells less is not looked at for what may be left; nor what takes more minutes. */
const [worthALook, aGlance] = [0.05, 2];

/** It kept running once: what may be left is looked at, or put under load again, whichever tells more a minute. */
export function onceMore({ plan }: Situation): Advice {
  const again = plan.proposals.find(({ trial }) => trial.id === underLoad);
  const look = openProposals(plan).find(
    ({ trial, bits, minutes }) =>
      trial.observe.kind !== 'start' &&
      trial.changes.length === 0 &&
      !trial.inside &&
      minutes <= aGlance &&
      bits >= worthALook,
  );
  return look && again && look.bits / look.minutes > again.bits / again.minutes
    ? { kind: 'verify', trialId: look.trial.id, why: `It kept running once. ${look.trial.purpose}` }
    : { kind: 'verify', trialId: underLoad, why: 'It kept running once. An intermittent fault could still be there.' };
}

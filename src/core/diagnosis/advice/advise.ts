import { repairOf, type RepairClass, type RepairId, type RepairStake } from '../../faults';
import { formatTrialId } from '../../trials';
import { percent } from '../../wording';
import { observedStart, reportedOutcome, reproducedComplaint } from '../belief/complaint';
import { chooseTest } from './choose-test';
import type { CountedCure } from './cure-by-count';
import { sureEnough, sureItIsRight } from './how-sure';
import { countedSince, isUntold, lastStart, loadsStood, partsAway, repairsDone, timesDone } from './log-facts';
import { lookAgain } from './look-again';
import { lookBeforeInstall } from './look-before-install';
import { makeSafe } from './make-safe';
import { repairLikeliest } from './nothing-tells';
import { repairBeforeCase } from './repair-before-case';
import { proveParts } from './prove-parts';
import { putRightBeforeStart, putRightWhatWasSeen } from './put-right-what-was-seen';
import { provenOrTurn, turnForProof } from './prove';
import { putBackInnocent, runsWithout } from './put-back';
import {
  askBefore,
  canBeDone,
  isGone,
  plainStart,
  repairTrialId,
  underLoad,
  type Advice,
  type Situation,
} from './situation';
import { onceMore, readBack, seeItGone, updateNow } from './while-it-runs';

/** From this on the machine is as likely right as not. */
const rightAsNot = 0.5;
/** Below this one run under load is not enough. */
const surelyRight = 0.985;
/** Below this, one in a hundred, it is put under load even where a picture or ten presses would do. */
const rightWithoutLoad = 0.99;
/** What the picture itself verifies, if the case was never opened. */
const seenByThePicture: readonly RepairId[] = [
  'use-live-outlet',
  'switch-strip-on',
  'push-cord',
  'set-rocker',
  'select-input',
  'switch-monitor-on',
  'cable-to-card',
  'push-display-cable',
  'move-output',
  'wake-monitor',
];
const needsOnlyAPicture = ({ repair }: RepairClass): boolean => seenByThePicture.includes(repair);

/** The one thing to do next. */
export function advise(situation: Situation): Advice {
  const { input } = situation;
  const unsafe = makeSafe(situation);
  if (unsafe) return unsafe;
  if (situation.proving) return proveParts(situation, situation.proving);
  const seen = input.steps.filter((step) => observedStart(step) !== null);
  if (seen.length === 0) return reproduce(situation);
  if (reproducedComplaint(input.steps) === null) return complaintNotSeen(situation);
  if (isGone(situation) && situation.right >= sureItIsRight) return finish(situation);
  return (
    lookAgain(situation) ??
    verifyRepair(situation) ??
    seeWhetherItHelped(situation) ??
    lookBeforeInstall(situation) ??
    putRightWhatWasSeen(situation) ??
    askFirst(situation) ??
    repairIfSure(situation) ??
    turnForProof(situation) ??
    chooseTest(situation) ??
    repairLikeliest(situation)
  );
}

/** Not seen for oneself, and it cannot be made to show: what was reported has to do. */
const withoutSeeing = (situation: Situation): Advice => chooseTest(situation) ?? repairLikeliest(situation);

function reproduce(situation: Situation): Advice {
  const seen = putRightBeforeStart(situation);
  if (seen) return seen;
  const isLoad = reportedOutcome(situation.input.steps) === 'cuts-out';
  const trialId = isLoad ? underLoad : plainStart;
  if (!canBeDone(situation, trialId)) return withoutSeeing(situation);
  const why = isLoad ? 'First see the fault for yourself: it is said to cut out.' : 'First see the fault for yourself.';
  return { kind: 'reproduce', trialId, why };
}

/** It has only ever worked before the technician's eyes: nothing is repaired on hearsay. */
function complaintNotSeen(situation: Situation): Advice {
  if (loadsStood(situation.input) > 0)
    return {
      kind: 'nothing-seen',
      trialId: null,
      why: 'It starts and keeps running under load: the fault does not show.',
    };
  if (onlyBridged(situation) && canBeDone(situation, plainStart))
    return {
      kind: 'reproduce',
      trialId: plainStart,
      why: 'It starts from its pins. See whether it answers the case button.',
    };
  const presses = pressesToCount(situation);
  if (presses)
    return {
      kind: 'reproduce',
      trialId: presses,
      why: 'It answered this once. What comes and goes shows in ten presses, not in one.',
    };
  return canBeDone(situation, underLoad)
    ? { kind: 'reproduce', trialId: underLoad, why: 'It starts. See whether it keeps running.' }
    : withoutSeeing(situation);
}

/** Nobody has pressed the case button of a machine that is said to be dead. */
const onlyBridged = ({ input: { steps } }: Situation): boolean =>
  reportedOutcome(steps) === 'dead' &&
  steps.every((step) => observedStart(step) === null || step.configuration.start === 'bridge');

/** Ten presses of the case switch, where the owner speaks of a dead machine and nobody has counted yet. */
function pressesToCount({ input, plan }: Situation): string | null {
  const comesAndGoes = input.circumstances.includes('comes-and-goes');
  const part = input.machine.parts.find(({ kind }) => kind === 'case-switch')?.id;
  if (reportedOutcome(input.steps) !== 'dead' || !comesAndGoes || part === undefined) return null;
  const presses = formatTrialId({ kind: 'look', look: 'ten-presses', part });
  return countedSince(input, presses) === null && canBeDone({ plan }, presses) ? presses : null;
}

/** The machine is right as it stands: put back what is out, prove the cause, run it under load, close. */
function finish(situation: Situation): Advice {
  const { input, repairs } = situation;
  const top = repairs[0];
  const away = partsAway(input);
  const first =
    updateNow(situation) ?? readBack(situation) ?? putRightWhatWasSeen(situation) ?? putBackInnocent(situation);
  if (first) return first;
  const beforeCase = top && repairBeforeCase(situation, top.repairClass);
  if (beforeCase) return beforeCase;
  // Done twice, and it stops as soon as that is back: there is nothing to gain by a third time.
  const settling =
    top && away.length > 0 && timesDone(input, top.repairClass.id) < 2 ? provenOrTurn(situation, top) : null;
  // What is away and may be the cause is settled on the bench, and another board is not built in for that.
  const awayPart = top && away.includes(top.repairClass.part.id) ? top.repairClass.part : null;
  const staysOut = awayPart !== null && (awayPart.kind === 'board' || (settling?.trialId ?? null) !== null);
  if (input.configuration.surface === 'bench' && !staysOut)
    return {
      kind: 'put-back',
      trialId: formatTrialId({ kind: 'back-in-case' }),
      why: 'It runs on the bench. Now put it back into the case.',
    };
  if (top && away.length > 0) return settling ?? runsWithout(situation, away);
  // Whole again, and it stops later than it did: that is another fault.
  const last = lastStart(input);
  if (last !== 'works' && last !== 'cuts-out')
    return canBeDone(situation, plainStart)
      ? { kind: 'verify', trialId: plainStart, why: 'That does not fit what was repaired. See how far it gets now.' }
      : withoutSeeing(situation);
  const counted = seeItGone(situation) ?? countUp(situation);
  if (counted) return counted;
  const stood = loadsStood(input);
  const isSeen = top !== undefined && needsOnlyAPicture(top.repairClass) && !input.caseOpen;
  if (stood === 0 && isSeen && situation.right >= rightWithoutLoad)
    return { kind: 'close', trialId: null, why: 'The picture is there, and the case was not opened.' };
  if (stood === 0) return { kind: 'verify', trialId: underLoad, why: 'It starts. Check that it keeps running.' };
  return stood < 2 && situation.right < surelyRight
    ? onceMore(situation)
    : { kind: 'close', trialId: null, why: 'It starts and keeps running under load.' };
}

/** Nothing was repaired but at one part, and what the picture shows: a board that was dried has to stand load as well. */
const isAllAt = ({ input, repairs }: Situation, part: string): boolean => {
  const done = repairsDone(input);
  return repairs.every(
    ({ repairClass }) => !done.has(repairClass.id) || repairClass.part.id === part || needsOnlyAPicture(repairClass),
  );
};

/** What is proven by counting: a switch by ten presses, what cannot be undone by starts that work. Null where neither is. */
function countUp(situation: Situation): Advice | null {
  const { input, repairs, cure, plan } = situation;
  const [top] = repairs;
  if (!top) return null;
  const { part, id, repair } = top.repairClass;
  if (part.kind === 'case-switch' && repair !== 'free-reset' && repairsDone(input).has(id)) {
    const presses = formatTrialId({ kind: 'look', look: 'ten-presses', part: part.id });
    const isPressedEnough = situation.right >= rightWithoutLoad && isAllAt(situation, part.id);
    if (countedSince(input, presses) === 'all' && (isPressedEnough || loadsStood(input) > 0))
      return { kind: 'close', trialId: null, why: 'It answered ten presses out of ten.' };
    if (canBeDone({ plan }, presses) && countedSince(input, presses) === null)
      return { kind: 'verify', trialId: presses, why: 'It starts. A switch is proven by ten presses.' };
  }
  // A run under full load comes first, and is a start that counts.
  if (cure?.repair !== id || !cure.wanted || loadsStood(input) === 0) return null;
  const trialId = reproducedComplaint(input.steps) === 'cuts-out' ? underLoad : plainStart;
  return canBeDone({ plan }, trialId) ? { kind: 'verify', trialId, why: whyCountOn(cure) } : null;
}

const whyCountOn = ({ before, after, probability, wanted }: CountedCure): string => {
  const all = after.worked + after.failed;
  const earlier = before.worked + before.failed;
  const had = earlier === 0 ? '' : `, ${before.worked} of ${earlier} before`;
  const more = wanted === 1 ? 'One more good start proves it' : `${wanted ?? 0} more good starts in a row prove it`;
  return `It cannot be undone, so count: worked ${after.worked} of ${all} since${had}. That makes it ${percent(probability)} sure. ${more}.`;
};

/** A repair seems to have helped: before anything else is repaired, all goes back in, and is seen to stay up. */
function verifyRepair(situation: Situation): Advice | null {
  const { input, repairs } = situation;
  const [top] = repairs;
  const done = repairsDone(input);
  const isRepaired = top !== undefined && done.has(top.repairClass.id);
  const isLikelyRight = done.size > 0 && situation.right >= rightAsNot;
  if (!(isRepaired || isLikelyRight) || lastStart(input) !== 'works') return null;
  const first = readBack(situation) ?? seeItGone(situation) ?? putBackInnocent(situation);
  if (first) return first;
  const stood = loadsStood(input);
  if (partsAway(input).length > 0 || !canBeDone(situation, underLoad)) return null;
  if (stood > 1)
    return isLikelyRight ? { kind: 'close', trialId: null, why: 'It has kept running under full load twice.' } : null;
  return stood === 0
    ? { kind: 'verify', trialId: underLoad, why: 'It starts. Check that it keeps running.' }
    : onceMore(situation);
}

/** What cuts out under load is not told by a start: before anything else is repaired it is put under load once more. */
function seeWhetherItHelped(situation: Situation): Advice | null {
  return isUntold(situation.input) && canBeDone(situation, underLoad)
    ? { kind: 'verify', trialId: underLoad, why: 'It starts after the repair. See whether it still cuts out.' }
    : null;
}

/** What is sure enough to be done, and waits for somebody's word. */
function askFirst(situation: Situation): Advice | null {
  const [top] = situation.repairs;
  if (!top || top.cures < sureEnough(top.repairClass)) return null;
  return repairsDone(situation.input).has(top.repairClass.id) ? null : askBefore(situation, top);
}

function repairIfSure(situation: Situation): Advice | null {
  const { repairs, plan } = situation;
  const top = repairs[0];
  const proposal =
    top && plan.proposals.find(({ trial, blocked }) => trial.id === repairTrialId(top.repairClass) && blocked === null);
  if (!top || !proposal || top.repairClass.repair === 'look-deeper') return null;
  const { stake } = repairOf(top.repairClass.repair);
  const testsPay = situation.stopRule.saves > 0;
  if (top.cures < sureEnough(top.repairClass, testsPay)) return null;
  // While a test saves more than it takes, work is not done on a guess.
  if (stake === 'work' && top.probability < sureItIsRight && testsPay) return null;
  // Carried out once: the same again would tell and fix nothing.
  if (repairsDone(situation.input).has(top.repairClass.id)) return null;
  return stake === 'part'
    ? provenOrTurn(situation, top)
    : { kind: 'repair', trialId: proposal.trial.id, why: whyNowOf(stake, proposal.minutes) };
}

/** Nothing that takes more minutes is called quick. */
const quickUpTo = 8;
const whyNowOf = (stake: Exclude<RepairStake, 'part'>, minutes: number): string =>
  stake === 'nothing' && minutes > quickUpTo ? 'Likely enough, and it costs nothing but the work.' : whyNow[stake];

const whyNow: Readonly<Record<Exclude<RepairStake, 'part'>, string>> = {
  nothing: 'Likely enough, and quick to do.',
  work: 'Likely enough to be worth the work.',
  'for-good': 'Practically certain. It cannot be undone.',
};

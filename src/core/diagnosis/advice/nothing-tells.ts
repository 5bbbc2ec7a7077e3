import { formatTrialId } from '../../trials';
import { listOf, percent, uncapitalized } from '../../wording';
import type { Plan, Proposal } from '../planning/propose';
import { startsButNoPicture } from './before-parts-move';
import { allPointsToIt, nextRepair, whyOnceMore } from './choose-test';
import { worthTrying } from './how-sure';
import { lastStart, loadsStood, repairsDone, showsWhatWasTold } from './log-facts';
import { canBeDone, isGone, plainStart, repairTrialId, type Advice, type Situation } from './situation';
import { observedStart } from '../belief/complaint';
import { isWork } from '../belief/same-evidence';

/** Nothing at hand tells the rest apart: fix, and end openly where too much is at stake. */
export function repairLikeliest(situation: Situation): Advice {
  const next = nextRepair(situation, worthTrying);
  if (next)
    return {
      kind: 'repair',
      trialId: repairTrialId(next.repairClass),
      why:
        whyOnceMore(situation.input, next) ?? 'No available test can separate the rest. Repair by likelihood and cost.',
    };
  const again = onceMore(situation) ?? waitOnce(situation);
  if (again) return again;
  const { input } = situation;
  if (isGone(situation) && lastStart(input) === 'works' && loadsStood(input) > 0)
    return {
      kind: 'close',
      trialId: null,
      why: 'It starts and keeps running under load, and nothing at hand tells more. Ask the owner to watch for a fault that comes and goes.',
    };
  return { kind: 'undecided', trialId: null, why: undecidedWords(situation) };
}

/** A start that nothing else can explain is made a second time, and no third. */
export const onceMore = (situation: Situation): Advice | null =>
  isSeenOnce(situation) && !showsWhatWasTold(situation.input) && canBeDone(situation, plainStart)
    ? { kind: 'test', trialId: plainStart, why: 'Nothing else is left: see whether it shows the same once more.' }
    : null;

const patientStart = formatTrialId({ kind: 'start-and-wait' });

/** Before a case ends open, the machine had once the time to train its memory. */
function waitOnce(situation: Situation): Advice | null {
  const { machine, steps } = situation.input;
  const shown = lastStart(situation.input);
  const mayTrain = machine.board.trainsMemory && shown !== null && startsButNoPicture.includes(shown);
  return mayTrain && !steps.some(({ trial }) => trial.id === patientStart) && canBeDone(situation, patientStart)
    ? {
        kind: 'test',
        trialId: patientStart,
        why: 'Nothing else is left: give it the time to train its memory, before the case ends open.',
      }
    : null;
}

/** Since anything was done to it, the machine was started once: that may have been misread, or the fault comes and goes. */
function isSeenOnce({ input: { steps } }: Situation): boolean {
  const worked = steps.findLastIndex(({ trial, handling }) => isWork({ repair: trial.repair, handling }));
  return steps.slice(Math.max(0, worked)).filter((step) => observedStart(step) !== null).length === 1;
}

const namedLeft = 3;
const leastLeft = 0.05;

/** What is left, what would decide it, and what that takes. */
export function undecidedWords({ repairs, plan, input }: Pick<Situation, 'repairs' | 'plan' | 'input'>): string {
  const [top] = repairs;
  const pointsTo = top && repairsDone(input).has(top.repairClass.id) && top.probability >= allPointsToIt ? top : null;
  const left = repairs
    .filter(({ repairClass, probability }) => repairClass.repair !== 'look-deeper' && probability >= leastLeft)
    .slice(0, namedLeft)
    .map(({ repairClass, probability }) => `${uncapitalized(repairClass.title)} (${percent(probability)})`);
  const known = pointsTo
    ? `All still points to one thing that was done and did not help: ${uncapitalized(pointsTo.repairClass.title)} (${percent(pointsTo.probability)}).`
    : left.length > 1
      ? `Still possible: ${listOf(left)}.`
      : left.length === 1
        ? `Still possible: ${left.join()}, and that is not enough to act on.`
        : 'No known cause fits.';
  // As good as certain, and not to be had here.
  if (
    top &&
    !pointsTo &&
    top.probability >= allPointsToIt &&
    left.length === 1 &&
    !canBeDone({ plan }, repairTrialId(top.repairClass))
  )
    return `All points to one thing: ${left.join()}. It could not be done here: refer it, or get what it needs.`;
  const deciders = decidersOf(plan).map(decidingWords);
  return deciders.length > 0
    ? `${known} What would decide it: ${deciders.join('; ')}. Or decide with the owner, or refer it to another shop.`
    : `${known} Nothing that this bench knows would decide it. Decide with the owner, or refer it to another shop.`;
}

const decidersNamed = 2;
const tellsSomething = 0.05;

/** Tests that would tell something, if what they need were at hand. */
const decidersOf = ({ proposals }: Plan): Proposal[] =>
  proposals
    .filter(
      ({ trial, bits, lacks, blocked }) =>
        !trial.commits && blocked === null && lacks.length > 0 && bits > tellsSomething,
    )
    .slice(0, decidersNamed);

const decidingWords = ({ trial, lacks, minutes }: Proposal): string =>
  `${listOf(lacks)} (${uncapitalized(trial.title)}, ${Math.round(minutes)} min)`;

import { listOf, percent, uncapitalized } from '../../wording';
import type { Plan, Proposal } from '../planning/propose';
import { nextRepair } from './choose-test';
import { worthTrying } from './how-sure';
import { repairTrialId, type Advice, type Situation } from './situation';

/** Nothing at hand tells the rest apart: fix, and end openly where too much is at stake. */
export function repairLikeliest(situation: Situation): Advice {
  const next = nextRepair(situation, worthTrying);
  if (next)
    return {
      kind: 'repair',
      trialId: repairTrialId(next.repairClass),
      why: 'No available test can separate the rest. Repair by likelihood and cost.',
    };
  return { kind: 'undecided', trialId: null, why: undecidedWords(situation) };
}

const namedLeft = 3;
const leastLeft = 0.05;

/** What is left, what would decide it, and what that takes. */
export function undecidedWords({ repairs, plan }: Pick<Situation, 'repairs' | 'plan'>): string {
  const left = repairs
    .filter(({ repairClass, probability }) => repairClass.repair !== 'look-deeper' && probability >= leastLeft)
    .slice(0, namedLeft)
    .map(({ repairClass, probability }) => `${uncapitalized(repairClass.title)} ${percent(probability)}`);
  const known = left.length > 0 ? `It is undecided between ${listOf(left)}.` : 'No known cause fits.';
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

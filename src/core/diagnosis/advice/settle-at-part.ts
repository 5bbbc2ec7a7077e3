import { applyChanges, isOriginalIn, type Part } from '../../machine';
import type { RepairClass } from '../../faults';
import { formatTrialId } from '../../trials';
import { openProposals } from '../planning/order-by-strategy';
import { planTrials, type Plan, type Proposal } from '../planning/propose';
import { canBeDone, type Advice, type Situation } from './situation';

/** From this probability on another repair of the same part is worth telling apart from the likeliest. */
const worthTellingApart = 0.03;
/** So much, in bits, must a look at the part tell. */
const worthLooking = 0.1;

/**
 * A swap blames a part, and does not say what is wrong with it. Before something is bought, erased or written: what tells
 * the repairs of that part apart, with the part put back for it if it is away. Null where nothing does.
 */
export function settleAtPart(situation: Situation, repairClass: RepairClass): Advice | null {
  const { input, known, plan, repairs } = situation;
  const { part } = repairClass;
  const rivals = rivalsOf(repairClass, repairs);
  if (rivals.size === 0) return null;
  if (isOriginalIn(input.configuration, part.id)) {
    const test = tellingApart(plan, part, rivals);
    return test && { kind: 'test', trialId: test.trial.id, why: test.trial.purpose };
  }
  const trialId = formatTrialId({ kind: 'back', part: part.id });
  const back = plan.proposals.find(({ trial }) => trial.id === trialId);
  if (!back || !canBeDone({ plan }, trialId)) return null;
  const configuration = applyChanges(input.configuration, back.trial.changes);
  const then = planTrials({ ...input, configuration, caseOpen: true }, known);
  const test = tellingApart(then, part, rivals);
  return test && { kind: 'test', trialId, why: `Put it back: “${test.trial.title}” can settle what is wrong with it.` };
}

/** By id: the other repairs of its part that are worth telling apart from it. */
const rivalsOf = ({ part, id }: RepairClass, repairs: Situation['repairs']): Set<string> =>
  new Set(
    repairs
      .filter(({ probability }) => probability >= worthTellingApart)
      .map(({ repairClass }) => repairClass)
      .filter((other) => other.part.id === part.id && other.id !== id && other.repair !== 'look-deeper')
      .map((other) => other.id),
  );

/** A look is taken before another repair is tried for as long as it tells half as much a minute. */
const repairOverLook = 2;

/** The most telling a minute of a part in its place: a look at it, or a rival repair of it that may be tried. */
function tellingApart(plan: Plan, part: Part, rivals: ReadonlySet<string>): Proposal | null {
  const open = openProposals(plan).filter(({ bits }) => bits >= worthLooking);
  const look = open.find(({ trial }) => trial.part?.id === part.id && trial.observe.kind !== 'start');
  const attempt = open.find(({ trial }) => trial.repair !== null && rivals.has(trial.repair.id));
  if (!look || !attempt) return look ?? attempt ?? null;
  return rateOf(attempt) > repairOverLook * rateOf(look) ? attempt : look;
}

const rateOf = ({ bits, minutes }: Proposal): number => bits / minutes;

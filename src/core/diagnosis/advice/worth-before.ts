import type { RepairClass } from '../../faults';
import type { TrialForecast } from '../planning/joint-probabilities';
import { invasiveMinutes, openProposals } from '../planning/order-by-strategy';
import type { Plan, Proposal } from '../planning/propose';
import { sureEnough } from './how-sure';
import { repairTrialId } from './situation';

/**
 * What may come before a likely repair. Information a minute alone would rule out the last two in a hundred first,
 * because that is quick; a technician settles or tries what it most likely is, unless another test spares more than it
 * takes.
 */

/** So likely, 0 to 1, is it that a test settles a repair. */
const likelySettled = 0.5;
/** Minutes that may be spent before it, for each minute that they spare on average: what finds another cause also narrows it down. */
const forEachSpared = 2;

/**
 * Without the tests that do not pay before the one that would likely leave a repair sure; all, where none would, or only one
 * that takes the machine apart.
 */
export function beforeSettling(plan: Plan, held: RepairClass): Plan {
  const row = plan.live.classIds.indexOf(held.id);
  const leavesSure = ({ forecast }: Proposal) =>
    forecast !== null && chanceOfLead(forecast, row, sureEnough(held)) >= likelySettled;
  const sure = openProposals(plan).find(leavesSure);
  if (!sure || sure.minutes >= invasiveMinutes) return plan;
  const pays = (one: Proposal) => one.minutes <= forEachSpared * sparedBy(one, row, sure.minutes);
  return { ...plan, proposals: plan.proposals.filter((one) => leavesSure(one) || pays(one)) };
}

/** Without the tests that take longer than they spare on average of an attempt at a repair. */
export function beforeTrying(plan: Plan, repairClass: RepairClass): Plan {
  const row = plan.live.classIds.indexOf(repairClass.id);
  const attempt = plan.proposals.find(({ trial }) => trial.id === repairTrialId(repairClass));
  if (!attempt) return plan;
  const pays = (one: Proposal) => one.minutes <= sparedBy(one, row, attempt.minutes);
  return { ...plan, proposals: plan.proposals.filter((one) => one === attempt || pays(one)) };
}

/** Of what comes after a test: the minutes that it spares on average, because another class than that of a row leads then. */
const sparedBy = ({ forecast }: Proposal, row: number, minutes: number): number =>
  forecast ? (1 - chanceOfLead(forecast, row)) * minutes : 0;

/** Probability that the class of a row leads after a test, and is at least as likely as wanted. */
const chanceOfLead = ({ probabilities, leaders, leads }: TrialForecast, row: number, wanted = 0): number =>
  probabilities.reduce((sum, p, o) => sum + (leaders[o] === row && (leads[o] ?? 0) >= wanted ? p : 0), 0);

import type { Plan, Proposal } from './propose';
import { placesBy, type Strategy, type StrategyView } from './strategies';

/** From this many minutes on, a trial takes the machine apart. */
export const invasiveMinutes = 12;
/** A look from outside as cheap as this comes first if it could make taking apart needless. */
const cheapMinutes = 2;
const worthAGlance = 0.02;

/** A trial that can be done now, commits to nothing and tells something. */
export const openProposals = ({ proposals, leastBits }: Pick<Plan, 'proposals' | 'leastBits'>): Proposal[] =>
  proposals.filter(
    ({ trial, bits, lacks, blocked }) => !trial.commits && bits > leastBits && lacks.length === 0 && blocked === null,
  );

/** The trials of a strategy in its order; those without information, commit or lack something are left out. */
export function orderByStrategy(strategy: Strategy, plan: Plan, view: StrategyView): Proposal[] {
  const open = openProposals(plan);
  if (strategy === 'best-value') return open;
  const placeOf = placesBy(strategy, view);
  const places = new Map(open.map((proposal) => [proposal, placeOf(proposal.trial)]));
  return open.sort((a, b) => (places.get(a) ?? 0) - (places.get(b) ?? 0));
}

/** The next trial by a strategy; null if none tells anything. No work that takes the machine apart before a cheap glance. */
export function nextByStrategy(strategy: Strategy, plan: Plan, view: StrategyView): Proposal | null {
  const ordered = orderByStrategy(strategy, plan, view);
  const [first] = ordered;
  if (!first) return null;
  if (strategy !== 'best-value' || first.minutes < invasiveMinutes) return first;
  const glance = ordered.find(
    ({ trial, minutes, bits }) => !trial.inside && minutes <= cheapMinutes && bits > worthAGlance,
  );
  return glance ?? first;
}

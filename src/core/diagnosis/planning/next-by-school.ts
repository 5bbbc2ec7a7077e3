import type { Plan, Proposal } from './propose';
import { placesBy, type School, type SchoolView } from './schools';

/** Below this, in bits, or as a share of all that is open, a trial tells nothing, whatever the school. */
const tellsNothing = 0.004;
const tellsNothingShare = 0.015;

/** From so many minutes on, a trial takes the machine apart. */
const invasiveMinutes = 12;
/** A look from outside as cheap as this comes first if it could make taking apart needless. */
const cheapMinutes = 2;
const worthAGlance = 0.02;

/** A trial that can be done now, commits to nothing and tells something. */
export const openProposals = ({ proposals, openBits }: Pick<Plan, 'proposals' | 'openBits'>): Proposal[] => {
  const least = Math.max(tellsNothing, tellsNothingShare * openBits);
  return proposals.filter(({ trial, bits, lacks }) => !trial.commits && bits > least && lacks.length === 0);
};

/** The trials of a school in its order; those that tell nothing, commit or lack something are left out. */
export function orderBySchool(school: School, plan: Plan, view: SchoolView): Proposal[] {
  const open = openProposals(plan);
  if (school === 'best-value') return open;
  const placeOf = placesBy(school, view);
  const places = new Map(open.map((proposal) => [proposal, placeOf(proposal.trial)]));
  return open.sort((a, b) => (places.get(a) ?? 0) - (places.get(b) ?? 0));
}

/** The next trial by a school; null if none tells anything. No work that takes the machine apart before a cheap glance. */
export function nextBySchool(school: School, plan: Plan, view: SchoolView): Proposal | null {
  const ordered = orderBySchool(school, plan, view);
  const [first] = ordered;
  if (!first) return null;
  if (school !== 'best-value' || first.minutes < invasiveMinutes) return first;
  const glance = ordered.find(
    ({ trial, minutes, bits }) => !trial.inside && minutes <= cheapMinutes && bits > worthAGlance,
  );
  return glance ?? first;
}

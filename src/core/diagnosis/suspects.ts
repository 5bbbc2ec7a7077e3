import type { FaultInstance, RepairClass } from '../faults';
import type { LinkId } from '../startup';
import { LINK_IDS } from '../startup';
import type { Hypothesis } from './hypotheses';

/** A fault with its probability of being the cause, present or already removed. */
export interface Suspect {
  readonly fault: FaultInstance;
  readonly probability: number;
}

const sumBy = <K>(
  hypotheses: readonly Hypothesis[],
  probabilities: Float64Array,
  key: (fault: FaultInstance) => K,
): Map<K, number> => {
  const sums = new Map<K, number>();
  hypotheses.forEach(({ fault }, h) => sums.set(key(fault), (sums.get(key(fault)) ?? 0) + (probabilities[h] ?? 0)));
  return sums;
};

/** Faults by falling probability; the probabilities sum to 1. Equal ones keep the catalogue's order. */
export function rankSuspects(hypotheses: readonly Hypothesis[], probabilities: Float64Array): Suspect[] {
  return [...sumBy(hypotheses, probabilities, (fault) => fault)]
    .map(([fault, probability]) => ({ fault, probability }))
    .sort((a, b) => b.probability - a.probability);
}

/** Probability that the fault is at each link, in chain order; they sum to 1. */
export function probabilityByLink(
  hypotheses: readonly Hypothesis[],
  probabilities: Float64Array,
): { link: LinkId; probability: number }[] {
  const sums = sumBy(hypotheses, probabilities, (fault) => fault.link);
  return LINK_IDS.map((link) => ({ link, probability: sums.get(link) ?? 0 }));
}

/** Probability that the fault is at each part, by part id; "something else" is not at a part. */
export function probabilityByPart(
  hypotheses: readonly Hypothesis[],
  probabilities: Float64Array,
): Record<string, number> {
  const known = sumBy(hypotheses, probabilities, (fault) => (fault.somethingElse ? '' : fault.part.id));
  known.delete('');
  return Object.fromEntries(known);
}

/** Repair classes by falling probability. */
export function rankRepairs(
  hypotheses: readonly Hypothesis[],
  probabilities: Float64Array,
): { repairClass: RepairClass; probability: number }[] {
  const classes = new Map(hypotheses.map(({ fault }) => [fault.repairClass.id, fault.repairClass]));
  return [...sumBy(hypotheses, probabilities, (fault) => fault.repairClass.id)]
    .flatMap(([id, probability]) => {
      const repairClass = classes.get(id);
      return repairClass ? [{ repairClass, probability }] : [];
    })
    .sort((a, b) => b.probability - a.probability);
}

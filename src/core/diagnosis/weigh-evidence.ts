import type { Belief } from './belief';
import { probabilitiesOf } from './belief';
import type { Hypothesis } from './hypotheses';

/** How much one event speaks for (+) or against (−) a suspect, in decibans. */
export interface EvidenceWeight {
  readonly eventId: string;
  readonly decibans: number;
}

const smallest = 1e-12;

const logOddsDecibans = (probability: number): number => {
  const p = Math.min(1 - smallest, Math.max(smallest, probability));
  return 10 * Math.log10(p / (1 - p));
};

/**
 * Weight of evidence of each event for each fault: the change of its log odds at that event, so that prior odds plus
 * all weights give the posterior odds (I. J. Good, Probability and the Weighing of Evidence, 1950).
 * `beliefs[0]` is the prior, `beliefs[k]` the belief after `eventIds[k - 1]`. Returns one list of weights a fault id.
 */
export function weighEvidence(
  hypotheses: readonly Hypothesis[],
  beliefs: readonly Belief[],
  eventIds: readonly string[],
): Map<string, { priorDecibans: number; weights: EvidenceWeight[] }> {
  const odds = beliefs.map((belief) => oddsByFault(hypotheses, belief));
  const faults = [...new Set(hypotheses.map(({ fault }) => fault.id))];
  return new Map(
    faults.map((id) => {
      const series = odds.map((byFault) => byFault.get(id) ?? 0);
      const weights = eventIds.map((eventId, k) => ({ eventId, decibans: (series[k + 1] ?? 0) - (series[k] ?? 0) }));
      return [id, { priorDecibans: series[0] ?? 0, weights }];
    }),
  );
}

function oddsByFault(hypotheses: readonly Hypothesis[], belief: Belief): Map<string, number> {
  const sums = new Map<string, number>();
  const probabilities = probabilitiesOf(belief);
  hypotheses.forEach(({ fault }, h) => sums.set(fault.id, (sums.get(fault.id) ?? 0) + (probabilities[h] ?? 0)));
  return new Map([...sums].map(([id, probability]) => [id, logOddsDecibans(probability)]));
}

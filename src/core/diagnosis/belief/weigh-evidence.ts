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

export interface WeighedEvidence {
  readonly priorDecibans: number;
  readonly weights: readonly EvidenceWeight[];
}

/**
 * Weight of evidence of each event for one fault: the change of its log odds at that event, so that prior odds plus
 * all weights give the posterior odds (I. J. Good, Probability and the Weighing of Evidence, 1950).
 * `series[0]` is its probability before anything, `series[k]` that after `eventIds[k - 1]`.
 */
export function weighEvidence(series: readonly number[], eventIds: readonly string[]): WeighedEvidence {
  const odds = series.map(logOddsDecibans);
  return {
    priorDecibans: odds[0] ?? 0,
    weights: eventIds.map((eventId, k) => ({ eventId, decibans: (odds[k + 1] ?? 0) - (odds[k] ?? 0) })),
  };
}

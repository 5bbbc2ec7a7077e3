import type { Diagnosis, StrategyPrice, TrialView } from '../core/diagnosis';

const trialJson = (trial: TrialView) => ({
  trial: trial.id,
  title: trial.title,
  minutes: trial.minutes,
  bits: trial.bits,
  outcomes: trial.outcomes.map(({ id, label, probability, then }) => ({ outcome: id, label, probability, then })),
});

/** The diagnosis under the documented keys of `probe diagnose --json`. */
export function toJson(diagnosis: Diagnosis, prices: readonly StrategyPrice[]) {
  const { suspects, links, advice, alternatives, rightProbability, doubts, surprise, stopRule } = diagnosis;
  return {
    suspects: suspects.map(
      ({ fault, title, part, link, probability, confirmation, repair, evidence, priorDecibans, priorSource }) => ({
        fault,
        title,
        part,
        link,
        probability,
        confirmation,
        repair: repair.id,
        priorDecibans,
        priorSource,
        evidence,
      }),
    ),
    together: diagnosis.together,
    links,
    repairs: diagnosis.repairs,
    rightProbability,
    doubts,
    surprise,
    stopRule,
    advice: { kind: advice.kind, why: advice.why, trial: advice.trial?.id ?? null },
    strategies: prices,
    nextTrials: [...(advice.trial ? [advice.trial] : []), ...alternatives].map(trialJson),
  };
}

import type { Diagnosis, TrialView } from '../core/diagnosis';

const trialJson = (trial: TrialView) => ({
  trial: trial.id,
  title: trial.title,
  minutes: trial.minutes,
  bits: trial.bits,
  outcomes: trial.outcomes.map(({ id, label, probability, then }) => ({ outcome: id, label, probability, then })),
});

/** The diagnosis under the documented keys of `probe diagnose --json`. */
export function toJson({ suspects, links, advice, alternatives, rightProbability, doubts }: Diagnosis) {
  return {
    suspects: suspects.map(
      ({ fault, title, part, link, probability, confirmation, repair, evidence, priorDecibans }) => ({
        fault,
        title,
        part,
        link,
        probability,
        confirmation,
        repair: repair.id,
        priorDecibans,
        evidence,
      }),
    ),
    links,
    rightProbability,
    doubts,
    advice: { kind: advice.kind, why: advice.why, trial: advice.trial?.id ?? null },
    nextTrials: [...(advice.trial ? [advice.trial] : []), ...alternatives].map(trialJson),
  };
}

import type { PowerStanding } from '../machine';
import type { PowerAssessment } from './assess-power';

/** What the diagnosis needs to know of an assessment; null without a label and leads, from which nothing follows. */
export function standingOf({ budget, leads, unsafe }: PowerAssessment): PowerStanding | null {
  const hasLabel = budget.limits.length > 0;
  if (!hasLabel && leads.length === 0) return null;
  const worst = (of: (limit: (typeof budget.limits)[number]) => number) =>
    hasLabel ? rounded(Math.max(...budget.limits.map(of))) : null;
  const isOverloaded = unsafe.some(({ risk }) => risk === 'overloaded');
  const isUnsafe = unsafe.some(({ risk }) => risk === 'drive-feeds-card' || risk === 'split-card-lead');
  return {
    peakPasses: worst(({ peakPasses }) => peakPasses),
    sustainedPasses: worst(({ sustainedPasses }) => sustainedPasses),
    startPasses: worst(({ startPasses }) => startPasses),
    leads: leads.length === 0 ? null : isOverloaded ? 'overloaded' : isUnsafe ? 'unsafe' : 'sound',
  };
}

/** To a hundredth: a finer difference changes no judgement, and would make every edit another machine. */
const rounded = (probability: number): number => Math.round(100 * probability) / 100;

import { startOutcomeIndex, type StartOutcome } from '../../startup';
import type { EvidenceStep } from '../evidence-step';
import type { HypothesisSpace } from '../model/hypothesis-space';
import { shareOf } from '../model/outcome-model';
import type { OutcomeModelCache } from '../model/outcome-model-cache';
import { factsOf } from '../model/variant-facts';

/** Likelihood of one message by the faults that are there; see CompiledStep. */
export interface MessageLikelihood {
  readonly none: number;
  readonly one: Float64Array;
  readonly pass: Float64Array;
}

/** A fault that stops a start with a message shows it beside another so often; what has no such fault shows it so seldom. */
const shownBeside = 0.95;
const shownByNothing = 0.001;

/**
 * Where one start showed several messages, each of them wants a fault of its own: the likelihood of each, whatever the order
 * in which they were noted. Empty where it showed one at most, which its outcome says already.
 */
export function messagesBeside(
  { variants }: HypothesisSpace,
  { outcome, signs, configuration }: EvidenceStep,
  book: OutcomeModelCache,
): MessageLikelihood[] {
  const messages = new Set([outcome as StartOutcome, ...(signs?.messages ?? [])].filter(isMessage));
  if (messages.size < 2) return [];
  const { faultIndex, stopsStart, showsAtStart } = factsOf(variants);
  const acting = book.actingIn(configuration);
  return [...messages].map((message) => {
    const at = startOutcomeIndex(message);
    const pass = Float64Array.from(variants, (_, v) =>
      acting[faultIndex[v] ?? 0] === 1 ? 1 - (stopsStart[v] ?? 0) * shareOf(showsAtStart[v] ?? [], at) : 1,
    );
    const one = pass.map((through) => (1 - through) * shownBeside + through * shownByNothing);
    return { none: shownByNothing, one, pass };
  });
}

/** What a screen says and the machine stops at. */
const isMessage = (outcome: StartOutcome): boolean =>
  startOutcomeIndex(outcome) >= startOutcomeIndex('message-fan') &&
  startOutcomeIndex(outcome) <= startOutcomeIndex('system-stops');

import { lastLinkPassed, observedStart, reportedTrialId } from '../diagnosis';
import { isOriginalIn, type Part, type PartKind } from '../machine';
import { linkIndex, type LinkId } from '../startup';
import type { CaseState } from './case-state';

/** What the log shows of one part. */
export interface PartResult {
  readonly part: Part;
  /** proven: seen to work in this machine. failed: the fault is at it. open: neither is shown. */
  readonly result: 'proven' | 'failed' | 'open';
  /** In the shop's currency; null if it was not noted. */
  readonly paid: number | null;
}

/** The link that a start must pass before it says anything good of a part. */
const provenPast: Readonly<Partial<Record<PartKind, LinkId>>> = {
  cord: 'rails',
  supply: 'system',
  adapter: 'system',
  'case-switch': 'start',
  board: 'peripherals',
  processor: 'peripherals',
  cooler: 'peripherals',
  module: 'peripherals',
  card: 'picture',
  monitor: 'picture',
  'display-cable': 'picture',
  keyboard: 'peripherals',
  drive: 'boot',
};

/** From this probability of a fault at a part on it counts as failed, until it is seen to work. */
const asGoodAsCertain = 0.9;

/**
 * The result of each part that can be proven. A part is proven good only by working: a start with the very part in it
 * that got past what the part is for. `shares` are the probabilities of a fault at each part, by part id.
 */
export function partResults(state: CaseState, shares: Readonly<Record<string, number>>): PartResult[] {
  const starts = state.steps.flatMap((step) => {
    const outcome = step.trial.id === reportedTrialId ? null : observedStart(step);
    return outcome === null
      ? []
      : [{ configuration: step.configuration, passed: linkIndex(lastLinkPassed(outcome, false)) }];
  });
  return state.machine.parts.flatMap((part): PartResult[] => {
    const link = provenPast[part.kind];
    if (!link) return [];
    const worked = starts.some(
      ({ configuration, passed }) => isOriginalIn(configuration, part.id) && passed >= linkIndex(link),
    );
    const failed = !worked && (shares[part.id] ?? 0) >= asGoodAsCertain;
    return [
      { part, result: worked ? 'proven' : failed ? 'failed' : 'open', paid: state.partFacts[part.id]?.paid ?? null },
    ];
  });
}

/** What was paid for all parts that have a price noted, in the shop's currency. */
export const totalPaid = (results: readonly PartResult[]): number =>
  results.reduce((sum, { paid }) => sum + (paid ?? 0), 0);

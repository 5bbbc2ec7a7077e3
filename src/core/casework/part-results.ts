import { lastLinkPassed, observedStart, type Diagnosis, type PartVerdict } from '../diagnosis';
import { isOriginalIn, type Part } from '../machine';
import { provenPast } from '../isolation';
import { linkIndex } from '../startup';
import type { CaseState } from './case-state';

/** What the log shows of one part. */
export interface PartResult {
  readonly part: Part;
  /** proven: seen to work in this machine. not-loaded: so, but not under full load. failed: the fault is at it. */
  readonly result: 'proven' | 'not-loaded' | 'failed' | 'open';
  /** In the shop's currency; null if it was not noted. */
  readonly paid: number | null;
}

/** From this probability of a fault at a part on it counts as failed, until it is seen to work. */
const asGoodAsCertain = 0.9;

/**
 * The result of each part that can be proven. A part is proven good only by working: a start with the very part in it
 * that got past what the part is for. Parts on the bench have the verdicts of their test.
 */
export function partResults(state: CaseState, { parts, proving }: Judged): PartResult[] {
  return proving ? benchResults(state, proving.verdicts) : resultsOfCase(state, parts);
}

/** What a diagnosis says of the parts. */
export type Judged = Pick<Diagnosis, 'parts' | 'proving'>;

const ofVerdict: Readonly<Record<PartVerdict, PartResult['result']>> = {
  works: 'proven',
  'not-loaded': 'not-loaded',
  fails: 'failed',
  'not-tested': 'open',
};

function benchResults(state: CaseState, verdicts: Readonly<Record<string, PartVerdict>>): PartResult[] {
  return state.machine.parts.flatMap((part): PartResult[] => {
    const verdict = verdicts[part.id];
    const paid = state.partFacts[part.id]?.paid ?? null;
    return verdict ? [{ part, result: ofVerdict[verdict], paid }] : [];
  });
}

function resultsOfCase(state: CaseState, shares: Readonly<Record<string, number>>): PartResult[] {
  const starts = state.steps.flatMap((step) => {
    const outcome = observedStart(step);
    const passed = outcome === null ? null : lastLinkPassed(outcome, false);
    return passed === null ? [] : [{ configuration: step.configuration, passed: linkIndex(passed) }];
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

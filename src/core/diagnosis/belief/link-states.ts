import { linkIndex, startOutcomeIndex, type LinkId, type StartOutcome } from '../../startup';

/** How a link of the chain stands. */
export type LinkState = 'proven' | 'failing' | 'suspected' | 'not-reached';

export interface LinkStanding {
  readonly link: LinkId;
  readonly probability: number;
  readonly state: LinkState;
}

const worthShowing = 0.02;
const asGoodAsCertain = 0.9;

/**
 * State of each link. Proven: the fault lies behind it. Suspected: it may be here. Not reached: it lies before.
 * Once the machine is right every link up to the last one seen to pass is proven.
 */
export function standLinks(
  links: readonly { link: LinkId; probability: number }[],
  { hasEvidence, rightUpTo }: { hasEvidence: boolean; rightUpTo: LinkId | null },
): LinkStanding[] {
  let before = 0;
  return links.map(({ link, probability }) => {
    before += probability;
    if (rightUpTo)
      return { link, probability, state: linkIndex(link) <= linkIndex(rightUpTo) ? 'proven' : 'not-reached' };
    if (probability >= asGoodAsCertain) return { link, probability, state: 'failing' };
    if (probability >= worthShowing) return { link, probability, state: 'suspected' };
    return { link, probability, state: hasEvidence && before < 2 * worthShowing ? 'proven' : 'not-reached' };
  });
}

/** The last link that a start shows to have passed; null where it did nothing at all. */
export function lastLinkPassed(outcome: StartOutcome, underLoad: boolean): LinkId | null {
  if (outcome === 'dead') return null;
  if (startOutcomeIndex(outcome) < startOutcomeIndex('fans-full')) return 'start';
  if (outcome === 'works') return underLoad ? 'load' : 'system';
  if (outcome === 'no-boot') return 'peripherals';
  if (outcome === 'system-stops') return 'boot';
  return 'rails';
}

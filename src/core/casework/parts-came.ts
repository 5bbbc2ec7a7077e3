import type { CaseState } from './case-state';

/** What could not be done for want of a part may be possible from here on. */
export const partsCame = ({ steps }: CaseState): Pick<CaseState, 'partsCameAfter'> => ({
  partsCameAfter: steps.findLast(({ outcome }) => outcome === 'could-not')?.id ?? null,
});

import type { CaseSummary } from '../../../contracts';

export const CASE_ORDERS = ['ready', 'number', 'machine', 'next', 'latest'] as const;
export type CaseOrder = (typeof CASE_ORDERS)[number];

/** When the wait at a case ends on this device, in milliseconds since the epoch. */
export type EndsAt = (caseId: string) => number | undefined;

const compare: Readonly<Record<Exclude<CaseOrder, 'ready'>, (a: CaseSummary, b: CaseSummary) => number>> = {
  number: (a, b) => b.number - a.number,
  machine: (a, b) => a.machine.localeCompare(b.machine),
  next: (a, b) => (a.outlook?.minutes ?? Infinity) - (b.outlook?.minutes ?? Infinity),
  latest: (a, b) => b.updatedAt.localeCompare(a.updatedAt),
};

/** Cases in an order; those that it does not tell apart stay as they came. */
export function sortCases(
  cases: readonly CaseSummary[],
  order: CaseOrder,
  { now, endsAt }: { readonly now: number; readonly endsAt: EndsAt },
): readonly CaseSummary[] {
  return order === 'ready'
    ? cases.toSorted((a, b) => readiness(a, now, endsAt) - readiness(b, now, endsAt))
    : cases.toSorted(compare[order]);
}

/** What should be looked into first comes first: what is overdue, what can be worked on, what waits, what is done. */
function readiness({ id, stage, waitingUntil }: CaseSummary, now: number, endsAt: EndsAt): number {
  const end = endsAt(id);
  switch (stage) {
    case 'parked':
      return isOverdue(waitingUntil, now) ? 0 : 5;
    case 'on-bench':
      if (end === undefined) return 2;
      return end <= now ? 1 : 4;
    case 'waiting':
      return 3;
    case 'closed':
      return 6;
  }
}

export const isOverdue = (waitingUntil: string | null, now: number): boolean =>
  waitingUntil !== null && Date.parse(waitingUntil) < now;

import type { CaseSummary } from '../../../contracts';

/** A line of the queue for tests, by its number. */
export const rowOf = (number: number, more: Partial<CaseSummary> = {}): CaseSummary => ({
  id: `00000000-0000-4000-8000-${String(number).padStart(12, '0')}`,
  number,
  machine: 'Chart table',
  owner: 'Harbour office',
  complaint: 'No picture',
  stage: 'on-bench',
  waitingFor: null,
  waitingUntil: null,
  trials: 1,
  by: 'Runa',
  outlook: null,
  openedAt: '2026-01-05T10:00:00Z',
  updatedAt: '2026-01-05T10:00:00Z',
  ...more,
});

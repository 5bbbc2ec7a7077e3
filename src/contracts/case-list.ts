import * as z from 'zod/mini';
import { CASE_STAGES } from '../core/casework';

/** The queue: apart from logs and files, and in the small form of Zod, as it comes with the first screen. */

/** Where a case stands: what is next, and who is suspected. Null for what there is not. */
export const caseOutlookSchema = z.strictObject({
  nextTest: z.nullable(z.string()),
  minutes: z.nullable(z.number()),
  suspect: z.nullable(z.string()),
  probability: z.nullable(z.number()),
});

export const caseSummarySchema = z.strictObject({
  id: z.uuid(),
  number: z.int().check(z.positive()),
  machine: z.string(),
  owner: z.string(),
  complaint: z.string(),
  stage: z.enum(CASE_STAGES),
  waitingFor: z.nullable(z.string()),
  waitingUntil: z.nullable(z.iso.datetime()),
  trials: z.int().check(z.nonnegative()),
  /** Who wrote the last entry. */
  by: z.string(),
  /** Of its whole log; null while it is not known, and of a closed case. */
  outlook: z.nullable(caseOutlookSchema),
  openedAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
});

export const caseListSchema = z.strictObject({
  cases: z.array(caseSummarySchema),
  /** Older ones fit too, and are not in the list. */
  hasMore: z.boolean(),
});

export type CaseSummary = z.infer<typeof caseSummarySchema>;
export type CaseList = z.infer<typeof caseListSchema>;

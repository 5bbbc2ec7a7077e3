import * as z from 'zod';
import { CASE_STAGES } from '../core/casework';

/** The queue: apart from logs and files, whose schemas the first screen does not need. */

export const caseSummarySchema = z.strictObject({
  id: z.uuid(),
  number: z.number().int().positive(),
  machine: z.string(),
  owner: z.string(),
  complaint: z.string(),
  stage: z.enum(CASE_STAGES),
  waitingFor: z.string().nullable(),
  waitingUntil: z.iso.datetime().nullable(),
  trials: z.number().int().nonnegative(),
  openedAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
});

export const caseListSchema = z.strictObject({
  cases: z.array(caseSummarySchema),
  /** Older ones fit too, and are not in the list. */
  hasMore: z.boolean(),
});

export const listQuerySchema = z.strictObject({
  stage: z.enum(CASE_STAGES).optional(),
  search: z.string().max(100).optional(),
});

export type CaseSummary = z.infer<typeof caseSummarySchema>;
export type CaseList = z.infer<typeof caseListSchema>;
export type ListQuery = z.infer<typeof listQuerySchema>;

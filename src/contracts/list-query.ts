import * as z from 'zod';
import { CASE_STAGES } from '../core/casework';

/** What of the queue is asked for. */
export const listQuerySchema = z.strictObject({
  stage: z.enum(CASE_STAGES).optional(),
  search: z.string().max(100).optional(),
});

export type ListQuery = z.infer<typeof listQuerySchema>;

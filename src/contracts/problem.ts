import * as z from 'zod/mini';

/** One field that is wrong: where, and expected what, found what. */
export const fieldProblemSchema = z.strictObject({
  path: z.array(z.union([z.string(), z.number()])),
  code: z.string(),
  message: z.string(),
});

/** A refusal as RFC 9457 problem details. */
export const problemSchema = z.looseObject({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.optional(z.string()),
  code: z.string(),
  fields: z.optional(z.array(fieldProblemSchema)),
});

export type FieldProblem = z.infer<typeof fieldProblemSchema>;
export type Problem = z.infer<typeof problemSchema>;

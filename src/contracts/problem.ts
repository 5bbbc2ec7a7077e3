import * as z from 'zod';

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
  status: z.number().int(),
  detail: z.string().optional(),
  code: z.string(),
  fields: z.array(fieldProblemSchema).optional(),
});

export type FieldProblem = z.infer<typeof fieldProblemSchema>;
export type Problem = z.infer<typeof problemSchema>;

/**
 * As `safeParse`, for what comes from outside. Null for a value that cannot be looked at: one can be made so that reading
 * it fails, as by a `length` that cannot be compared.
 */
export function parseIfReadable<S extends z.ZodType>(
  schema: S,
  value: unknown,
): z.ZodSafeParseResult<z.infer<S>> | null {
  try {
    return schema.safeParse(value);
  } catch {
    return null;
  }
}

/** The same; a value that cannot be looked at fails like any other that is wrong. */
export function parseSafely<S extends z.ZodType>(schema: S, value: unknown): z.ZodSafeParseResult<z.infer<S>> {
  const parsed = parseIfReadable(schema, value);
  if (parsed) return parsed;
  const message = 'expected data that can be looked at';
  const error = new z.ZodError([{ code: 'custom', path: [], message, input: null }]);
  return { success: false, error: error as z.ZodError<z.infer<S>> };
}

/** Field problems from a failed Zod parse. */
export function fieldProblems(error: z.ZodError): FieldProblem[] {
  return error.issues.slice(0, 20).map((issue) => ({
    path: issue.path.map((step) => (typeof step === 'symbol' ? String(step) : step)),
    code: issue.code,
    message: issue.message,
  }));
}

import * as z from 'zod';
import type { FieldProblem } from './problem';

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

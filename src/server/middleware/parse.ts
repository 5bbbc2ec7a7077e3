import type * as z from 'zod';
import { fieldProblems, parseIfReadable, type FieldProblem } from '../../contracts';
import { Refusal } from '../services/refusal';

/** Parses what came in, or refuses it whole with the fields that are wrong. */
export function parse<S extends z.ZodType>(schema: S, value: unknown): z.infer<S> {
  const parsed = parseIfReadable(schema, value);
  if (!parsed) throw new Refusal(400, 'bad-request', 'The request cannot be read');
  if (!parsed.success)
    throw new Refusal(422, 'bad-input', 'The request is not valid', { fields: fieldProblems(parsed.error) });
  const unreadable = findUnreadable(parsed.data, []);
  if (unreadable) throw new Refusal(422, 'bad-input', 'The request is not valid', { fields: [unreadable] });
  return parsed.data;
}

/** Text with a zero character or half a character is none that the database can keep. What was parsed is not deep. */
function findUnreadable(value: unknown, path: (string | number)[]): FieldProblem | null {
  if (typeof value === 'string')
    return value.isWellFormed() && !value.includes('\0')
      ? null
      : { path, code: 'unreadable-text', message: 'expected text, found a character that is none' };
  if (value === null || typeof value !== 'object') return null;
  const parts: Iterable<[string | number, unknown]> = Array.isArray(value) ? value.entries() : Object.entries(value);
  for (const [key, part] of parts) {
    const found = findUnreadable(part, [...path, key]);
    if (found) return found;
  }
  return null;
}

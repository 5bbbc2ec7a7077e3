import type * as z from 'zod';
import { fieldProblems } from '../../contracts';
import { Refusal } from '../refusal';

/** Parses what came in, or refuses it whole with the fields that are wrong. */
export function parse<S extends z.ZodType>(schema: S, value: unknown): z.infer<S> {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  throw new Refusal(422, 'bad-input', 'The request does not fit', { fields: fieldProblems(parsed.error) });
}

import { parse, type core } from 'zod/mini';
import { problemSchema } from '../../contracts';
import { AwayError, ProblemError } from './problem-error';

const timeoutMs = 12_000;

/** A typed request to the API. Failure: ProblemError if refused, AwayError if the server or its database is away. */
export async function request<S extends core.$ZodType>(
  schema: S,
  path: string,
  { method = 'GET', body }: { method?: 'GET' | 'POST' | 'PUT' | 'DELETE'; body?: unknown } = {},
): Promise<core.output<S>> {
  const response = await send(path, method, body);
  const json: unknown = await response.json().catch(() => null);
  if (response.ok) return parse(schema, response.status === 204 ? undefined : json);
  const problem = problemSchema.safeParse(json);
  if (!problem.success || problem.data.status === 503) throw new AwayError();
  throw new ProblemError(problem.data);
}

async function send(path: string, method: string, body: unknown): Promise<Response> {
  try {
    return await fetch(`/api${path}`, {
      method,
      signal: AbortSignal.timeout(timeoutMs),
      ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch {
    throw new AwayError();
  }
}

import { parse, type core } from 'zod/mini';
import { problemSchema } from '../../contracts';
import { AwayError, ProblemError } from './problem-error';

const timeoutMs = 12_000;

interface Asked {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly body?: unknown;
}

/** A typed request to the API. Failure: ProblemError if refused, AwayError if the server or its database is away. */
export async function request<S extends core.$ZodType>(
  schema: S,
  path: string,
  asked?: Asked,
): Promise<core.output<S>> {
  const response = await send(path, asked);
  if (!response.ok) throw await refusalIn(response);
  return parse(schema, response.status === 204 ? undefined : await response.json().catch(() => null));
}

/** The same for a file. */
export async function requestFile(path: string, asked?: Asked): Promise<Blob> {
  const response = await send(path, asked);
  if (!response.ok) throw await refusalIn(response);
  return response.blob();
}

async function refusalIn(response: Response): Promise<ProblemError | AwayError> {
  const problem = problemSchema.safeParse(await response.json().catch(() => null));
  return !problem.success || problem.data.status === 503 ? new AwayError() : new ProblemError(problem.data);
}

async function send(path: string, { method = 'GET', body }: Asked = {}): Promise<Response> {
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

import * as z from 'zod';
import { AwayError, ProblemError } from './problem-error';
import { request } from './request';

const schema = z.object({ n: z.number() });
const answer = (status: number, body: unknown) =>
  new Response(typeof body === 'string' ? body : JSON.stringify(body), { status });
const problem = (status: number, more: object = {}) => ({ type: 'x', title: 'No', status, code: 'bad', ...more });
const asked: RequestInit[] = [];

function serve(respond: () => Response | Promise<Response>): void {
  globalThis.fetch = (_url, init) => {
    asked.push(init ?? {});
    return Promise.resolve().then(respond);
  };
}
afterEach(() => asked.splice(0));

test('a good answer is parsed by its schema', async () => {
  serve(() => answer(200, { n: 3 }));
  await expect(request(schema, '/x')).resolves.toEqual({ n: 3 });
});

test('an answer of another shape is never taken for a good one', async () => {
  serve(() => answer(200, { n: 'three' }));
  await expect(request(schema, '/x')).rejects.toThrow();
});

test('a body goes out as JSON, a request without one has no content type', async () => {
  serve(() => answer(200, { n: 1 }));
  await request(schema, '/x', { method: 'POST', body: { a: 1 } });
  await request(schema, '/x');
  expect(asked.map(({ body, headers }) => [body, headers])).toEqual([
    ['{"a":1}', { 'content-type': 'application/json' }],
    [undefined, undefined],
  ]);
});

test('a refusal carries its code, its words and its fields', async () => {
  const fields = [{ path: ['events', 0], code: 'x', message: 'expected y' }];
  serve(() => answer(422, problem(422, { detail: 'expected this, found that', fields })));
  const error = await request(schema, '/x').catch((e: unknown) => e);
  expect(error).toBeInstanceOf(ProblemError);
  expect(error).toMatchObject({ message: 'expected this, found that', fields });
});

test.each<[string, () => Response | Promise<Response>]>([
  ['no server', () => Promise.reject(new TypeError('failed to fetch'))],
  ['a server without its database', () => answer(503, problem(503))],
  ['something else in between that answers', () => answer(502, '<html>bad gateway</html>')],
])('%s means away: nothing was lost, try again', async (_what, respond) => {
  serve(respond);
  await expect(request(schema, '/x')).rejects.toBeInstanceOf(AwayError);
});

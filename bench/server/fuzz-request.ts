import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { fitting, type JsonSchema } from '../../src/contracts/testing-fit';
import { mutated, nasty, pick, type Draw } from '../../src/contracts/testing-mutate';
import type { Door } from './routes';

/** A request as it is sent. */
export interface FuzzRequest {
  readonly method: string;
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | Buffer | undefined;
}

/** What is in the database and may be asked for. */
export interface Known {
  readonly ids: Record<'case' | 'board' | 'person' | 'invitation' | 'spare', string[]>;
  /** Bodies that would be taken as they are, by method and path of the door. */
  readonly good: Readonly<Record<string, () => unknown>>;
}

const samples = new Map<JsonSchema, unknown[]>();

/** A value that fits the schema; drawn from a heap that is made again when it is used up. */
function fit(schema: JsonSchema, seed: number): unknown {
  let heap = samples.get(schema);
  if (!heap || heap.length === 0) {
    heap = fc.sample(fitting(schema), { numRuns: 200, seed });
    samples.set(schema, heap);
  }
  return heap.pop();
}

/** Some values are made so that nothing can be made of them. */
const asText = (value: unknown): string =>
  typeof value === 'object' && value !== null ? JSON.stringify(value) : String(value);

const words = (draw: Draw): string => asText(pick(draw, nasty)).slice(0, 3000);

/** Text as it may stand in a path, with what is not UTF-8 at times. */
const inPath = (draw: Draw): string =>
  draw() < 0.3
    ? pick(draw, [
        '%',
        '%ff',
        '%c0%af',
        '%00',
        '..%2f..%2fetc%2fpasswd',
        '%2e%2e/%2e%2e/etc/passwd',
        '....//',
        '%u0000',
      ])
    : encodeURIComponent(words(draw).toWellFormed());

function pathOf(door: Door, known: Known, draw: Draw): string {
  let path = door.path;
  if (door.id) {
    const ids = known.ids[door.id];
    const id = draw() < 0.85 && ids.length > 0 ? pick(draw, ids) : draw() < 0.5 ? randomUUID() : inPath(draw);
    path = path.replace(':id', id);
  }
  if (draw() < 0.02) path += pick(draw, ['/', '//', '/..', '/%2e%2e', '?', '#', ';x', '/' + 'a/'.repeat(500)]);
  if (door.query) {
    const fitted = fit(door.query, Math.floor(draw() * 2 ** 31)) as Record<string, unknown>;
    const query = draw() < 0.5 ? fitted : (mutated(fitted, draw) as Record<string, unknown> | null);
    path += `?${Object.entries(query ?? {})
      .map(([name, value]) => `${encodeURIComponent(name)}=${encodeURIComponent(asText(value).toWellFormed())}`)
      .join('&')}`;
    if (draw() < 0.1)
      path += pick(draw, ['&search=a&search=b', '&%', '&search[]=1', '&=', '&__proto__=1', '&search=%00']);
  }
  return path.slice(0, 9000);
}

/** Bytes of a body that is broken as text. */
function broken(text: string, draw: Draw): Buffer {
  const bytes = Buffer.from(text);
  const at = Math.floor(draw() * bytes.length);
  if (draw() < 0.4) return bytes.subarray(0, at);
  bytes[at] = Math.floor(draw() * 256);
  return bytes;
}

function bodyOf(door: Door, known: Known, draw: Draw): string | Buffer | undefined {
  if (!door.body) return draw() < 0.05 ? '{}' : undefined;
  // Deeper than any program wants to follow, or longer than it should take.
  if (draw() < 0.01)
    return pick(draw, ['['.repeat(50_000) + ']'.repeat(50_000), '{"a":'.repeat(50_000), '1'.repeat(2_000_000)]);
  const good = known.good[`${door.method} ${door.path}`];
  const base = good && draw() < 0.6 ? good() : fit(door.body, Math.floor(draw() * 2 ** 31));
  const value = draw() < 0.25 ? base : mutated(base, draw);
  const text = JSON.stringify(value) as string | undefined;
  if (text === undefined) return '';
  return draw() < 0.05 ? broken(text, draw) : text;
}

function headersOf(draw: Draw): Record<string, string> {
  const headers: Record<string, string> = {};
  const sometimes = (name: string, values: readonly string[], share = 0.02) => {
    if (draw() < share) headers[name] = pick(draw, values);
  };
  sometimes('content-type', ['text/plain', 'application/json; charset=utf-16', 'application/json; charset=x', 'a', '']);
  sometimes('content-encoding', ['gzip', 'br', 'deflate', 'zip', 'identity', 'gzip, gzip']);
  sometimes('origin', ['null', 'https://elsewhere.invalid', 'not an address', `http://127.0.0.1`]);
  sometimes('sec-fetch-site', ['cross-site', 'same-site', 'none', 'x']);
  sometimes('range', ['bytes=0-', 'bytes=9999999-', 'bytes=-1', 'x']);
  sometimes('if-none-match', ['*', '"x"', 'W/']);
  sometimes('accept', ['text/html', 'x', '*/*;q=9']);
  sometimes('cookie', [
    'probe=',
    'probe=x',
    'probe=%',
    '__proto__=1',
    `probe=${'A'.repeat(43)}`,
    'j:{"a":1}',
    'probe=j:[1]',
  ]);
  sometimes('host', ['elsewhere.invalid', '']);
  sometimes('x-request-id', ['<script>', 'x'.repeat(5000)]);
  return headers;
}

/** A request to a door: good, or with something wrong about it. */
export function fuzzRequest(door: Door, known: Known, cookie: string | null, draw: Draw): FuzzRequest {
  const body = bodyOf(door, known, draw);
  const method = draw() < 0.02 ? pick(draw, ['HEAD', 'OPTIONS', 'PATCH', 'TRACE', 'PUT', 'PROPFIND']) : door.method;
  return {
    method,
    path: pathOf(door, known, draw),
    headers: {
      ...(cookie === null ? {} : { cookie }),
      ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      // Each comes from another address: else the wait after failed attempts would hide what lies behind it.
      'x-forwarded-for': `10.${Math.floor(draw() * 256)}.${Math.floor(draw() * 256)}.${Math.floor(draw() * 256)}`,
      ...headersOf(draw),
    },
    body,
  };
}

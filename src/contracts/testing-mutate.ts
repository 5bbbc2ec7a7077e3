/** Draws a number of 0 up to, not including, 1. */
export type Draw = () => number;

export const pick = <T>(draw: Draw, list: readonly T[]): T => {
  const one = list[Math.floor(draw() * list.length)];
  if (one === undefined) throw new Error('expected something to choose from, found an empty list');
  return one;
};

const deep = (depth: number): unknown => {
  let value: unknown = 0;
  for (let n = 0; n < depth; n++) value = [value];
  return value;
};

/** What a person, a broken program or somebody with bad intent may put in the place of a value. */
export const nasty: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  0.1,
  1e308,
  -1e308,
  2 ** 31,
  2 ** 53,
  2 ** 63,
  '',
  ' ',
  '\0',
  'a\0b',
  '\ud800',
  'a\udfffb',
  '\u202eright to left',
  '\ufeff',
  'e\u0301'.repeat(50),
  'x'.repeat(500),
  'x'.repeat(100_000),
  '__proto__',
  'constructor',
  'toString',
  '<script>alert(1)</script>',
  '"><img src=x onerror=alert(1)>',
  `'; DROP TABLE cases; --`,
  '=1+1',
  '../../../../etc/passwd',
  '%00',
  '%s%n',
  '$1',
  '00000000-0000-0000-0000-000000000000',
  'ffffffff-ffff-ffff-ffff-ffffffffffff',
  '0000-01-01T00:00:00Z',
  '0000-01-01T00:00:00+23:59',
  '9999-12-31T23:59:59.999999999Z',
  '9999-12-31T23:59:59-23:59',
  '2026-02-30T00:00:00Z',
  '2026-01-05T24:00:00Z',
  [],
  {},
  [[]],
  { constructor: { prototype: {} } },
  JSON.parse('{"__proto__":{"kind":"note-added"}}'),
  // Types that no schema expects, made so that looking at them fails.
  { length: { toString: 1 } },
  { length: { valueOf: 1, toString: 1 } },
  { length: -1, 0: 'x' },
  { toString: 1, valueOf: 1 },
  { size: { toString: 1 }, keys: 1, has: 1 },
  { then: 1, constructor: { name: { toString: 1 } } },
  { toJSON: 1 },
  JSON.parse('{"__proto__":{"length":{"toString":1}}}'),
  '1',
  '-1',
  'true',
  '[]',
  '{"length":1}',
  [['x', 'x']],
  { 0: 'x', length: 1 },
  deep(200),
];

type Place = { readonly holder: Record<string, unknown> | unknown[]; readonly key: string | number };

function places(value: unknown, found: Place[] = []): Place[] {
  if (value === null || typeof value !== 'object') return found;
  const keys = Array.isArray(value) ? value.keys() : Object.keys(value);
  for (const key of keys) {
    found.push({ holder: value as Place['holder'], key });
    places((value as Record<string | number, unknown>)[key], found);
  }
  return found;
}

/** A copy with something changed, left out, doubled or added somewhere. */
export function mutated(value: unknown, draw: Draw): unknown {
  const root = { value: structuredClone(value) };
  for (let times = draw() < 0.6 ? 1 : 3; times > 0; times--) {
    const found = places(root);
    if (found.length > 0) change(pick(draw, found), draw);
  }
  return root.value;
}

function change({ holder, key }: Place, draw: Draw): void {
  const list = holder as Record<string | number, unknown>;
  const old = list[key];
  switch (Math.floor(draw() * 7)) {
    case 0:
      if (Array.isArray(holder)) holder.splice(Number(key), 1);
      else Reflect.deleteProperty(holder, key);
      return;
    case 1:
      if (Array.isArray(holder)) holder.splice(Number(key), 0, structuredClone(old));
      else list[`${key}s`] = old;
      return;
    case 2:
      // Long, yet never so long that three changes in one another fill the memory.
      if (Array.isArray(holder) && JSON.stringify(holder).length < 5000)
        holder.push(...Array.from({ length: 300 }, (): unknown => structuredClone(old)));
      else list[key] = [old];
      return;
    case 3:
      if (typeof old === 'string') {
        const at = Math.floor(draw() * (old.length + 1));
        list[key] = old.slice(0, at) + pick(draw, ['\0', '\ud800', ' ', '😀', 'é', '-', '\n']) + old.slice(at);
        return;
      }
      if (typeof old === 'number') {
        list[key] = old + pick(draw, [-1, 1, 0.5, 1e9, -1e9]);
        return;
      }
      list[key] = structuredClone(pick(draw, nasty));
      return;
    default:
      list[key] = structuredClone(pick(draw, nasty));
  }
}

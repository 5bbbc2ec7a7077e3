/** What was typed into a cell: a value, nothing, or why it is none. */
export type Figure<T> =
  { readonly ok: true; readonly value: T | null } | { readonly ok: false; readonly message: string };

interface Bounds {
  readonly min?: number;
  readonly max: number;
  readonly unit: string;
}

const plain = /^[-−]?\d+([.,]\d+)?$/;

const toNumber = (text: string): number => Number(text.replace('−', '-').replace(',', '.'));

const boundsInWords = ({ min = 0, max, unit }: Bounds): string => `expected ${unit}, ${min} to ${max}`;

/** A number with a point or a comma; nothing where the cell is empty. */
export function parseFigure(text: string, bounds: Bounds): Figure<number> {
  const typed = text.trim();
  if (typed === '') return { ok: true, value: null };
  const { min = 0, max } = bounds;
  const value = plain.test(typed) ? toNumber(typed) : NaN;
  return value >= min && value <= max
    ? { ok: true, value }
    : { ok: false, message: `${boundsInWords(bounds)}, found "${typed}"` };
}

/** "90 to 120", "90-120", or "120" for both. */
export function parseRange(text: string, bounds: Bounds): Figure<readonly [number, number]> {
  const typed = text.trim();
  if (typed === '') return { ok: true, value: null };
  const [a = '', b = a, ...others] = typed.split(/\s*(?:to|–|-|\.\.)\s*/);
  const [low, high] = [parseFigure(a, bounds), parseFigure(b, bounds)];
  if (others.length > 0 || !low.ok || !high.ok || low.value === null || high.value === null)
    return { ok: false, message: `${boundsInWords(bounds)}, or two of them as "90 to 120", found "${typed}"` };
  return low.value <= high.value
    ? { ok: true, value: [low.value, high.value] }
    : { ok: false, message: `expected the lower figure first, found "${typed}"` };
}

/** "18 + 16": one figure for each rail. */
export function parseRails(text: string, bounds: Bounds): Figure<readonly number[]> {
  const typed = text.trim();
  if (typed === '') return { ok: true, value: null };
  const figures = typed.split(/\s*[+;/]\s*/).map((one) => parseFigure(one, bounds));
  const values = figures.flatMap((one) => (one.ok && one.value !== null ? [one.value] : []));
  return values.length === figures.length && values.length <= 8
    ? { ok: true, value: values }
    : { ok: false, message: `${boundsInWords(bounds)}, of several rails as "18 + 16", found "${typed}"` };
}

import { parseISO } from 'date-fns';
import Papa from 'papaparse';
import type { WallReading } from './wall-meter';

export type ReadTrace =
  | { readonly ok: true; readonly trace: readonly WallReading[] }
  | { readonly ok: false; readonly problems: readonly TraceProblem[] };

/** What is wrong with a row, as a spreadsheet counts it. */
export interface TraceProblem {
  readonly row: number;
  readonly column: 'time' | 'watts' | '';
  readonly message: string;
}

const timeHeads = ['time', 'seconds', 's', 'timestamp', 'date'];
const wattHeads = ['watts', 'watt', 'w', 'power'];
const maxRows = 1_000_000;
const maxProblems = 20;
const maxWatts = 100_000;

/**
 * A trace of a wall meter as CSV: two columns, time and watts, with a head or without. Time is in seconds, as h:mm:ss, or
 * a date with time (ISO 8601); it must not run backwards. Failure: every row that is wrong, up to 20.
 */
export function readTraceCsv(text: string): ReadTrace {
  const data = rowsOf(text);
  const headAt = Math.max(
    0,
    data.findIndex((cells) => !isBlank(cells)),
  );
  const head = data[headAt] ?? [];
  const heads = head.map((cell) => cell.trim().toLowerCase());
  const hasHead = heads.some((cell) => timeHeads.includes(cell) || wattHeads.includes(cell));
  const timeAt = hasHead ? heads.findIndex((cell) => timeHeads.includes(cell)) : 0;
  const wattsAt = hasHead ? heads.findIndex((cell) => wattHeads.includes(cell)) : 1;
  const problems: TraceProblem[] = [];
  if (timeAt < 0 || wattsAt < 0)
    return fail([
      {
        row: 1,
        column: timeAt < 0 ? 'time' : 'watts',
        message: `expected columns time and watts, found ${heads.join(', ')}`,
      },
    ]);
  const from = hasHead ? headAt + 1 : headAt;
  const rows = data.slice(from);
  if (rows.every(isBlank)) return fail([{ row: 1, column: '', message: 'expected readings, found none' }]);
  if (rows.length > maxRows)
    return fail([{ row: maxRows, column: '', message: `expected at most ${maxRows} readings` }]);
  const trace: WallReading[] = [];
  let start: number | null = null;
  let last = -Infinity;
  rows.forEach((cells, i) => {
    if (problems.length >= maxProblems || isBlank(cells)) return;
    const row = from + i + 1;
    const time = secondsOf(cells[timeAt] ?? '');
    const watts = numberOf(cells[wattsAt] ?? '');
    if (time === null)
      problems.push({ row, column: 'time', message: `expected a time, found "${cells[timeAt] ?? ''}"` });
    else if (time < last) problems.push({ row, column: 'time', message: 'expected a time that runs forwards' });
    if (watts === null || watts < 0 || watts > maxWatts)
      problems.push({ row, column: 'watts', message: `expected watts, 0 or more, found "${cells[wattsAt] ?? ''}"` });
    if (time !== null) last = Math.max(last, time);
    if (time === null || watts === null) return;
    start ??= time;
    trace.push({ seconds: time - start, watts });
  });
  return problems.length > 0 ? fail(problems) : { ok: true, trace };
}

/** Enough of a file to see by what its cells and lines end. */
const headLength = 4000;

/** The cells of a CSV. By what they end is found in its head: searching the whole of it takes as long as reading it. */
function rowsOf(text: string): string[][] {
  const plain = text.replace(/^\uFEFF/, '');
  const head = plain.slice(0, headLength);
  const newline = head.includes('\r\n') ? '\r\n' : head.includes('\n') ? '\n' : '\r';
  const { delimiter } = Papa.parse<string[]>(head, { newline, skipEmptyLines: 'greedy' }).meta;
  return Papa.parse<string[]>(plain, { newline, delimiter }).data;
}

const isBlank = (cells: readonly string[]): boolean =>
  (cells[0] ?? '').trim() === '' && cells.every((cell) => cell.trim() === '');

const fail = (problems: readonly TraceProblem[]): ReadTrace => ({ ok: false, problems });

const plainNumber = /^\d+(\.\d+)?$/;

/** A plain number, the comma for a point. */
function numberOf(text: string): number | null {
  // A long trace has little else.
  if (plainNumber.test(text)) return Number(text);
  const plain = text.trim().replace(/\s?W$/i, '').replace(',', '.');
  return plainNumber.test(plain) ? Number(plain) : null;
}

function secondsOf(text: string): number | null {
  const plainSeconds = numberOf(text);
  if (plainSeconds !== null) return plainSeconds;
  const plain = text.trim();
  const [, hours, minutes, seconds] = /^(\d+):(\d{2}):(\d{2}(?:\.\d+)?)$/.exec(plain) ?? [];
  if (hours !== undefined) return 3600 * Number(hours) + 60 * Number(minutes) + Number(seconds);
  const moment = /^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}/.test(plain) ? parseISO(plain.replace(' ', 'T')).getTime() : NaN;
  return Number.isNaN(moment) ? null : moment / 1000;
}

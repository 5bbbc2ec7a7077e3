import Papa from 'papaparse';
import type { Release } from './release';

/** Columns of the table, in their order. Lists are separated by semicolons. */
const columns = [
  'version',
  'date',
  'minimum predecessor',
  'irreversible',
  'pre-release',
  'security',
  'processors added',
  'fixes',
  'file',
  'bytes',
  'sha256',
  'notes',
] as const;
type Column = (typeof columns)[number];

/** A cell that is not as it should be. */
export interface CsvProblem {
  /** Row as a spreadsheet counts it: 1 is the head. */
  readonly row: number;
  readonly column: string;
  readonly message: string;
}

export type ReadReleases =
  | { readonly ok: true; readonly releases: readonly Release[] }
  | { readonly ok: false; readonly problems: readonly CsvProblem[] };

const maxRows = 5000;
const list = (values: readonly string[] | undefined): string => values?.join('; ') ?? '';
const yes = (flag: boolean | undefined): string => (flag ? 'yes' : '');

/** The releases as CSV (RFC 4180), with a head. Cells that a spreadsheet would take for a formula are made text. */
export function releasesToCsv(releases: readonly Release[]): string {
  const rows = releases.map((release): Record<Column, string> => ({
    version: release.version,
    date: release.date,
    'minimum predecessor': release.minimumPredecessor ?? '',
    irreversible: yes(release.irreversible),
    'pre-release': yes(release.preRelease),
    security: yes(release.security),
    'processors added': list(release.processorsAdded),
    fixes: list(release.fixes),
    file: release.file ?? '',
    bytes: release.bytes === undefined ? '' : String(release.bytes),
    sha256: release.sha256 ?? '',
    notes: release.notes ?? '',
  }));
  return `${Papa.unparse(rows, { columns: [...columns], newline: '\r\n', escapeFormulae: true })}\r\n`;
}

/** Releases from CSV, columns by their names in any order. Failure: every cell that is wrong, with its row. */
export function releasesFromCsv(text: string): ReadReleases {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
  });
  const heads = parsed.meta.fields ?? [];
  const missing = ['version', 'date'].filter((column) => !heads.includes(column));
  const problems: CsvProblem[] = [
    ...missing.map((column) =>
      problem(1, column, `expected a column "${column}", found ${heads.join(', ') || 'no head'}`),
    ),
    ...heads
      .filter((head) => !columns.includes(head as Column))
      .map((head) => problem(1, head, `expected one of ${columns.join(', ')}, found "${head}"`)),
    ...parsed.errors
      .filter(({ type }) => type !== 'Delimiter')
      .map(({ row, message }) => problem((row ?? 0) + 2, '', message)),
  ];
  if (parsed.data.length > maxRows)
    problems.push(problem(maxRows + 2, '', `expected at most ${maxRows} rows, found ${parsed.data.length}`));
  if (problems.length > 0) return { ok: false, problems };
  const releases = parsed.data.map((cells, i) => readRow(cells, i + 2, problems));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, releases };
}

const problem = (row: number, column: string, message: string): CsvProblem => ({ row, column, message });

/** A text that was kept from being a formula gets its own first letter back. */
const plain = (cell: string | undefined): string => (cell ?? '').trim().replace(/^'(?=[=+\-@\t\r])/, '');

function readRow(cells: Record<string, string>, row: number, problems: CsvProblem[]): Release {
  const text = (column: Column) => plain(cells[column]);
  const flag = (column: Column): boolean => {
    const cell = text(column).toLowerCase();
    if (['yes', 'true', '1', 'x'].includes(cell)) return true;
    if (!['', 'no', 'false', '0'].includes(cell))
      problems.push(problem(row, column, `expected yes or nothing, found "${cell}"`));
    return false;
  };
  const items = (column: Column) =>
    text(column)
      .split(';')
      .map((item) => item.trim())
      .filter((item) => item !== '');
  const bytes = text('bytes');
  if (bytes !== '' && !/^\d{1,10}$/.test(bytes))
    problems.push(problem(row, 'bytes', `expected a whole number, found "${bytes}"`));
  if (text('version') === '') problems.push(problem(row, 'version', 'expected a version, found nothing'));
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text('date')))
    problems.push(problem(row, 'date', `expected a day as 2026-01-31, found "${text('date')}"`));
  const [least, file, sha256, notes] = [text('minimum predecessor'), text('file'), text('sha256'), text('notes')];
  const [processorsAdded, fixes] = [items('processors added'), items('fixes')];
  return {
    version: text('version'),
    date: text('date'),
    ...(least ? { minimumPredecessor: least } : {}),
    ...(flag('irreversible') ? { irreversible: true } : {}),
    ...(flag('pre-release') ? { preRelease: true } : {}),
    ...(flag('security') ? { security: true } : {}),
    ...(processorsAdded.length > 0 ? { processorsAdded } : {}),
    ...(fixes.length > 0 ? { fixes } : {}),
    ...(file ? { file } : {}),
    ...(bytes ? { bytes: Number(bytes) } : {}),
    ...(sha256 ? { sha256 } : {}),
    ...(notes ? { notes } : {}),
  };
}

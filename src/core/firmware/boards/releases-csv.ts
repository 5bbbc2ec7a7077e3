import { csvFlag, fromCsv, toCsv, type CsvProblem, type CsvRow, type CsvTable } from './csv-table';
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

const list = (values: readonly string[] | undefined): string => values?.join('; ') ?? '';

const table: CsvTable<Column, Release> = {
  columns,
  needed: ['version', 'date'],
  maxRows: 5000,
  cellsOf: (release) => ({
    version: release.version,
    date: release.date,
    'minimum predecessor': release.minimumPredecessor ?? '',
    irreversible: csvFlag(release.irreversible),
    'pre-release': csvFlag(release.preRelease),
    security: csvFlag(release.security),
    'processors added': list(release.processorsAdded),
    fixes: list(release.fixes),
    file: release.file ?? '',
    bytes: release.bytes === undefined ? '' : String(release.bytes),
    sha256: release.sha256 ?? '',
    notes: release.notes ?? '',
  }),
  rowOf: releaseOfRow,
};

export type ReadReleases =
  | { readonly ok: true; readonly releases: readonly Release[] }
  | { readonly ok: false; readonly problems: readonly CsvProblem[] };

/** The releases as CSV (RFC 4180), with a head. */
export const releasesToCsv = (releases: readonly Release[]): string => toCsv(table, releases);

/** Releases from CSV, columns by their names in any order. Failure: every cell that is wrong, with its row. */
export function releasesFromCsv(text: string): ReadReleases {
  const read = fromCsv(table, text);
  return read.ok ? { ok: true, releases: read.rows } : read;
}

function releaseOfRow({ text, flag, wrong }: CsvRow<Column>): Release {
  const items = (column: Column) =>
    text(column)
      .split(';')
      .map((item) => item.trim())
      .filter((item) => item !== '');
  const bytes = text('bytes');
  if (bytes !== '' && !/^\d{1,10}$/.test(bytes)) wrong('bytes', `expected a whole number, found "${bytes}"`);
  if (text('version') === '') wrong('version', 'expected a version, found nothing');
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text('date'))) wrong('date', `expected a day as 2026-01-31, found "${text('date')}"`);
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

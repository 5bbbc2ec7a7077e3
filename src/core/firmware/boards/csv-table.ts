import Papa from 'papaparse';

/** A cell that is not as it should be. */
export interface CsvProblem {
  /** Row as a spreadsheet counts it: 1 is the head. */
  readonly row: number;
  readonly column: string;
  readonly message: string;
}

export const csvProblem = (row: number, column: string, message: string): CsvProblem => ({ row, column, message });

export type ReadCsv<T> =
  { readonly ok: true; readonly rows: readonly T[] } | { readonly ok: false; readonly problems: readonly CsvProblem[] };

/** What a row reads its cells with. */
export interface CsvRow<Column extends string> {
  /** The cell without blanks around it; empty where there is none. */
  readonly text: (column: Column) => string;
  /** "yes" or nothing. */
  readonly flag: (column: Column) => boolean;
  readonly wrong: (column: Column, message: string) => void;
}

/** A table of named columns as CSV (RFC 4180), with a head, and back. */
export interface CsvTable<Column extends string, T> {
  readonly columns: readonly Column[];
  readonly needed: readonly Column[];
  readonly maxRows: number;
  readonly cellsOf: (row: T) => Record<Column, string>;
  readonly rowOf: (cells: CsvRow<Column>) => T;
}

export const csvFlag = (flag: boolean | undefined): string => (flag ? 'yes' : '');

/** Cells that a spreadsheet would take for a formula are made text. */
export function toCsv<Column extends string, T>({ columns, cellsOf }: CsvTable<Column, T>, rows: readonly T[]): string {
  return `${Papa.unparse(rows.map(cellsOf), { columns: [...columns], newline: '\r\n', escapeFormulae: true })}\r\n`;
}

/** Rows from CSV, columns by their names in any order. Failure: every cell that is wrong, with its row. */
export function fromCsv<Column extends string, T>(table: CsvTable<Column, T>, text: string): ReadCsv<T> {
  const { columns, needed, maxRows, rowOf } = table;
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
  });
  const heads = parsed.meta.fields ?? [];
  const problems: CsvProblem[] = [
    ...needed
      .filter((column) => !heads.includes(column))
      .map((column) => csvProblem(1, column, `expected a column "${column}", found ${heads.join(', ') || 'no head'}`)),
    ...heads
      .filter((head) => !columns.includes(head as Column))
      .map((head) => csvProblem(1, head, `expected one of ${columns.join(', ')}, found "${head}"`)),
    ...parsed.errors
      .filter(({ type }) => type !== 'Delimiter')
      .map(({ row, message }) => csvProblem((row ?? 0) + 2, '', message)),
  ];
  if (parsed.data.length > maxRows)
    problems.push(csvProblem(maxRows + 2, '', `expected at most ${maxRows} rows, found ${parsed.data.length}`));
  if (problems.length > 0) return { ok: false, problems };
  const rows = parsed.data.map((cells, i) => rowOf(reader(cells, i + 2, problems)));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, rows };
}

/** A text that was kept from being a formula gets its own first letter back. */
const plain = (cell: string | undefined): string => (cell ?? '').trim().replace(/^'(?=[=+\-@\t\r])/, '');

function reader<Column extends string>(
  cells: Record<string, string>,
  row: number,
  problems: CsvProblem[],
): CsvRow<Column> {
  const text = (column: Column) => plain(cells[column]);
  const wrong = (column: Column, message: string) => void problems.push(csvProblem(row, column, message));
  const flag = (column: Column): boolean => {
    const cell = text(column).toLowerCase();
    if (['yes', 'true', '1', 'x'].includes(cell)) return true;
    if (!['', 'no', 'false', '0'].includes(cell)) wrong(column, `expected yes or nothing, found "${cell}"`);
    return false;
  };
  return { text, flag, wrong };
}

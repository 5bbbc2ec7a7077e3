import { fromCsv, toCsv, type CsvProblem, type CsvRow, type CsvTable } from './csv-table';
import { SIGNAL_STAGES, type BoardCode, type SignalStage } from './release';

const columns = ['code', 'meaning', 'stage', 'wait seconds'] as const;
type Column = (typeof columns)[number];

const table: CsvTable<Column, BoardCode> = {
  columns,
  needed: ['code', 'meaning'],
  maxRows: 256,
  cellsOf: ({ code, meaning, stage, waitSeconds }) => ({
    code,
    meaning,
    stage: stage ?? '',
    'wait seconds': waitSeconds === undefined ? '' : String(waitSeconds),
  }),
  rowOf: codeOfRow,
};

export type ReadCodes =
  | { readonly ok: true; readonly codes: readonly BoardCode[] }
  | { readonly ok: false; readonly problems: readonly CsvProblem[] };

/** The codes of a display as CSV (RFC 4180), with a head. */
export const codesToCsv = (codes: readonly BoardCode[]): string => toCsv(table, codes);

/** Codes from CSV, columns by their names in any order. Failure: every cell that is wrong, with its row. */
export function codesFromCsv(text: string): ReadCodes {
  const read = fromCsv(table, text);
  return read.ok ? { ok: true, codes: read.rows } : read;
}

function codeOfRow({ text, wrong }: CsvRow<Column>): BoardCode {
  // A spreadsheet turns "0B" into text and "03" into 3.
  const code = text('code').toUpperCase().padStart(2, '0');
  if (!/^[0-9A-F]{2}$/.test(code)) wrong('code', `expected two hexadecimal digits, found "${text('code')}"`);
  if (text('meaning') === '') wrong('meaning', 'expected what it says, found nothing');
  const stage = text('stage').toLowerCase().replace(/\s+/g, '-');
  const isStage = (SIGNAL_STAGES as readonly string[]).includes(stage);
  if (stage !== '' && !isStage)
    wrong('stage', `expected one of ${SIGNAL_STAGES.join(', ')} or nothing, found "${text('stage')}"`);
  const wait = text('wait seconds').replace(',', '.');
  if (wait !== '' && !(Number(wait) >= 0 && Number(wait) <= 7200))
    wrong('wait seconds', `expected seconds up to 7200, found "${text('wait seconds')}"`);
  return {
    code,
    meaning: text('meaning'),
    ...(isStage ? { stage: stage as SignalStage } : {}),
    ...(wait === '' ? {} : { waitSeconds: Number(wait) }),
  };
}

import Papa from 'papaparse';
import type { Paper } from '../../core/record';

/** The tables of a paper as CSV (RFC 4180), one below the other. What a spreadsheet would take for a formula is text. */
export function paperCsv({ blocks }: Paper): string {
  const rows = blocks.flatMap((block): (readonly string[])[] => {
    if (block.kind === 'table') return [block.heads, ...block.rows];
    return block.kind === 'facts' ? [...block.rows] : [];
  });
  return rows.map((row) => `${csvLine(row)}\r\n`).join('');
}

/** One row of CSV (RFC 4180), without its end. What a spreadsheet would take for a formula is text. */
export const csvLine = (row: readonly string[]): string => Papa.unparse([[...row]], { escapeFormulae: true });

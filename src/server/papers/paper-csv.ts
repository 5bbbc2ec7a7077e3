import Papa from 'papaparse';
import type { Paper } from '../../core/record';

/** The tables of a paper as CSV (RFC 4180), one below the other. What a spreadsheet would take for a formula is text. */
export function paperCsv({ blocks }: Paper): string {
  const rows = blocks.flatMap((block): (readonly string[])[] => {
    if (block.kind === 'table') return [block.heads, ...block.rows];
    return block.kind === 'facts' ? [...block.rows] : [];
  });
  return `${Papa.unparse(rows as string[][], { escapeFormulae: true })}\r\n`;
}

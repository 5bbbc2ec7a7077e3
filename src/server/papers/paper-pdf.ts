import PDFDocument from 'pdfkit';
import type { Paper, PaperBlock } from '../../core/record';
import { drawCode } from './draw-code';
import { drawPictures, type Pictures } from './draw-pictures';
import { bytesOf, ink, registerFaces, write, type Doc, type Face } from './faces';

export type { Pictures } from './draw-pictures';

/** Papers as PDF: A4, fonts embedded, the same bytes for the same paper. Lengths in points. */

const margin = 50;
/** Of a QR code. */
const codeSize = 84;
const sizes = { title: 20, heading: 12.5, body: 10.5, foot: 7.5 } as const;
const line = '#cbc6b8';

/** The bytes of a paper. @param madeAt stands in the file as its date: that of the last entry, so that it never differs */
export function paperPdf(paper: Paper, madeAt: Date, pictures: Pictures = new Map()): Promise<Buffer> {
  const doc = new PDFDocument({
    size: 'A4',
    margins: { top: margin, left: margin, right: margin, bottom: margin + 20 },
    bufferPages: true,
    info: {
      Title: paper.title,
      CreationDate: madeAt,
      ModDate: madeAt,
      Producer: 'Jovial Probe',
      Creator: 'Jovial Probe',
    },
    lang: 'en',
  });
  registerFaces(doc);
  const done = bytesOf(doc);
  doc.fillColor(ink);
  write(doc, paper.title, 'bold', sizes.title);
  write(doc, paper.subtitle, 'text', sizes.body);
  for (const block of paper.blocks) drawBlock(doc, block, pictures);
  drawFeet(doc, paper.foot);
  doc.end();
  return done;
}

function drawBlock(doc: Doc, block: PaperBlock, pictures: Pictures): void {
  switch (block.kind) {
    case 'heading':
      // A heading keeps two lines of what follows on its page.
      if (doc.y > doc.page.height - 3 * margin) doc.addPage();
      doc.moveDown(0.7);
      return write(doc, block.text, 'bold', sizes.heading);
    case 'text':
      return write(doc, block.text, 'text', sizes.body);
    case 'list':
      for (const item of block.items) write(doc, `•  ${item}`, 'text', sizes.body);
      return;
    case 'facts':
      doc.moveDown(0.4);
      drawRows(
        doc,
        [1, 3],
        block.rows.map(([label, value]) => [label, value]),
        ['bold', 'text'],
      );
      return void doc.moveDown(0.5);
    case 'table': {
      const all = (face: Face) => block.heads.map(() => face);
      doc.moveDown(0.4);
      drawRows(doc, block.widths, [block.heads], all('bold'));
      drawRows(doc, block.widths, block.rows, all('text'));
      return void doc.moveDown(0.5);
    }
    case 'code':
      doc.moveDown(0.6);
      drawCode(doc, block.text, { left: margin, top: doc.y, size: codeSize });
      doc.y += codeSize;
      return void doc.moveDown(0.6);
    case 'signature':
      return drawSignature(doc, block, pictures);
    case 'pictures':
      return drawPictures(doc, block, pictures, { left: margin, width: doc.page.width - 2 * margin });
  }
}

function drawSignature(doc: Doc, block: Extract<PaperBlock, { kind: 'signature' }>, pictures: Pictures): void {
  const drawn = block.file === undefined ? undefined : pictures.get(block.file);
  // The line and what stands on it stay together.
  if (doc.y > doc.page.height - 2.6 * margin) doc.addPage();
  doc.moveDown(drawn ? 3 : 2.2);
  if (drawn) doc.image(drawn, margin + 112, doc.y - 32, { fit: [210, 42], valign: 'bottom' });
  write(doc, `${block.label}:`, 'text', sizes.body);
  doc
    .moveTo(margin + 110, doc.y - 3)
    .lineTo(margin + 330, doc.y - 3)
    .strokeColor(ink)
    .lineWidth(0.7)
    .stroke();
  if (block.signed === undefined) return;
  doc.x = margin + 110;
  write(doc, block.signed, 'text', sizes.foot);
  doc.x = margin;
}

/** Rows of cells that wrap; a row that does not fit begins the next page. */
function drawRows(
  doc: Doc,
  widths: readonly number[],
  rows: readonly (readonly string[])[],
  faces: readonly Face[],
): void {
  const whole = doc.page.width - 2 * margin;
  const sum = widths.reduce((a, b) => a + b, 0);
  const lefts = widths.map((_, i) => margin + (whole * widths.slice(0, i).reduce((a, b) => a + b, 0)) / sum);
  const gap = 8;
  for (const row of rows) {
    const cell = (i: number) => (whole * (widths[i] ?? 0)) / sum - gap;
    const height = Math.max(
      ...row.map((words, i) =>
        doc
          .font(faces[i] ?? 'text')
          .fontSize(sizes.body)
          .heightOfString(words || ' ', { width: cell(i) }),
      ),
    );
    if (doc.y + height > doc.page.height - margin - 24) doc.addPage();
    const top = doc.y + 3;
    doc
      .moveTo(margin, top - 2)
      .lineTo(margin + whole, top - 2)
      .strokeColor(line)
      .lineWidth(0.5)
      .stroke();
    row.forEach((words, i) => {
      doc.x = lefts[i] ?? margin;
      doc.y = top;
      write(doc, words || ' ', faces[i] ?? 'text', sizes.body, cell(i));
    });
    doc.x = margin;
    doc.y = top + height + 2;
  }
}

/** The foot of each page, with its number; written last, as the number of pages is known only then. */
function drawFeet(doc: Doc, foot: string): void {
  const { start, count } = doc.bufferedPageRange();
  for (let page = start; page < start + count; page++) {
    doc.switchToPage(page);
    doc.page.margins.bottom = 0;
    doc.x = margin;
    doc.y = doc.page.height - margin;
    write(doc, `${foot}. Page ${page + 1} of ${count}.`, 'text', sizes.foot, doc.page.width - 2 * margin);
  }
}

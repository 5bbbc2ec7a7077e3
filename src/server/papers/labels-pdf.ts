import PDFDocument from 'pdfkit';
import type { ShelfItem } from '../../contracts';
import { spareNumber } from '../../core/wording';
import { drawCode } from './draw-code';
import { bytesOf, registerFaces, write, type Doc } from './faces';

/** Labels of spares as PDF: A4, three columns of eight, each with a QR code that opens the spare. Lengths in points. */

const columns = 3;
const rowsOnPage = 8;
const page = { width: 595.28, height: 841.89 } as const;
const edge = { left: 20, top: 36 } as const;
const label = {
  width: (page.width - 2 * edge.left) / columns,
  height: (page.height - 2 * edge.top) / rowsOnPage,
} as const;
const codeSize = 66;
const inset = 10;

export interface LabelOf {
  readonly item: ShelfItem;
  /** What its QR code opens. */
  readonly link: string;
}

/** The bytes of a sheet of labels, as many pages as it takes. */
export function labelsPdf(labels: readonly LabelOf[]): Promise<Buffer> {
  const doc = new PDFDocument({
    size: 'A4',
    margin: 0,
    info: { Title: 'Labels', Producer: 'Jovial Probe' },
    lang: 'en',
  });
  registerFaces(doc);
  const done = bytesOf(doc);
  labels.forEach((one, i) => {
    const onPage = i % (columns * rowsOnPage);
    if (i > 0 && onPage === 0) doc.addPage();
    drawLabel(doc, one, {
      left: edge.left + (onPage % columns) * label.width,
      top: edge.top + Math.floor(onPage / columns) * label.height,
    });
  });
  doc.end();
  return done;
}

function drawLabel(
  doc: Doc,
  { item, link }: LabelOf,
  { left, top }: { readonly left: number; readonly top: number },
): void {
  const { part, number } = item;
  drawCode(doc, link, { left: left + inset, top: top + (label.height - codeSize) / 2, size: codeSize });
  const words = { left: left + inset + codeSize + 8, width: label.width - codeSize - 2 * inset - 8 } as const;
  doc.x = words.left;
  doc.y = top + inset + 2;
  // A long name is cut before it reaches the next label.
  doc.save().rect(left, top, label.width, label.height).clip();
  write(doc, spareNumber(number), 'bold', 13, words.width);
  write(doc, part.name, 'text', 9.5, words.width);
  const serial = part.serial ? `serial ${part.serial}` : '';
  for (const line of [part.rating ?? '', serial].filter(Boolean)) write(doc, line, 'text', 8, words.width);
  doc.restore();
}

import { arrowLines, type Mark } from '../../core/attachments';
import type { PaperBlock, PaperPicture } from '../../core/record';
import { ink, write, type Doc } from './faces';

/** The bytes of pictures, JPEG, by file. */
export type Pictures = ReadonlyMap<string, Buffer>;

const gap = 14;
const highest = 210;
const wordsSize = 7.5;
const [titleSize, titleHeight] = [12.5, 30];
const markColour = '#c2410c';

/** Photos two in a row, each with its words below. Lengths in points. */
export function drawPictures(
  doc: Doc,
  { title, items }: Extract<PaperBlock, { kind: 'pictures' }>,
  pictures: Pictures,
  { left, width }: { readonly left: number; readonly width: number },
): void {
  const cell = (width - gap) / 2;
  for (let i = 0; i < items.length; i += 2) {
    const row = items.slice(i, i + 2);
    const scales = row.map(({ size }) => Math.min(cell / size.width, highest / size.height));
    const heights = row.map(({ size }, n) => size.height * (scales[n] ?? 0));
    const wordsHeight = Math.max(
      ...row.map(({ words }) => doc.font('text').fontSize(wordsSize).heightOfString(words, { width: cell })),
    );
    const height = Math.max(...heights) + wordsHeight + 8;
    const isFirst = i === 0;
    if (doc.y + height + (isFirst ? titleHeight : 0) > doc.page.height - doc.page.margins.bottom) doc.addPage();
    if (isFirst) {
      doc.moveDown(0.7);
      write(doc, title, 'bold', titleSize);
    }
    const top = doc.y + 4;
    for (const [n, item] of row.entries()) {
      const at = { left: left + n * (cell + gap), top, scale: scales[n] ?? 0 };
      drawPicture(doc, item, pictures.get(item.file), at);
      doc.x = at.left;
      doc.y = top + Math.max(...heights) + 3;
      write(doc, item.words, 'text', wordsSize, cell);
    }
    doc.x = left;
    doc.y = top + height;
  }
}

interface At {
  readonly left: number;
  readonly top: number;
  /** Points a pixel. */
  readonly scale: number;
}

function drawPicture(
  doc: Doc,
  { size, marks }: PaperPicture,
  bytes: Buffer | undefined,
  { left, top, scale }: At,
): void {
  const shown = { width: size.width * scale, height: size.height * scale };
  if (bytes) doc.image(bytes, left, top, shown);
  else {
    doc.rect(left, top, shown.width, shown.height).strokeColor(ink).lineWidth(0.5).stroke();
    doc.x = left + 6;
    doc.y = top + 6;
    write(doc, 'Not kept here', 'text', wordsSize, shown.width - 12);
  }
  doc.save().translate(left, top).strokeColor(markColour).fillColor(markColour).lineWidth(1.6);
  for (const mark of marks) drawMark(doc, mark, shown);
  doc.restore().fillColor(ink);
}

function drawMark(doc: Doc, mark: Mark, { width, height }: { readonly width: number; readonly height: number }): void {
  switch (mark.shape) {
    case 'arrow':
      for (const line of arrowLines(mark, { width, height })) {
        const [[x, y] = [0, 0], ...rest] = line;
        doc.moveTo(x, y);
        for (const [toX, toY] of rest) doc.lineTo(toX, toY);
        doc.stroke();
      }
      return;
    case 'circle':
      return void doc.circle(mark.at[0] * width, mark.at[1] * height, mark.radius * width).stroke();
    case 'text':
      doc.x = mark.at[0] * width;
      doc.y = mark.at[1] * height;
      return write(doc, mark.text, 'bold', 9, width * (1 - mark.at[0]));
  }
}

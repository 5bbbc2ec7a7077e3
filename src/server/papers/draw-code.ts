import QRCode from 'qrcode';
import { ink, type Doc } from './faces';

/** Draws a QR code as squares. */
export function drawCode(
  doc: Doc,
  text: string,
  { left, top, size }: { readonly left: number; readonly top: number; readonly size: number },
): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const cell = size / modules.size;
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++)
      if (modules.get(row, column)) doc.rect(left + column * cell, top + row * cell, cell + 0.05, cell + 0.05);
  doc.fill('#000000').fillColor(ink);
}

import type { Paper } from '../../core/record';
import type { Queryable } from '../database/in-shop';
import type { Pictures } from '../papers/paper-pdf';
import { findAttachment, readPiece } from '../repositories/attachments';

/** The bytes of the pictures and signatures that a paper shows, by file. What was erased is left out. */
export async function picturesOf(db: Queryable, caseId: string, { blocks }: Paper): Promise<Pictures> {
  const files = blocks.flatMap((block) => {
    if (block.kind === 'pictures') return block.items.map(({ file }) => file);
    return block.kind === 'signature' && block.file !== undefined ? [block.file] : [];
  });
  const pictures = new Map<string, Buffer>();
  for (const file of files) {
    const stored = await findAttachment(db, caseId, file);
    if (stored?.upload) pictures.set(file, await wholeOf(db, stored.upload));
  }
  return pictures;
}

async function wholeOf(db: Queryable, upload: string): Promise<Buffer> {
  const pieces: Buffer[] = [];
  for (let position = 0; ; position++) {
    const piece = await readPiece(db, upload, position);
    if (!piece) return Buffer.concat(pieces);
    pieces.push(piece);
  }
}

import { createHash, randomUUID } from 'node:crypto';
import jpeg from 'jpeg-js';

/** A photo as it is sent: its bytes, and what the log will say of them. */
export interface BenchPhoto {
  readonly file: string;
  readonly bytes: Buffer;
  readonly sha256: string;
  readonly width: number;
  readonly height: number;
}

/** Behind "JFIF" and its version stands how dense the picture is printed: it tells photos apart and shows nothing. */
const densityAt = 14;

/** A maker of photos of a size: each with bytes of its own, quickly made from one that was encoded once. */
export function photosOf(width: number, height: number): () => BenchPhoto {
  const picture = encoded(width, height);
  let count = 0;
  return () => {
    const bytes = Buffer.from(picture);
    bytes.writeUInt32BE((count += 1), densityAt);
    return { file: randomUUID(), bytes, sha256: createHash('sha256').update(bytes).digest('hex'), width, height };
  };
}

/** Slow changes of colour with a little grain, as in a photo of a machine: about 4 MB for 12 megapixels. */
function encoded(width: number, height: number): Buffer {
  const data = Buffer.alloc(width * height * 4, 255);
  for (let y = 0, at = 0; y < height; y++)
    for (let x = 0; x < width; x++, at += 4) {
      const grain = ((Math.imul(x, 374_761_393) ^ Math.imul(y, 668_265_263)) >>> 7) % 40;
      data[at] = 110 + 60 * Math.sin(x / 140) + grain;
      data[at + 1] = 100 + 50 * Math.sin(y / 90) + grain;
      data[at + 2] = 90 + 40 * Math.sin((x + y) / 200) + grain;
    }
  return Buffer.from(jpeg.encode({ data, width, height }, 80).data);
}

/** What the request says beside the bytes. */
export const headersOf = ({ sha256 }: BenchPhoto): Record<string, string> => ({
  'content-type': 'image/jpeg',
  'content-digest': `sha-256=:${Buffer.from(sha256, 'hex').toString('base64')}:`,
});

export const pathOf = (caseId: string, { file }: BenchPhoto): string =>
  `/cases/${caseId}/attachments/${file}?as=picture`;

/** The entry that the log gets once the bytes are there. */
export const attachedBody = ({ file, bytes, sha256, width, height }: BenchPhoto) => ({
  kind: 'file-attached',
  file,
  as: 'picture',
  name: 'Photo',
  bytes: bytes.length,
  sha256,
  width,
  height,
});

/** A photo whose bytes the server said it has. */
export interface SentPhoto {
  readonly caseId: string;
  readonly photo: BenchPhoto;
}

/** Photos that were acknowledged and are not there as they were, in words. */
export async function photoFindings(api: string, cookie: string, sent: readonly SentPhoto[]): Promise<string[]> {
  const found: string[] = [];
  for (const { caseId, photo } of sent) {
    const answer = await fetch(`${api}${pathOf(caseId, photo)}`, { headers: { cookie } });
    const bytes = Buffer.from(await answer.arrayBuffer());
    if (!bytes.equals(photo.bytes))
      found.push(`${caseId}: photo ${photo.file} is not as it was sent (${answer.status})`);
  }
  return found;
}

import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { expose } from 'comlink';
import { imageSize } from 'image-size';
import {
  createContentCheck,
  isFlaw,
  MOST_BYTES,
  MOST_PREVIEW_BYTES,
  PICTURE_EDGE,
  plainJpeg,
  PREVIEW_EDGE,
  type AttachmentKind,
} from '../../core/attachments';

/** A file as it is kept: a picture scaled down and without anything beside it. */
export type PreparedFile =
  | {
      readonly ok: true;
      readonly as: Exclude<AttachmentKind, 'signature'>;
      readonly length: number;
      readonly sha256: string;
      /** Null for a digest, of which nothing else is kept. */
      readonly bytes: Blob | null;
      readonly preview: Blob | null;
      readonly size: { readonly width: number; readonly height: number } | null;
    }
  | { readonly ok: false; readonly problem: string };

/** What the worker does. */
const work = { prepareFile };
export type AttachmentWork = typeof work;
expose(work);

/** Of the file that is chosen, before it is scaled down. */
const mostFileBytes = 80_000_000;
const mostPixels = 120_000_000;
/** More than every format needs to say its size, whatever a camera writes before it. */
const headBytes = 2_000_000;
const quality = 0.85;

async function prepareFile(file: File): Promise<PreparedFile> {
  if (file.size === 0) return { ok: false, problem: `${file.name}: expected a file, found an empty one.` };
  if (file.type.startsWith('image/')) return preparePicture(file);
  if (/\.wav$/i.test(file.name)) return prepareSound(file);
  if (/\.(csv|txt|log)$/i.test(file.name) && file.size <= MOST_BYTES.table) return prepareTable(file);
  return { ok: true, as: 'digest', length: file.size, sha256: await digestOf(file), ...nothingKept };
}

const nothingKept = { bytes: null, preview: null, size: null } as const;

async function preparePicture(file: File): Promise<PreparedFile> {
  const refuse = (why: string): PreparedFile => ({ ok: false, problem: `${file.name}: ${why}` });
  if (file.size > mostFileBytes)
    return refuse(`expected at most ${mostFileBytes / 1e6} MB, found ${Math.ceil(file.size / 1e6)} MB.`);
  const claimed = sizeIn(new Uint8Array(await file.slice(0, headBytes).arrayBuffer()));
  if (claimed && claimed.width * claimed.height > mostPixels)
    return refuse(`expected at most ${mostPixels / 1e6} megapixels, found ${claimed.width} × ${claimed.height}.`);
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return refuse('this browser cannot show it as a photo. Save it as JPEG or PNG and add it again.');
  }
  try {
    const picture = await encode(bitmap, PICTURE_EDGE);
    const preview = await encode(bitmap, PREVIEW_EDGE);
    return {
      ok: true,
      as: 'picture',
      length: picture.bytes.length,
      sha256: bytesToHex(sha256(picture.bytes)),
      bytes: jpegBlob(picture.bytes),
      preview: preview.bytes.length <= MOST_PREVIEW_BYTES ? jpegBlob(preview.bytes) : null,
      size: { width: picture.width, height: picture.height },
    };
  } finally {
    bitmap.close();
  }
}

/** What the file says of its size; null where that cannot be read, and the browser has to see. */
function sizeIn(head: Uint8Array): { readonly width: number; readonly height: number } | null {
  try {
    return imageSize(head);
  } catch {
    return null;
  }
}

const jpegBlob = (bytes: Uint8Array) => new Blob([Uint8Array.from(bytes)], { type: 'image/jpeg' });

/** Drawn once more: what the camera wrote beside the picture, where it was taken too, does not come along. */
async function encode(bitmap: ImageBitmap, edge: number) {
  const scale = Math.min(1, edge / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [bitmap.width, bitmap.height].map((side) => Math.max(1, Math.round(side * scale)));
  const canvas = new OffscreenCanvas(width ?? 1, height ?? 1);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('expected a canvas that can be drawn on');
  // What lets light through would be black.
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality });
  return { bytes: plainJpeg(new Uint8Array(await blob.arrayBuffer())), width: canvas.width, height: canvas.height };
}

async function prepareSound(file: File): Promise<PreparedFile> {
  if (file.size > MOST_BYTES.sound)
    return { ok: false, problem: `${file.name}: expected at most ${MOST_BYTES.sound / 1e6} MB, found more.` };
  return checked(file, 'sound', new Uint8Array(await file.arrayBuffer()));
}

/** Whatever letters a meter's program writes, it is kept as UTF-8. */
async function prepareTable(file: File): Promise<PreparedFile> {
  const bytes = await file.arrayBuffer();
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    text = new TextDecoder('windows-1252').decode(bytes);
  }
  return checked(file, 'table', new TextEncoder().encode(text));
}

function checked({ name }: File, as: 'sound' | 'table', bytes: Uint8Array): PreparedFile {
  const check = createContentCheck(as);
  const result = check.feed(bytes) ?? check.end();
  if (isFlaw(result)) return { ok: false, problem: `${name}: ${result.message}.` };
  const type = as === 'sound' ? 'audio/wav' : 'text/csv';
  const own = { ...nothingKept, bytes: new Blob([Uint8Array.from(bytes)], { type }) };
  return { ok: true, as, length: bytes.length, sha256: bytesToHex(sha256(bytes)), ...own };
}

/** The hash of a file of any size, piece by piece. */
async function digestOf(file: File): Promise<string> {
  const hash = sha256.create();
  const reader = file.stream().getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return bytesToHex(hash.digest());
    hash.update(value);
  }
}

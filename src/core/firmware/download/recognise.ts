import { hasText } from './fields';

/** What a file is by its first bytes, where that is no image. */
export interface Foreign {
  readonly kind: 'package' | 'program' | 'web-page' | 'document' | 'text';
  readonly says: string;
  readonly fix: string;
}

const again = 'Download the image itself from the board’s own page.';
const unpack = 'Unpack it with the program it was made by, and take the image that is in it.';

const signatures: readonly (readonly [text: string, foreign: Foreign])[] = [
  ['\x1f\x8b', { kind: 'package', says: 'a file packed with gzip', fix: unpack }],
  ['7z\xbc\xaf\x27\x1c', { kind: 'package', says: 'a 7z archive', fix: unpack }],
  ['Rar!\x1a\x07', { kind: 'package', says: 'a RAR archive', fix: unpack }],
  ['\xfd7zXZ\0', { kind: 'package', says: 'a file packed with xz', fix: unpack }],
  ['BZh', { kind: 'package', says: 'a file packed with bzip2', fix: unpack }],
  ['\x28\xb5\x2f\xfd', { kind: 'package', says: 'a file packed with zstd', fix: unpack }],
  ['MZ', { kind: 'program', says: 'a program', fix: again }],
  ['\x7fELF', { kind: 'program', says: 'a program', fix: again }],
  ['#!', { kind: 'program', says: 'a script', fix: again }],
  ['%PDF', { kind: 'document', says: 'a PDF document', fix: again }],
  ['\x89PNG', { kind: 'document', says: 'a picture', fix: again }],
  ['\xff\xd8\xff', { kind: 'document', says: 'a picture', fix: again }],
  ['GIF8', { kind: 'document', says: 'a picture', fix: again }],
  ['\xd0\xcf\x11\xe0', { kind: 'document', says: 'an office document or installer', fix: again }],
];

const lookedAt = 4096;
const isPage = /^\s*(?:<\?xml[^>]*>\s*)?(?:<!--[\s\S]*?-->\s*)*<(?:!doctype\s+html|html|head|body|script|meta)\b/i;
const page: Foreign = { kind: 'web-page', says: 'a web page saved under another name', fix: again };
const text: Foreign = { kind: 'text', says: 'a text', fix: again };

/** What a file is that is no image by its first bytes; null where it may be one. */
export function foreignKind(bytes: Uint8Array): Foreign | null {
  const found = signatures.find(([start]) => hasText(bytes, 0, start));
  if (found) return found[1];
  const head = readText(bytes.subarray(0, lookedAt));
  if (head === null || head.length === 0) return null;
  return isPage.test(head) ? page : text;
}

/** UTF-8 without control characters; null where it is none. */
function readText(bytes: Uint8Array): string | null {
  if (bytes.some((byte) => byte < 0x20 && byte !== 9 && byte !== 10 && byte !== 13)) return null;
  try {
    // The last character may be cut off.
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes, { stream: true });
  } catch {
    return null;
  }
}

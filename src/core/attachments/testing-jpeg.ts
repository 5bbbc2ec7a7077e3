import jpeg from 'jpeg-js';

/** A coloured picture of a size as a JPEG file, for tests. The same seed gives the same bytes. */
export function jpegOf(width = 24, height = 16, seed = 0): Uint8Array {
  const data = new Uint8Array(width * height * 4);
  for (let i = 0; i < data.length; i++) data[i] = (i * 7 + (i >> 5) * 13 + seed * 29) % 256;
  return new Uint8Array(jpeg.encode({ data, width, height }, 80).data);
}

export const joined = (...pieces: readonly (readonly number[] | Uint8Array)[]): Uint8Array =>
  Uint8Array.from(pieces.flatMap((piece) => [...piece]));

/** A segment: its marker, its length, what is in it. */
export const segment = (code: number, ...content: readonly number[]): number[] => [
  0xff,
  code,
  (content.length + 2) >> 8,
  (content.length + 2) & 255,
  ...content,
];

/** The file with a segment behind its first two bytes. */
export const withSegment = (file: Uint8Array, code: number, ...content: readonly number[]): Uint8Array =>
  joined(file.subarray(0, 2), segment(code, ...content), file.subarray(2));

/** The file as if its picture had another size: what a decoder would make room for. */
export function claimingSize(file: Uint8Array, width: number, height: number): Uint8Array {
  const copy = Uint8Array.from(file);
  const at = copy.findIndex((byte, i) => byte === 0xff && copy[i + 1] === 0xc0);
  copy.set([height >> 8, height & 255, width >> 8, width & 255], at + 5);
  return copy;
}

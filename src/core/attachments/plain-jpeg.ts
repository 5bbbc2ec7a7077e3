/** Segments that a plain picture does without: data of cameras and programs, colour profiles, comments. */
const isExtra = (code: number): boolean => (code >= 0xe1 && code <= 0xed) || code === 0xef || code === 0xfe;
const SOS = 0xda;

/**
 * A JPEG file without what stands beside the picture: browsers add some of it when they encode. Walks the segments up to
 * the first scan (ITU-T T.81, annex B); what is no JPEG comes back as it is.
 */
export function plainJpeg(bytes: Uint8Array): Uint8Array {
  const kept: Uint8Array[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at + 4 <= bytes.length && bytes[at] === 0xff) {
    const code = bytes[at + 1] ?? 0;
    const end = at + 2 + (bytes[at + 2] ?? 0) * 256 + (bytes[at + 3] ?? 0);
    if (code === SOS || end > bytes.length) break;
    if (!isExtra(code)) kept.push(bytes.subarray(at, end));
    at = end;
  }
  kept.push(bytes.subarray(at));
  const whole = new Uint8Array(kept.reduce((sum, { length }) => sum + length, 0));
  let to = 0;
  for (const piece of kept) {
    whole.set(piece, to);
    to += piece.length;
  }
  return whole;
}

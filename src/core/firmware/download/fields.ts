/** Little-endian fields where the caller has seen that there are enough bytes. */
export const u16At = (bytes: Uint8Array, at: number): number => (bytes[at] ?? 0) | ((bytes[at + 1] ?? 0) << 8);
export const u32At = (bytes: Uint8Array, at: number): number => (u16At(bytes, at) | (u16At(bytes, at + 2) << 16)) >>> 0;
/** Not a safe integer where it is beyond 2^53. */
export const u64At = (bytes: Uint8Array, at: number): number => u32At(bytes, at) + u32At(bytes, at + 4) * 2 ** 32;

const hex = (bytes: Uint8Array): string => Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');

/** A GUID as it is written: the first three groups are little-endian numbers. */
export function guidAt(bytes: Uint8Array, at: number): string {
  const group = (from: number, length: number) => hex(bytes.slice(at + from, at + from + length).reverse());
  const plain = (from: number, length: number) => hex(bytes.subarray(at + from, at + from + length));
  return [group(0, 4), group(4, 2), group(6, 2), plain(8, 2), plain(10, 6)].join('-');
}

/** Whether these characters stand there. */
export const hasText = (bytes: Uint8Array, at: number, text: string): boolean =>
  at >= 0 &&
  at + text.length <= bytes.length &&
  Array.from(text).every((char, i) => bytes[at + i] === char.charCodeAt(0));

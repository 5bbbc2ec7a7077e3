import { checkStick, stickImage, type StickFile, type StickSource, type StickVerdict, type StickWanted } from '..';

export const mib = 2 ** 20;
export const stickSerial = 0x1234abcd;
export const stickMoment = { year: 2026, month: 1, day: 5, hour: 9, minute: 30, second: 0 };

/** Bytes that are no two alike from place to place, and the same at every run. */
export function pattern(length: number, seed = 1): Uint8Array {
  const bytes = new Uint8Array(length);
  let state = seed;
  for (let i = 0; i < length; i++) {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    bytes[i] = state >>> 24;
  }
  return bytes;
}

/** A stick in memory, with what was made of it. */
export function stickOf(files: readonly StickFile[], totalBytes = 64 * mib): Uint8Array {
  const image = stickImage({ totalBytes, files, serial: stickSerial, at: stickMoment });
  if (!image.ok) throw new Error(image.message);
  const bytes = new Uint8Array(totalBytes);
  let offset = 0;
  for (const segment of image.segments()) {
    if (segment.kind === 'bytes') bytes.set(segment.bytes, offset);
    offset += segment.kind === 'bytes' ? segment.bytes.length : segment.count;
  }
  if (offset !== totalBytes) throw new Error(`expected ${totalBytes} bytes, made ${offset}`);
  return bytes;
}

export const inMemory = (bytes: Uint8Array): StickSource => ({
  bytes: bytes.length,
  read: (offset, length) => {
    if (offset < 0 || offset + length > bytes.length) throw new Error('asked for more than there is');
    return Promise.resolve(bytes.slice(offset, offset + length));
  },
});

export const judge = (bytes: Uint8Array, wanted: StickWanted): Promise<StickVerdict> =>
  checkStick(inMemory(bytes), wanted);

/** The codes of a verdict that are not mere notes, with the verdict before them. */
export async function codesOf(bytes: Uint8Array, wanted: StickWanted): Promise<string[]> {
  const { verdict, reasons } = await judge(bytes, wanted);
  return [verdict, ...reasons.filter(({ severity }) => severity !== 'note').map(({ code }) => code)];
}

import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';

/** One file of an archive. */
export interface ZipEntry {
  readonly name: string;
  readonly content: Uint8Array | AsyncIterable<Uint8Array>;
}

/** An archive piece by piece: no more than one piece is held. Photos are stored as they are, the rest is compressed. */
export async function* zipOf(entries: AsyncIterable<ZipEntry> | Iterable<ZipEntry>): AsyncIterable<Uint8Array> {
  let made: Uint8Array[] = [];
  const zip = new Zip((error, piece) => {
    if (error) throw error;
    made.push(piece);
  });
  const drain = () => {
    const pieces = made;
    made = [];
    return pieces;
  };
  for await (const { name, content } of entries) {
    const isWhole = content instanceof Uint8Array;
    const file = isWhole ? new ZipDeflate(name, { level: 6 }) : new ZipPassThrough(name);
    zip.add(file);
    if (isWhole) file.push(content, true);
    else {
      for await (const piece of content) {
        file.push(piece);
        yield* drain();
      }
      file.push(new Uint8Array(), true);
    }
    yield* drain();
  }
  zip.end();
  yield* drain();
}

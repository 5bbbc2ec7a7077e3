import type { StickSource } from './stick-source';

const blockBytes = 64 * 2 ** 10;
const slabBytes = 64 * 2 ** 20;
const maxBytes = 64 * 2 ** 30;
const maxKeptBytes = 2 ** 30;
/** Blocks of zeros that get a place behind what is kept, so that a file with gaps stays in one piece. */
const maxGap = 64;
const maxSlabs = 32;

export type Collected =
  { readonly ok: true; readonly source: StickSource } | { readonly ok: false; readonly message: string };

/** Where a block lies. */
interface Place {
  readonly slab: number;
  readonly at: number;
}

/**
 * Collects an image that comes in pieces and keeps only what is not zero: a stick of 32 GiB with one file on it takes as
 * much memory as the file, and what lies in one piece is read without being copied. Failure: over 64 GiB in all, or over
 * 1 GiB that is not zero.
 */
export class SparseCollector {
  private readonly places = new Map<number, Place>();
  /** Blocks that follow each other in the image follow each other here. Untouched parts cost no memory. */
  private readonly slabs: Uint8Array[] = [];
  private used = slabBytes;
  private gap = maxGap;
  private keptBlocks = 0;
  private readonly current = new Uint8Array(blockBytes);
  private filled = 0;
  private bytes = 0;
  private problem: string | null = null;

  /** Takes the next piece. False once nothing more will be taken. */
  push(piece: Uint8Array): boolean {
    for (let at = 0; at < piece.length && this.problem === null;) {
      const part = piece.subarray(at, at + blockBytes - this.filled);
      at += part.length;
      this.bytes += part.length;
      // A whole block is looked at where it is.
      if (part.length === blockBytes) {
        this.keep(part);
        continue;
      }
      this.current.set(part, this.filled);
      this.filled += part.length;
      if (this.filled < blockBytes) continue;
      this.keep(this.current);
      this.filled = 0;
    }
    if (this.bytes > maxBytes) this.problem = `expected at most ${maxBytes} bytes unpacked`;
    return this.problem === null;
  }

  /** Takes the block that has just been filled. */
  private keep(block: Uint8Array): void {
    if (isZero(block)) {
      this.gap += 1;
      if (this.gap <= maxGap && this.used < slabBytes) this.place();
      return;
    }
    this.gap = 0;
    const { slab, at } = this.place();
    this.slabs[slab]?.set(block, at);
    this.keptBlocks += 1;
    if (this.keptBlocks * blockBytes > maxKeptBytes || this.slabs.length > maxSlabs)
      this.problem = `expected at most ${maxKeptBytes} bytes that are not zero`;
  }

  private place(): Place {
    if (this.used >= slabBytes) {
      this.slabs.push(new Uint8Array(slabBytes));
      this.used = 0;
    }
    const place = { slab: this.slabs.length - 1, at: this.used };
    this.places.set(Math.ceil(this.bytes / blockBytes) - 1, place);
    this.used += blockBytes;
    return place;
  }

  finish(): Collected {
    if (this.filled > 0) {
      this.current.fill(0, this.filled);
      this.keep(this.current);
      this.filled = 0;
    }
    if (this.problem !== null) return { ok: false, message: this.problem };
    const { places, slabs, bytes } = this;
    return {
      ok: true,
      source: { bytes, read: (offset, length) => Promise.resolve(readFrom(places, slabs, offset, length)) },
    };
  }
}

function readFrom(
  places: ReadonlyMap<number, Place>,
  slabs: readonly Uint8Array[],
  offset: number,
  length: number,
): Uint8Array {
  const whole = inOnePiece(places, offset, length);
  if (whole) return slabs[whole.slab]?.subarray(whole.at, whole.at + length) ?? new Uint8Array(length);
  const found = new Uint8Array(length);
  for (let done = 0; done < length;) {
    const within = (offset + done) % blockBytes;
    const count = Math.min(blockBytes - within, length - done);
    const place = places.get(Math.floor((offset + done) / blockBytes));
    if (place) found.set(slabs[place.slab]?.subarray(place.at + within, place.at + within + count) ?? [], done);
    done += count;
  }
  return found;
}

/** Where a stretch lies if all its blocks follow each other. */
function inOnePiece(places: ReadonlyMap<number, Place>, offset: number, length: number): Place | null {
  const firstBlock = Math.floor(offset / blockBytes);
  const first = places.get(firstBlock);
  if (!first || length === 0) return null;
  const blocks = Math.floor((offset + length - 1) / blockBytes) - firstBlock;
  for (let n = 1; n <= blocks; n++) {
    const place = places.get(firstBlock + n);
    if (place?.slab !== first.slab || place.at !== first.at + n * blockBytes) return null;
  }
  return { slab: first.slab, at: first.at + (offset % blockBytes) };
}

/** Word by word: bytes one at a time would take longer than unpacking them. */
function isZero(bytes: Uint8Array): boolean {
  const head = Math.min(bytes.length, (4 - (bytes.byteOffset % 4)) % 4);
  const words = new Int32Array(bytes.buffer, bytes.byteOffset + head, (bytes.length - head) >> 2);
  for (let i = 0; i < words.length; i++) if (words[i] !== 0) return false;
  for (let i = 0; i < head; i++) if (bytes[i] !== 0) return false;
  for (let i = head + words.length * 4; i < bytes.length; i++) if (bytes[i] !== 0) return false;
  return true;
}

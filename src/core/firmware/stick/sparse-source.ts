import type { StickSource } from './stick-source';

const blockBytes = 64 * 2 ** 10;
const maxBytes = 64 * 2 ** 30;
const maxKeptBytes = 2 ** 30;

export type Collected =
  { readonly ok: true; readonly source: StickSource } | { readonly ok: false; readonly message: string };

/**
 * Collects an image that comes in pieces and keeps only what is not zero: a stick of 32 GiB with one file on it takes as
 * much memory as the file. Failure: over 64 GiB in all, or over 1 GiB that is not zero.
 */
export class SparseCollector {
  private readonly blocks = new Map<number, Uint8Array>();
  private current = new Uint8Array(blockBytes);
  private filled = 0;
  private bytes = 0;
  private problem: string | null = null;

  /** Takes the next piece. False once nothing more will be taken. */
  push(piece: Uint8Array): boolean {
    for (let at = 0; at < piece.length && this.problem === null;) {
      const part = piece.subarray(at, at + blockBytes - this.filled);
      at += part.length;
      this.bytes += part.length;
      // A whole block of zeros is never copied.
      if (part.length === blockBytes && isZero(part)) continue;
      this.current.set(part, this.filled);
      this.filled += part.length;
      if (this.filled === blockBytes) this.keep();
    }
    if (this.bytes > maxBytes) this.problem = `expected at most ${maxBytes} bytes unpacked`;
    return this.problem === null;
  }

  private keep(): void {
    if (!isZero(this.current)) {
      this.blocks.set(Math.ceil(this.bytes / blockBytes) - 1, this.current);
      this.current = new Uint8Array(blockBytes);
      if (this.blocks.size * blockBytes > maxKeptBytes)
        this.problem = `expected at most ${maxKeptBytes} bytes that are not zero`;
    }
    this.filled = 0;
  }

  finish(): Collected {
    if (this.filled > 0) {
      this.current.fill(0, this.filled);
      this.keep();
    }
    if (this.problem !== null) return { ok: false, message: this.problem };
    const { blocks, bytes } = this;
    return { ok: true, source: { bytes, read: (offset, length) => Promise.resolve(readFrom(blocks, offset, length)) } };
  }
}

function readFrom(blocks: ReadonlyMap<number, Uint8Array>, offset: number, length: number): Uint8Array {
  const found = new Uint8Array(length);
  for (let done = 0; done < length;) {
    const at = offset + done;
    const within = at % blockBytes;
    const count = Math.min(blockBytes - within, length - done);
    const block = blocks.get(Math.floor(at / blockBytes));
    if (block) found.set(block.subarray(within, within + count), done);
    done += count;
  }
  return found;
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

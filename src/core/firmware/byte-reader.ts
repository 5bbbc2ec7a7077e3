/** Reading past the end of what is there. Parsers turn it into a refusal; it never reaches a caller of the room. */
export class OutOfBounds extends Error {
  constructor(what: string, offset: number, length: number, total: number) {
    super(`${what}: expected ${length} bytes at ${offset}, found ${total} bytes in all`);
  }
}

/** Little-endian reading with bounds: every structure of sticks, archives and firmware images goes through it. */
export class ByteReader {
  readonly length: number;
  private readonly view: DataView;

  constructor(
    private readonly source: Uint8Array,
    private readonly what: string,
  ) {
    this.length = source.length;
    this.view = new DataView(source.buffer, source.byteOffset, source.byteLength);
  }

  private need(offset: number, length: number): number {
    if (!Number.isSafeInteger(offset) || offset < 0 || length < 0 || offset + length > this.length)
      throw new OutOfBounds(this.what, offset, length, this.length);
    return offset;
  }

  u8(offset: number): number {
    return this.view.getUint8(this.need(offset, 1));
  }

  u16(offset: number): number {
    return this.view.getUint16(this.need(offset, 2), true);
  }

  u32(offset: number): number {
    return this.view.getUint32(this.need(offset, 4), true);
  }

  /** Failure: a value beyond 2^53, which no stick or image can mean, counts as out of bounds. */
  u64(offset: number): number {
    const value = this.u32(offset) + this.u32(offset + 4) * 2 ** 32;
    if (!Number.isSafeInteger(value)) throw new OutOfBounds(this.what, offset, value, this.length);
    return value;
  }

  bytes(offset: number, length: number): Uint8Array {
    this.need(offset, length);
    return this.source.subarray(offset, offset + length);
  }

  /** Bytes as characters, one each; what is not printable becomes "?". */
  ascii(offset: number, length: number): string {
    return String.fromCharCode(...this.bytes(offset, length)).replace(/[^\x20-\x7e]/g, '?');
  }
}

import { gzipSync } from 'fflate';
import type { Segment } from './stick-image';

const blockBytes = 4 * 2 ** 20;

/**
 * A stick image packed with gzip (RFC 1952), piece by piece: several members one after the other, which every unpacker
 * joins. Zeros are packed once and the same piece is given again and again, so that 32 GiB cost little time and memory.
 */
export function* packedStick(segments: Iterable<Segment>): Generator<Uint8Array> {
  let packedZeros: Uint8Array | null = null;
  for (const segment of segments) {
    if (segment.kind === 'bytes') {
      for (let at = 0; at < segment.bytes.length; at += blockBytes)
        yield gzipSync(segment.bytes.subarray(at, at + blockBytes), { level: 6 });
      continue;
    }
    let left = segment.count;
    for (; left >= blockBytes; left -= blockBytes) {
      packedZeros ??= gzipSync(new Uint8Array(blockBytes), { level: 9 });
      yield packedZeros;
    }
    if (left > 0) yield gzipSync(new Uint8Array(left), { level: 9 });
  }
}

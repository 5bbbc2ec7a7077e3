import { inspectFirmware, type Release } from '../../../core/firmware';
import { compareWithBook } from './listed-image';

const image = inspectFirmware(new Uint8Array(2 ** 20).fill(7));
const release: Release = { version: 'R3', date: '2026-01-01' };

test.each<[string, Partial<Release>, string]>([
  ['the same hash, in capitals', { sha256: image.sha256.toUpperCase(), bytes: 1 }, 'same'],
  ['another hash', { sha256: '0'.repeat(64), bytes: image.bytes }, 'other'],
  ['the size alone', { bytes: image.bytes }, 'partly'],
  ['another size', { bytes: image.bytes + 1 }, 'other'],
  ['nothing in the book', {}, 'not-listed'],
])('%s', (_what, facts, kind) => {
  expect(compareWithBook({ ...release, ...facts }, image).kind).toBe(kind);
});

test('without an image there is nothing to compare; without a version it says so', () => {
  expect(compareWithBook(release, null)).toEqual({ kind: 'nothing' });
  expect(compareWithBook(null, image).kind).toBe('not-listed');
});

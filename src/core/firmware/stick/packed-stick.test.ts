import { gunzipSync } from 'node:zlib';
import { checkStick, packedStick, sha256Of, SparseCollector, stickImage } from '..';
import { mib, pattern, stickMoment, stickOf, stickSerial } from './testing-stick';

const content = pattern(2 * mib + 5);
const files = [{ name: 'BOARD.BIN', content }];
const whole = stickOf(files, 80 * mib);

test('a packed stick unpacks to the same image, in far less than its size', () => {
  const image = stickImage({ totalBytes: 80 * mib, files, serial: stickSerial, at: stickMoment });
  if (!image.ok) throw new Error(image.message);
  const packed = Buffer.concat([...packedStick(image.segments())]);
  expect(packed.length).toBeLessThan(2 * content.length);
  expect(gunzipSync(packed).equals(whole)).toBe(true);
});

test('an image that comes in odd pieces is judged as the whole is, holding only what is not zero', async () => {
  const collector = new SparseCollector();
  for (let at = 0; at < whole.length; at += 99_991) expect(collector.push(whole.subarray(at, at + 99_991))).toBe(true);
  const collected = collector.finish();
  if (!collected.ok) throw new Error(collected.message);
  expect(collected.source.bytes).toBe(whole.length);
  for (const [offset, length] of [
    [0, 512],
    [65_530, 20],
    [whole.length - 7, 7],
    [1_000_003, 300_000],
  ] as const)
    expect(
      Buffer.from(await collected.source.read(offset, length)).equals(whole.subarray(offset, offset + length)),
    ).toBe(true);
  expect(await checkStick(collected.source, { names: ['BOARD.BIN'], sha256: sha256Of(content) })).toMatchObject({
    verdict: 'good',
  });
});

test('what lies in one piece is read in one piece, and what lies behind long gaps is read where it was', async () => {
  const sparse = new Uint8Array(24 * mib);
  const places = [0, 3 * mib + 17, 3 * mib + 200_000, 20 * mib - 1];
  for (const [n, at] of places.entries()) sparse.set(pattern(70_000, n + 2), at);
  const collector = new SparseCollector();
  for (let at = 0; at < sparse.length; at += 65_536) collector.push(sparse.subarray(at, at + 65_536));
  const collected = collector.finish();
  if (!collected.ok) throw new Error(collected.message);
  const { source } = collected;
  for (const [from, length] of [
    [3 * mib, 300_000],
    [60_000, 20_000],
    [5 * mib, 16 * mib],
    [0, sparse.length],
  ] as const)
    expect(Buffer.compare(await source.read(from, length), sparse.subarray(from, from + length))).toBe(0);
});

test('an image of more than is ever kept is refused, and nothing more is taken', () => {
  const collector = new SparseCollector();
  const piece = pattern(16 * mib);
  let taken = 0;
  while (taken < 80 && collector.push(piece)) taken += 1;
  expect(taken).toBe(64);
  expect(collector.finish()).toMatchObject({ ok: false, message: expect.stringContaining('not zero') as string });
});

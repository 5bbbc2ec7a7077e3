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

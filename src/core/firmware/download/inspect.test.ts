import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { crc32Text, firmwareVolumes, inspectFirmware, openArchive } from '..';
import { mib, pattern } from '../stick/testing-stick';

/** A firmware volume written here from the specification, not by the code under test. */
function volume(lengthBytes: number): Uint8Array {
  const bytes = new Uint8Array(lengthBytes).fill(0xa5);
  const view = new DataView(bytes.buffer);
  bytes.fill(0, 0, 72);
  bytes.set([0x78, 0xe5, 0x8c, 0x8c, 0x3d, 0x8a, 0x1c, 0x4f, 0x99, 0x35, 0x89, 0x61, 0x85, 0xc3, 0x2d, 0xd3], 16);
  view.setUint32(32, lengthBytes, true);
  bytes.set(strToU8('_FVH'), 40);
  view.setUint16(48, 72, true);
  let sum = 0;
  for (let at = 0; at < 72; at += 2) sum += view.getUint16(at, true);
  view.setUint16(50, (0x10000 - (sum & 0xffff)) & 0xffff, true);
  return bytes;
}

const image = new Uint8Array(2 * mib).fill(0xff);
image.set(volume(mib), 0);
image.set(volume(mib / 2), mib);

test('volumes are found with their place, length and GUID, and their headers add up', () => {
  expect(firmwareVolumes(image).volumes).toEqual([
    {
      offset: 0,
      guid: '8c8ce578-8a3d-4f1c-9935-896185c32dd3',
      lengthBytes: mib,
      headerChecksumValid: true,
      isCut: false,
    },
    {
      offset: mib,
      guid: '8c8ce578-8a3d-4f1c-9935-896185c32dd3',
      lengthBytes: mib / 2,
      headerChecksumValid: true,
      isCut: false,
    },
  ]);
});

test('a changed header does not add up, and an image that ends early is cut', () => {
  const changed = image.slice();
  changed[mib + 20] = 1;
  expect(inspectFirmware(changed).reasons.map(({ code }) => code)).toEqual(['volume-checksum']);
  // What a wrong header says of its length is not believed: what lies within is looked at.
  const long = image.slice();
  long.set([0xff, 0xff, 0xff, 0x7f], 32);
  expect(firmwareVolumes(long).volumes.map(({ offset, headerChecksumValid }) => [offset, headerChecksumValid])).toEqual(
    [
      [0, false],
      [mib, true],
    ],
  );
  expect(inspectFirmware(image.slice(0, mib + 1000)).reasons.map(({ code }) => code)).toContain('cut');
});

test('checksums are those of other tools', () => {
  const { crc32, sha256, kind } = inspectFirmware(strToU8('123456789'));
  expect([crc32, sha256, kind]).toEqual([
    'cbf43926',
    '15e2b0d3c33891ebb0f1ef609ec419420c20e320ce94c65fbc8c3312448eb225',
    'text',
  ]);
  expect(crc32Text(new Uint8Array(0))).toBe('00000000');
});

test('an erased image, an empty file and a text are called what they are', () => {
  expect(inspectFirmware(new Uint8Array(mib).fill(0xff))).toMatchObject({
    kind: 'erased',
    reasons: [{ code: 'erased' }],
  });
  expect(inspectFirmware(new Uint8Array(0))).toMatchObject({ kind: 'empty', reasons: [{ code: 'empty' }] });
  expect(inspectFirmware(strToU8('Read me first.'))).toMatchObject({
    kind: 'text',
    reasons: [{ code: 'not-an-image' }],
  });
  expect(inspectFirmware(pattern(9000))).toMatchObject({ kind: 'unknown', reasons: [{ code: 'unrecognised' }] });
});

const packed = zipSync({ 'notes.txt': strToU8('notes'), 'Tern 1204/TERN1204.BIN': image, 'tool.exe': pattern(mib) });

test('the image in an archive is the candidate, notes and tools are not', () => {
  expect(inspectFirmware(packed)).toMatchObject({
    kind: 'archive',
    candidates: ['Tern 1204/TERN1204.BIN'],
    reasons: [{ code: 'tool-inside', severity: 'note' }],
  });
  const opened = openArchive(packed);
  if (!opened.ok) throw new Error(opened.problem.message);
  const read = opened.read('Tern 1204/TERN1204.BIN');
  expect(read.ok && inspectFirmware(read.content).sha256).toBe(inspectFirmware(image).sha256);
});

test.each<[string, Uint8Array]>([
  ['traversal', zipSync({ '../../BOARD.BIN': image })],
  ['bomb', zipSync({ 'BOARD.BIN': new Uint8Array(8 * mib) }, { level: 9 })],
  ['too-many-entries', zipSync(Object.fromEntries(Array.from({ length: 2001 }, (_, i) => [`f${i}`, strToU8('x')])))],
  ['encrypted', withFlag(packed)],
  ['bad-archive', packed.slice(0, packed.length - 30)],
])('an archive is refused before anything is unpacked: %s', (code, bytes) => {
  expect(inspectFirmware(bytes).reasons.map((one) => one.code)).toEqual([code]);
});

/** The first directory entry marked as encrypted. */
function withFlag(bytes: Uint8Array): Uint8Array {
  const copy = bytes.slice();
  const at = copy.findIndex(
    (_, i) => copy[i] === 0x50 && copy[i + 1] === 0x4b && copy[i + 2] === 1 && copy[i + 3] === 2,
  );
  copy[at + 8] = (copy[at + 8] ?? 0) | 1;
  return copy;
}

test('damaged data in an archive is said so, and no bytes come out', () => {
  const damaged = packed.slice();
  damaged.fill(0x55, 200, 400);
  const opened = openArchive(damaged);
  if (!opened.ok) throw new Error(opened.problem.message);
  expect(opened.read('Tern 1204/TERN1204.BIN')).toMatchObject({ ok: false, problem: { code: 'bad-data' } });
});

test('whatever bytes come, an inspection comes back', () => {
  const small = zipSync({ 'a.bin': pattern(400), 'b.txt': strToU8('b') });
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(small.length - 1), fc.nat(255)), { maxLength: 8 }),
      fc.nat(small.length),
      (changes, length) => {
        const bytes = small.slice(0, length);
        for (const [place, value] of changes) if (place < bytes.length) bytes[place] = value;
        expect(inspectFirmware(bytes).bytes).toBe(length);
        const opened = openArchive(bytes);
        if (opened.ok) for (const { name } of opened.entries) expect(typeof opened.read(name).ok).toBe('boolean');
      },
    ),
    { numRuns: 2000, seed: 11 },
  );
});

test('content that is not what the archive lists comes out of it as damaged, not as an image', () => {
  const zip = zipSync({ 'board.bin': [pattern(5000), { level: 0 }] });
  zip[600] = (zip[600] ?? 0) ^ 1;
  const opened = openArchive(zip);
  expect(opened.ok && opened.read('board.bin')).toMatchObject({ ok: false, problem: { code: 'bad-data' } });
});

test('an archive cut off at any byte is refused, never half opened', () => {
  const zip = zipSync({ 'release/board.bin': pattern(700), 'read me.txt': pattern(40) });
  for (let cut = 0; cut < zip.length; cut++) {
    const opened = openArchive(zip.slice(0, cut));
    expect(opened.ok).toBe(false);
  }
});

test('an image cut off at any byte of a volume header has no such volume, or one that is cut', () => {
  for (let cut = mib; cut < mib + 80; cut++) {
    const { volumes } = firmwareVolumes(image.slice(0, cut));
    expect(volumes[0]).toMatchObject({ offset: 0, headerChecksumValid: true, isCut: false });
    expect(volumes.slice(1).every(({ isCut }) => isCut)).toBe(true);
  }
});

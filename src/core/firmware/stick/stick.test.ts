import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { layStick, maxStickBytes, sha256Of, stickImage } from '..';
import { shortNameFor } from './file-names';
import { codesOf, inMemory, judge, mib, pattern, stickMoment, stickOf } from './testing-stick';
import { checkStick } from '..';

const content = pattern(3 * mib + 77);
const board = { name: 'BOARD.BIN', content };
const wanted = { names: ['BOARD.BIN'], bytes: content.length, sha256: sha256Of(content) };
const good = stickOf([board]);

/** A copy with some bytes changed. */
function changed(bytes: Uint8Array, ...changes: readonly (readonly [offset: number, values: readonly number[]])[]) {
  const copy = bytes.slice();
  for (const [offset, values] of changes) copy.set(values, offset);
  return copy;
}
const layout = (() => {
  const laid = layStick(64 * mib);
  if (!laid.ok) throw new Error(laid.message);
  return laid.layout;
})();
const partition = 2048 * 512;
const fatAt = partition + 32 * 512;
const rootAt = layout.dataStart * 512;

test('a stick that was made is good, with the original beside the renamed image as well', async () => {
  expect(await codesOf(good, wanted)).toEqual(['good']);
  expect(await codesOf(stickOf([board, { name: 'Tern release 1204 (rev. 2).bin', content }]), wanted)).toEqual([
    'good',
  ]);
});

test.each([64 * mib, 260 * mib, 261 * mib, 8192 * mib, 8193 * mib, 16_385 * mib, maxStickBytes])(
  'a stick of %d bytes has enough clusters for FAT32, and FATs that reach over all of them',
  (bytes) => {
    const laid = layStick(bytes);
    if (!laid.ok) throw new Error(laid.message);
    const { clusterCount, fatSectors, sectorsPerCluster, dataStart, totalSectors } = laid.layout;
    expect(clusterCount).toBeGreaterThanOrEqual(65_525);
    expect(fatSectors * 128).toBeGreaterThanOrEqual(clusterCount + 2);
    expect(dataStart + clusterCount * sectorsPerCluster).toBeLessThanOrEqual(totalSectors);
  },
);

test('a stick of 64 GiB gets a partition of 32 GiB, and the rest stays unused', () => {
  const made = stickImage({ totalBytes: 2 * maxStickBytes, files: [board], serial: 1, at: stickMoment });
  if (!made.ok) throw new Error(made.message);
  expect([made.unusedBytes, made.layout.totalSectors * 512]).toEqual([maxStickBytes, maxStickBytes]);
  let total = 0;
  for (const segment of made.segments()) total += segment.kind === 'bytes' ? segment.bytes.length : segment.count;
  expect(total).toBe(2 * maxStickBytes);
});

test('what cannot be made is refused at its field, and nothing is written', () => {
  const order = {
    totalBytes: 64 * mib,
    files: [board],
    serial: 1,
    at: { year: 2026, month: 1, day: 1, hour: 0, minute: 0, second: 0 },
  };
  expect(stickImage({ ...order, totalBytes: 63 * mib })).toMatchObject({ ok: false, field: 'size' });
  expect(stickImage({ ...order, totalBytes: 64 * mib + 1 })).toMatchObject({ ok: false, field: 'size' });
  expect(stickImage({ ...order, files: [{ name: 'a/b.bin', content }] })).toMatchObject({ ok: false, field: 'name' });
  expect(stickImage({ ...order, files: [board, { name: 'board.bin', content }] })).toMatchObject({
    ok: false,
    field: 'name',
  });
  expect(stickImage({ ...order, files: [{ name: 'BIG.BIN', content: new Uint8Array(64 * mib) }] })).toMatchObject({
    ok: false,
    field: 'files',
  });
});

test('short names are their own where they can be, else numbered and never twice', () => {
  const own = (name: string) => {
    const { short, needsLong, caseBits } = shortNameFor(name, new Set());
    return [short, needsLong, caseBits];
  };
  expect(own('BOARD.BIN')).toEqual(['BOARD.BIN', false, 0]);
  expect(own('board.bin')).toEqual(['BOARD.BIN', false, 0x18]);
  expect(own('BOARD.bin')).toEqual(['BOARD.BIN', false, 0x10]);
  expect(own('Board.bin')).toEqual(['BOARD.BIN', true, 0]);
  fc.assert(
    fc.property(fc.array(fc.string({ minLength: 1, maxLength: 20 }), { maxLength: 30 }), (names) => {
      const taken = new Set<string>();
      for (const name of names) {
        const { short } = shortNameFor(name, taken);
        expect(taken.has(short)).toBe(false);
        expect(short).toMatch(/^[^. ]{1,8}(\.[^. ]{1,3})?$/);
        taken.add(short);
      }
    }),
  );
});

test.each(['board.bin', 'Board.Bin', 'BOARD.bin'])(
  '"%s" is found by a board that reads short names only',
  async (name) => {
    const reads = { ...wanted, profile: { shortNamesOnly: true } };
    expect(await codesOf(stickOf([{ name, content }]), reads)).toEqual(['good']);
  },
);

test('a numbered short name beside the wanted one is warned of, and bad where the board reads nothing else', async () => {
  const made = stickOf([{ name: 'Board.Bin', content }]);
  // As some systems write it: the long name is right, the short one is numbered; its checksum is that of the short name.
  const short = 'BOARD~1 BIN';
  let sum = 0;
  for (const char of short) sum = (((sum & 1) << 7) + (sum >> 1) + char.charCodeAt(0)) & 0xff;
  const numbered = changed(made, [rootAt + 13, [sum]], [rootAt + 32, [...strToU8(short)]]);
  expect(await codesOf(numbered, wanted)).toEqual(['good-with-warnings', 'short-alias']);
  expect(await codesOf(numbered, { ...wanted, profile: { shortNamesOnly: true } })).toEqual(['bad', 'short-alias']);
});

test('what the profile of the board says of tables, sizes, names and company governs', async () => {
  const bare = good.slice(partition);
  expect(await codesOf(bare, { ...wanted, profile: { noTable: 'bad' } })).toEqual(['bad', 'no-mbr']);
  expect(await codesOf(bare, { ...wanted, profile: { noTable: 'note' } })).toEqual(['good']);
  const company = stickOf([board, { name: 'notes.txt', content: pattern(90) }]);
  expect(await codesOf(company, { ...wanted, profile: { alone: true } })).toEqual([
    'good-with-warnings',
    'other-files',
  ]);
  const long = stickOf([{ name: 'Tern 1204.bin', content }]);
  expect(await codesOf(long, { ...wanted, names: ['Tern 1204.bin'], profile: { shortNamesOnly: true } })).toEqual([
    'bad',
    'long-name',
  ]);
});

test('any of several accepted names will do, and two of them on one stick are pointed out', async () => {
  const names = ['TERN.CAP', 'BOARD.BIN'];
  expect(await codesOf(good, { ...wanted, names })).toEqual(['good']);
  const both = stickOf([board, { name: 'TERN.CAP', content }]);
  expect(await codesOf(both, { ...wanted, names })).toEqual(['good-with-warnings', 'two-names']);
});

test.each<[string, Uint8Array]>([
  ['still-packed', zipSync({ 'BOARD.BIN': [pattern(mib), { level: 0 }] })],
  ['not-an-image', strToU8('<html><body>Please sign in</body></html>')],
  ['not-an-image', strToU8('MZ and more of a program \0\0')],
])('without a hash the content is looked at as well: %s', async (code, inside) => {
  const [verdict, ...codes] = await codesOf(stickOf([{ name: 'BOARD.BIN', content: inside }]), {
    names: ['BOARD.BIN'],
  });
  expect([verdict, codes.includes(code)]).toEqual(['bad', true]);
});

test.each<[string, string, Uint8Array]>([
  ['hidden-extension', 'BOARD.BIN.bin', stickOf([{ name: 'BOARD.BIN.bin', content }])],
  ['other-name', 'another name', stickOf([{ name: 'Tern1204.bin', content }])],
  ['name-missing', 'nothing', stickOf([{ name: 'notes.txt', content: pattern(900) }])],
  ['empty', 'an empty file', stickOf([{ name: 'BOARD.BIN', content: new Uint8Array(0) }])],
  ['wrong-size', 'a file cut short', stickOf([{ name: 'BOARD.BIN', content: content.slice(0, mib) }])],
  [
    'wrong-hash',
    'one bit changed',
    changed(good, [rootAt + layout.clusterBytes + 5000, [(good[rootAt + layout.clusterBytes + 5000] ?? 0) ^ 1]]),
  ],
  ['gpt', 'a GPT', changed(good, [450, [0xee]])],
  ['partition-type', 'a partition of another type', changed(good, [450, [0x83]])],
  ['no-partition', 'an empty table', changed(good, [450, [0]])],
  ['no-partition-table', 'no signature', changed(good, [510, [0, 0]])],
  ['not-fat32', 'exFAT', changed(good, [partition + 3, Array.from('EXFAT   ', (c) => c.charCodeAt(0))])],
  ['chain-broken', 'a chain that ends early', changed(good, [fatAt + 4 * 100, [0xff, 0xff, 0xff, 0x0f]])],
  ['chain-broken', 'a chain that turns back', changed(good, [fatAt + 4 * 100, [50, 0, 0, 0]])],
])('%s is called out: %s', async (code, _what, bytes) => {
  const [verdict, ...codes] = await codesOf(bytes, wanted);
  expect([verdict, codes.includes(code)]).toEqual(['bad', true]);
});

test.each<[string, Uint8Array]>([
  ['fats-differ', changed(good, [fatAt + layout.fatSectors * 512 + 4 * 9000, [1]])],
  ['label', changed(good, [partition + 71, Array.from('TERN STICK ', (c) => c.charCodeAt(0))])],
  ['backup-boot', changed(good, [partition + 6 * 512 + 90, [1]])],
  ['not-ejected', changed(good, [fatAt + 7, [0x07]], [fatAt + layout.fatSectors * 512 + 7, [0x07]])],
  ['several-partitions', changed(good, [462, [0, 0, 0, 0, 0x83, 0, 0, 0, 0, 8, 0, 0, 0, 8, 0, 0]])],
])('%s is warned of, and the stick may still do', async (code, bytes) => {
  const [verdict, ...codes] = await codesOf(bytes, wanted);
  expect(verdict).toBe('good-with-warnings');
  expect(codes).toContain(code);
});

test('an image in pieces is read through its chain, and the pieces are warned of', async () => {
  const cluster = layout.clusterBytes;
  const at = (n: number) => rootAt + (n - 2) * cluster;
  const entry = (n: number) => [n & 0xff, n >> 8, 0, 0];
  const swapped = changed(
    good,
    [at(10), [...good.slice(at(11), at(12))]],
    [at(11), [...good.slice(at(10), at(11))]],
    // 9 to 11, 11 to 10, 10 to 12; in both tables.
    ...[fatAt, fatAt + layout.fatSectors * 512].flatMap((fat): [number, number[]][] => [
      [fat + 4 * 9, entry(11)],
      [fat + 4 * 11, entry(10)],
      [fat + 4 * 10, entry(12)],
    ]),
  );
  expect(await codesOf(swapped, wanted)).toEqual(['good-with-warnings', 'fragmented']);
});

test('a stick without a partition table is read all the same, with a warning', async () => {
  expect(await codesOf(good.slice(partition), wanted)).toEqual(['good-with-warnings', 'no-mbr']);
});

test('every reason says what to do unless there is nothing to do', async () => {
  const { reasons } = await judge(changed(good, [450, [0xee]]), wanted);
  for (const { severity, fix } of reasons) if (severity !== 'note') expect(fix).not.toBe('');
});

test('a stick cut off anywhere in its tables is refused, never a crash', async () => {
  const cuts = [
    0,
    1,
    511,
    512,
    1023,
    partition,
    partition + 511,
    fatAt,
    fatAt + 100,
    rootAt - 1,
    rootAt,
    rootAt + 40,
    rootAt + 5000,
  ];
  for (const cut of cuts) expect((await judge(good.slice(0, cut), wanted)).verdict).toBe('bad');
});

test('whatever is changed in the tables, a verdict comes, and soon', async () => {
  const small = stickOf([{ name: 'BOARD.BIN', content: pattern(20_000) }]);
  const places = [...Array(512).keys()].flatMap((i) => [i, partition + i, fatAt + i, rootAt + i]);
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.constantFrom(...places), fc.nat(255)), { minLength: 1, maxLength: 12 }),
      async (changes) => {
        const original = changes.map(([place]) => [place, [small[place] ?? 0]] as const);
        for (const [place, value] of changes) small[place] = value;
        const { verdict } = await checkStick(inMemory(small), { names: ['BOARD.BIN'] });
        for (const [place, values] of original.reverse()) small.set(values, place);
        expect(['good', 'good-with-warnings', 'bad']).toContain(verdict);
      },
    ),
    { numRuns: 400, seed: 7 },
  );
});

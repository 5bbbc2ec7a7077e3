import { execFileSync } from 'node:child_process';
import { readdirSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { at, codes, probe, sha256, tool } from './testing-cli';

/** The command line against the tools of others: what it makes they must read, what they make it must judge right. */
const image = at('tern.bin');
const bytes = Buffer.alloc(2 ** 20 + 4097);
for (let i = 0; i < bytes.length; i++) bytes[i] = (i * 7 + (i >> 8)) & 0xff;
writeFileSync(image, bytes);
const offset = '@@1M';

test.each(['64MiB', '1GiB', '8GiB', '32GiB', '64GiB'])(
  'a stick of %s passes fsck.vfat and is read back by mtools',
  (size) => {
    const out = at(`${size}.img`);
    const made = probe(
      'stick',
      'make',
      '--image',
      image,
      '--name',
      'BOARD.BIN',
      '--original',
      'Tern 1204 (rev 2).bin',
      '--size',
      size,
      '--out',
      out,
    );
    expect([made.status, made.error]).toEqual([0, '']);
    // The partition alone: fsck.vfat looks at a file from its start. Tables and files stand in its first MiB, the rest is a hole.
    tool('dd', `if=${out}`, `of=${at('part')}`, 'bs=1M', 'skip=1', 'count=48', 'conv=sparse');
    truncateSync(at('part'), Math.min(statSync(out).size, 2 ** 35) - 2 ** 20);
    expect(tool('/usr/sbin/fsck.vfat', '-n', at('part'))).toMatch(/: 2 files, \d+\/\d+ clusters/);
    expect(
      tool('mdir', '-b', '-i', out + offset, '::')
        .trim()
        .split('\n'),
    ).toEqual(['::/BOARD.BIN', '::/Tern 1204 (rev 2).bin']);
    tool('mcopy', '-n', '-i', out + offset, '::BOARD.BIN', at('back'));
    expect(sha256(at('back'))).toBe(sha256(image));
    rmSync(at('back'));
    expect(tool('/usr/sbin/sfdisk', '-d', out)).toMatch(/start=\s*2048, size=\s*\d+, type=c\b/);
    const checked = probe(
      'stick',
      'check',
      out,
      '--name',
      'BOARD.BIN',
      '--bytes',
      String(bytes.length),
      '--sha256',
      sha256(image),
    );
    expect([checked.status, checked.value?.['verdict']]).toEqual([0, 'good']);
    rmSync(out);
  },
);

test('a stick packed as it is made is what it would be unpacked', () => {
  const packed = at('stick.img.gz');
  const made = probe('stick', 'make', '--image', image, '--name', 'BOARD.BIN', '--size', '300MiB', '--out', packed);
  expect(made.status).toBe(0);
  expect(statSync(packed).size).toBeLessThan(4 * 2 ** 20);
  expect(probe('stick', 'check', packed, '--name', 'BOARD.BIN', '--sha256', sha256(image)).value).toEqual({
    verdict: 'good',
    reasons: [],
  });
  tool('gunzip', packed);
  expect(statSync(at('stick.img')).size).toBe(300 * 2 ** 20);
  tool('mcopy', '-n', '-i', at('stick.img') + offset, '::BOARD.BIN', at('unpacked'));
  expect(sha256(at('unpacked'))).toBe(sha256(image));
});

test('a packed stick that is cut off is refused, and the exit code says so', () => {
  const packed = at('cut.img');
  probe('stick', 'make', '--image', image, '--name', 'BOARD.BIN', '--size', '64MiB', '--out', `${packed}.gz`);
  truncateSync(`${packed}.gz`, 5000);
  const checked = probe('stick', 'check', `${packed}.gz`, '--name', 'BOARD.BIN');
  expect([checked.status, checked.value]).toEqual([1, null]);
  expect(checked.error).toContain('cut.img.gz');
});

/** A stick made by the system's own tools. */
function foreign(
  name: string,
  {
    type = 'c',
    label = 'dos',
    mkfs = ['-F', '32'],
    more = '',
  }: { type?: string; label?: string; mkfs?: string[]; more?: string } = {},
): string {
  const stick = at(name);
  writeFileSync(stick, '');
  truncateSync(stick, 128 * 2 ** 20);
  execFileSync('/usr/sbin/sfdisk', ['-q', stick], {
    input: `label: ${label}\nstart=2048,${more ? ' size=190000,' : ''} type=${type}\n${more}`,
    stdio: ['pipe', 'ignore', 'pipe'],
  });
  tool('/usr/sbin/mkfs.vfat', ...mkfs, '--offset', '2048', stick, String(more ? 95_000 : (128 - 1) * 1024));
  return stick;
}
const check = (stick: string, ...more: string[]) => probe('stick', 'check', stick, '--name', 'BOARD.BIN', ...more);

test('a stick of other tools with the image under its name is good, packed with gzip as well', () => {
  const stick = foreign('good.img');
  tool('mcopy', '-i', stick + offset, image, '::BOARD.BIN');
  expect([check(stick, '--sha256', sha256(image)).value?.['verdict'], codes(check(stick))]).toEqual(['good', []]);
  tool('gzip', '-k', '-1', stick);
  expect(check(`${stick}.gz`).value?.['verdict']).toBe('good');
});

test('wrong name, folder, label, file system and table are called out on sticks of other tools', () => {
  const doubled = foreign('doubled.img');
  tool('mcopy', '-i', doubled + offset, image, '::BOARD.BIN.bin');
  expect([check(doubled).status, codes(check(doubled))]).toEqual([1, ['hidden-extension']]);
  const inFolder = foreign('folder.img', { mkfs: ['-F', '32', '-n', 'TERN'] });
  tool('mmd', '-i', inFolder + offset, '::update');
  tool('mcopy', '-i', inFolder + offset, image, '::update/BOARD.BIN');
  expect(codes(check(inFolder)).sort()).toEqual(['in-folder', 'label']);
  expect(codes(check(foreign('fat16.img', { type: 'e', mkfs: ['-F', '16'] })))).toEqual([
    'partition-type',
    'not-fat32',
  ]);
  expect(codes(check(foreign('gpt.img', { label: 'gpt', type: 'EBD0A0A2-B9E5-4433-87C0-68B6B72699C7' })))).toEqual([
    'gpt',
  ]);
});

test('a second partition and an image in many pieces on sticks of other tools are called out', () => {
  const two = foreign('two.img', { more: 'start=200000, size=2048, type=83\n' });
  tool('mcopy', '-i', two + offset, image, '::BOARD.BIN');
  expect(codes(check(two))).toEqual(['several-partitions']);
  const pieces = foreign('pieces.img');
  // Full of small files but for the gaps that every second one leaves: the image must lie in many pieces.
  const small = Array.from({ length: 60 }, (_, n) => at(`small${n}`));
  for (const file of small) writeFileSync(file, Buffer.alloc(40_960, 1));
  tool('mcopy', '-i', pieces + offset, ...small, '::');
  const free = /([\d ]+) bytes free/.exec(tool('mdir', '-i', pieces + offset, '::'))?.[1]?.replaceAll(' ', '');
  writeFileSync(at('rest'), Buffer.alloc(Number(free), 2));
  tool('mcopy', '-i', pieces + offset, at('rest'), '::REST');
  tool('mdel', '-i', pieces + offset, ...small.filter((_, n) => n % 2 === 0).map((_, n) => `::small${2 * n}`));
  tool('mcopy', '-n', '-i', pieces + offset, image, '::BOARD.BIN');
  expect([check(pieces, '--sha256', sha256(image)).value?.['verdict'], codes(check(pieces))]).toEqual([
    'good-with-warnings',
    ['fragmented'],
  ]);
});

test('the volumes of the free UEFI images are read as they are', () => {
  const { value } = probe('firmware', 'inspect', '/usr/share/OVMF/OVMF_CODE_4M.fd');
  expect(value).toMatchObject({
    kind: 'image',
    bytes: 3_653_632,
    sha256: sha256('/usr/share/OVMF/OVMF_CODE_4M.fd'),
    volumes: [
      { offset: 0, guid: '8c8ce578-8a3d-4f1c-9935-896185c32dd3', lengthBytes: 3_440_640, headerChecksumValid: true },
      { offset: 3_440_640, lengthBytes: 212_992, headerChecksumValid: true },
    ],
  });
});

test.each(readdirSync('/usr/share/OVMF').filter((name) => name.endsWith('.fd')))(
  'every volume of %s adds up, and together they fill the image from its start',
  (name) => {
    const path = `/usr/share/OVMF/${name}`;
    const volumes = probe('firmware', 'inspect', path).value?.['volumes'] as {
      offset: number;
      lengthBytes: number;
      headerChecksumValid: boolean;
    }[];
    expect(volumes.map(({ headerChecksumValid }) => headerChecksumValid)).not.toContain(false);
    expect(volumes[0]?.offset).toBe(0);
    volumes.slice(1).forEach(({ offset }, i) => {
      expect(offset).toBeGreaterThanOrEqual((volumes[i]?.offset ?? 0) + (volumes[i]?.lengthBytes ?? 0));
    });
    const last = volumes.at(-1);
    expect((last?.offset ?? 0) + (last?.lengthBytes ?? 0)).toBeLessThanOrEqual(statSync(path).size);
  },
);

test('what cannot be done is refused with its option, and leaves nothing behind', () => {
  const out = at('never.img');
  const refused = probe('stick', 'make', '--image', image, '--name', 'BO/ARD.BIN', '--size', '64MiB', '--out', out);
  expect([refused.status, refused.error]).toEqual([1, expect.stringContaining('name: expected no "/" in a name')]);
  expect(probe('stick', 'make', '--image', image, '--name', 'B.BIN', '--size', '63MiB', '--out', out).error).toContain(
    '64 MiB to 32 GiB',
  );
  expect(probe('stick', 'make', '--image', image, '--name', 'B.BIN', '--size', 'big', '--out', out).error).toContain(
    '--size: expected',
  );
  expect(() => statSync(out)).toThrow('ENOENT');
  expect(probe('stick', 'check', at('missing.img'), '--name', 'B.BIN').status).toBe(1);
  expect(probe('stick', 'make', '--name', 'B.BIN').error).toContain('stick make: expected --image');
});

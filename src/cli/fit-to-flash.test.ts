import { rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { zipSync } from 'fflate';
import { at, codes, folder, probe, sha256, tool } from './testing-cli';

/** Names, several images, what a board reads, and what is fit to flash, on the command line. */

const image = at('tern.bin');
const bytes = Buffer.alloc(2 ** 20 + 4097);
for (let i = 0; i < bytes.length; i++) bytes[i] = (i * 7 + (i >> 8)) & 0xff;
writeFileSync(image, bytes);
const offset = '@@1M';

test.each(['board.bin', 'Board.bin', 'BOARD.bin'])('"%s" has the same short name for other tools', (name) => {
  const out = at('case.img');
  expect(probe('stick', 'make', '--image', image, '--name', name, '--size', '64MiB', '--out', out).status).toBe(0);
  // mdir without -b lists the short name first.
  expect(tool('mdir', '-i', out + offset, '::')).toMatch(/^board\s+bin\s/im);
  tool('mcopy', '-n', '-i', out + offset, '::BOARD.BIN', at('back'));
  expect(sha256(at('back'))).toBe(sha256(image));
  rmSync(at('back'));
  tool('dd', `if=${out}`, `of=${at('part')}`, 'bs=1M', 'skip=1', 'conv=sparse');
  truncateSync(at('part'), statSync(out).size - 2 ** 20);
  expect(tool('/usr/sbin/fsck.vfat', '-n', at('part'))).toMatch(/: 1 files/);
  expect(probe('stick', 'check', out, '--name', 'BOARD.BIN', '--sha256', sha256(image)).value?.['verdict']).toBe(
    'good',
  );
  rmSync(out);
});

test('several images come onto one stick, the first under the name of the board, with a list', () => {
  const [second, out] = [at('tern-r10.bin'), at('several.img')];
  writeFileSync(second, Buffer.concat([bytes, Buffer.from([1])]));
  const both = ['--image', `R5=${image}`, '--image', `R10=${second}`];
  const made = probe('stick', 'make', ...both, '--name', 'BOARD.BIN', '--size', '64MiB', '--out', out);
  expect([made.status, made.error]).toEqual([0, '']);
  expect(
    tool('mdir', '-b', '-i', out + offset, '::')
      .trim()
      .split('\n'),
  ).toEqual(['::/BOARD.BIN', '::/tern.bin', '::/tern-r10.bin', '::/LIST.TXT']);
  expect(tool('mtype', '-i', out + offset, '::LIST.TXT')).toContain('2. tern-r10.bin: version R10');
  rmSync(out);
});

test('a board that reads short names only is told by its book, and any accepted name will do', () => {
  const book = at('board.json');
  const flash = {
    port: 'p',
    button: 'b',
    holdSeconds: 3,
    fileName: 'TERN.CAP',
    otherFileNames: ['BOARD.BIN'],
    reads: { alone: true },
    plugs: [],
    phases: [],
    worstSeconds: 600,
    gaveUpWithinSeconds: 15,
  };
  const revisions = [{ revision: '1', processors: [], releases: [{ version: 'A', date: '2025-01-01' }] }];
  writeFileSync(book, JSON.stringify({ format: 'jovial-probe/board', version: 1, model: 'T', revisions, flash }));
  const out = at('alone.img');
  probe(
    'stick',
    'make',
    '--image',
    image,
    '--name',
    'BOARD.BIN',
    '--original',
    'notes.bin',
    '--size',
    '64MiB',
    '--out',
    out,
  );
  const judged = probe('stick', 'check', out, '--board', book, '--sha256', sha256(image));
  expect([judged.value?.['verdict'], codes(judged)]).toEqual(['good-with-warnings', ['other-files']]);
  expect(probe('stick', 'check', out, '--name', 'X.CAP,BOARD.BIN', '--sha256', sha256(image)).value?.['verdict']).toBe(
    'good',
  );
  rmSync(out);
});

test('an image other than the wanted one makes no stick, and what is fit to flash says so by its exit', () => {
  const out = at('never.img');
  const wrong = ['--sha256', '0'.repeat(64)];
  const refused = probe(
    'stick',
    'make',
    '--image',
    image,
    '--name',
    'B.BIN',
    '--size',
    '64MiB',
    '--out',
    out,
    ...wrong,
  );
  expect([refused.status, refused.error]).toEqual([1, expect.stringContaining('Nothing was made.')]);
  const zip = at('tern.zip');
  writeFileSync(
    zip,
    zipSync({ 'a/tern.bin': [bytes.subarray(0, 2 ** 20), { level: 0 }], 'a/x.bin': [bytes, { level: 0 }] }),
  );
  const inspected = probe('firmware', 'inspect', zip, '--sha256', sha256(image), '--bytes', String(bytes.length));
  expect([inspected.status, inspected.value?.['isFit'], inspected.value?.['image']]).toEqual([
    0,
    true,
    expect.objectContaining({ name: 'x.bin', entry: 'a/x.bin' }),
  ]);
  expect(probe('firmware', 'inspect', zip, ...wrong).status).toBe(1);
  expect(probe('firmware', 'inspect', image).status).toBe(1);
  writeFileSync(at('page.bin'), '<!DOCTYPE html><html></html>');
  const page = probe('firmware', 'inspect', at('page.bin'));
  expect([page.status, page.value?.['kind']]).toEqual([1, 'web-page']);
  expect(probe('firmware', 'inspect', zip, '--sha256', 'abc').status).toBe(2);
});

test('a folder, a missing folder and a device that is no stick get a clear error', () => {
  const make = (out: string) =>
    probe('stick', 'make', '--image', image, '--name', 'B.BIN', '--size', '64MiB', '--out', out);
  expect(make(at('missing/stick.img'))).toMatchObject({
    status: 1,
    error: expect.stringContaining('--out: ') as string,
  });
  expect(make(folder)).toMatchObject({ status: 1, error: expect.stringContaining('--out: ') as string });
  const check = probe('stick', 'check', folder, '--name', 'B.BIN');
  expect(check).toMatchObject({ status: 1, error: expect.stringContaining('found a folder') as string });
  const inspected = probe('firmware', 'inspect', folder);
  expect(inspected).toMatchObject({ status: 1, error: expect.stringContaining('found a folder') as string });
});

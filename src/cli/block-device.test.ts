import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { blockDevice, whyNotWritten } from './block-device';

/** What the system would say of its disks, as files of our own. */
const folder = mkdtempSync(join(tmpdir(), 'probe-disks-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const classes = join(folder, 'class');
const mounts = join(folder, 'mounts');
mkdirSync(classes);
function disk(name: string, { removable, sectors = 4096 }: { removable: 0 | 1; sectors?: number }): string {
  const own = join(folder, 'devices', name);
  mkdirSync(join(own, `${name}1`), { recursive: true });
  writeFileSync(join(own, 'removable'), `${removable}\n`);
  writeFileSync(join(own, 'size'), `${sectors}\n`);
  writeFileSync(join(own, `${name}1`, 'partition'), '1\n');
  writeFileSync(join(own, `${name}1`, 'size'), `${sectors - 2048}\n`);
  symlinkSync(own, join(classes, name));
  symlinkSync(join(own, `${name}1`), join(classes, `${name}1`));
  for (const node of [name, `${name}1`]) writeFileSync(join(folder, node), '');
  return join(folder, name);
}
const stick = disk('stickz', { removable: 1 });
const inner = disk('innerz', { removable: 0 });
const busy = disk('busyz', { removable: 1 });
writeFileSync(mounts, `${busy}1 /media/my\\040stick vfat rw 0 0\n${stick}x /elsewhere ext4 rw 0 0\n`);
const facts = (path: string) => blockDevice(path, { classes, mounts });

test('a stick is told from a disk within the machine, by size and by whether it can be pulled out', () => {
  expect(facts(stick)).toMatchObject({ bytes: 4096 * 512, isRemovable: true, isPartition: false, mountedAt: [] });
  expect(facts(inner).isRemovable).toBe(false);
  expect(facts(`${stick}1`)).toMatchObject({ isPartition: true, isRemovable: true, bytes: 2048 * 512 });
  expect(facts(busy).mountedAt).toEqual(['/media/my stick']);
});

test.each([
  [`${stick}1`, 'one part of a disk'],
  [busy, 'is in use at /media/my stick'],
  [inner, 'cannot be pulled out'],
  [stick, '--yes-erase'],
])('%s is not written: %s', (path, why) => {
  expect(whyNotWritten(facts(path), undefined, path)).toContain(why);
});

test('a stick is written only when it is named in full', () => {
  expect(whyNotWritten(facts(stick), stick, stick)).toBeNull();
  expect(whyNotWritten(facts(stick), `${stick}1`, stick)).not.toBeNull();
  expect(whyNotWritten(facts(inner), inner, inner)).not.toBeNull();
});

import { deflateSync, strToU8, zipSync } from 'fflate';
import { inspectFirmware, openDownload, sha256Of, type ImageWanted } from '..';
import { mib, pattern } from '../stick/testing-stick';
import { findCabinet, openCabinet } from './cabinet';
import { firmwareVolumes } from './uefi-volumes';

/** What a download can be besides an image, and how the image in it is found. */

const text = (value: string) => strToU8(value);
const joined = (...parts: Uint8Array[]): Uint8Array => {
  const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
};

test.each<[string, string, Uint8Array]>([
  ['a web page', 'web-page', text('<!DOCTYPE html><html><head><title>Not found</title></head></html>')],
  ['a web page with a head of its own', 'web-page', text('<?xml version="1.0"?>\n<!-- x --><html></html>')],
  ['a program', 'program', joined(text('MZ'), pattern(4000))],
  ['another program', 'program', joined(text('\x7fELF'), pattern(4000))],
  ['a 7z archive', 'package', joined(Uint8Array.from([0x37, 0x7a, 0xbc, 0xaf, 0x27, 0x1c]), pattern(4000))],
  ['a gzip', 'package', joined(Uint8Array.from([0x1f, 0x8b, 8]), pattern(4000))],
  ['a document', 'document', text('%PDF-1.7 and so on')],
  ['a note', 'text', text('Flash at your own risk.\r\nÄnderungen: keine.')],
])('%s is no image', (_what, kind, bytes) => {
  const padded = kind === 'text' || kind === 'web-page' ? bytes : joined(bytes, new Uint8Array(mib - bytes.length));
  expect(inspectFirmware(padded)).toMatchObject({ kind, reasons: [{ code: 'not-an-image', severity: 'bad' }] });
});

/** A capsule header (UEFI specification, EFI_CAPSULE_HEADER) before its payload. */
function capsule(payload: Uint8Array, stated = 28 + payload.length): Uint8Array {
  const head = new Uint8Array(28);
  const view = new DataView(head.buffer);
  head.set([0xed, 0xd5, 0xcb, 0x6d, 0x2d, 0xe8, 0x44, 0x4c, 0xbd, 0xa1, 0x71, 0x94, 0x19, 0x9a, 0xd9, 0x2a]);
  view.setUint32(16, 28, true);
  view.setUint32(20, 0x10000, true);
  view.setUint32(24, stated, true);
  return joined(head, payload);
}

test('a capsule is told by its header, and checked against the length that it states', () => {
  const whole = capsule(pattern(9000));
  expect(inspectFirmware(whole)).toMatchObject({
    kind: 'capsule',
    capsule: { guid: '6dcbd5ed-e82d-4c44-bda1-7194199ad92a', headerBytes: 28, flags: 0x10000, statedBytes: 9028 },
  });
  expect(inspectFirmware(whole).reasons.map(({ code }) => code)).toEqual(['capsule']);
  expect(inspectFirmware(whole.slice(0, 5000)).reasons.map(({ code }) => code)).toEqual(['cut', 'capsule']);
  expect(inspectFirmware(joined(whole, pattern(10))).reasons.map(({ code }) => code)).toEqual([
    'after-capsule',
    'capsule',
  ]);
  const foreign = whole.slice();
  foreign[0] = 1;
  expect([inspectFirmware(foreign).kind, inspectFirmware(foreign.slice(0, 5000)).kind]).toEqual(['capsule', 'unknown']);
});

const image = pattern(mib, 5);
const other = pattern(mib, 6);
const open = (content: Uint8Array, wanted: ImageWanted = {}) =>
  openDownload({ name: 'download', content }, { wanted, hash: sha256Of });

test('where several entries could be the image the hash chooses, then the name, then the size', async () => {
  const zip = zipSync({ 'a/OLD.BIN': [other, { level: 0 }], 'b/NEW.BIN': [image, { level: 0 }] });
  const byHash = await open(zip, { sha256: sha256Of(image).toUpperCase() });
  expect([byHash.image?.entry, byHash.isFit, byHash.reasons.map(({ code }) => code)]).toEqual([
    'b/NEW.BIN',
    true,
    ['no-volumes'],
  ]);
  expect((await open(zip, { names: ['new.bin'] })).image?.entry).toBe('b/NEW.BIN');
  const wrong = await open(zip, { sha256: '0'.repeat(64) });
  expect([wrong.isFit, wrong.reasons.map(({ code }) => code)]).toEqual([false, expect.arrayContaining(['wrong-hash'])]);
});

test('an archive within an archive is said, and nothing is fit', async () => {
  const inner = zipSync({ 'BOARD.BIN': [image, { level: 0 }] });
  const named = await open(zipSync({ 'update.zip': [inner, { level: 0 }], 'read me.txt': text('x') }));
  expect([named.isFit, named.reasons.map(({ code }) => code)]).toEqual([false, ['archive-in-archive']]);
  // Under the name of an image it is looked into all the same.
  const hidden = await open(zipSync({ 'BOARD.BIN': [inner, { level: 0 }] }));
  expect([hidden.isFit, hidden.image?.inspection.kind]).toEqual([false, 'archive']);
});

test('a program that carries a zip behind itself is opened and not run', async () => {
  const zip = zipSync({ 'BOARD.BIN': [image, { level: 0 }], 'rename.exe': text('MZ') });
  const found = await open(joined(text('MZ'), pattern(5000), zip), { sha256: sha256Of(image) });
  expect([found.file.kind, found.image?.name, found.isFit]).toEqual(['package', 'BOARD.BIN', true]);
  expect(found.reasons.map(({ code }) => code)).toContain('tool-inside');
});

/** A cabinet written here from its published layout: one folder, deflated blocks of at most 32 KiB. */
function cabinet(name: string, content: Uint8Array): Uint8Array {
  const blocks: Uint8Array[] = [];
  for (let at = 0; at < content.length; at += 32_768) {
    const part = content.subarray(at, at + 32_768);
    const before = content.subarray(Math.max(0, at - 32_768), at);
    const packed = joined(text('CK'), deflateSync(part, before.length > 0 ? { dictionary: before } : {}));
    const head = new DataView(new ArrayBuffer(8));
    head.setUint16(4, packed.length, true);
    head.setUint16(6, part.length, true);
    blocks.push(new Uint8Array(head.buffer), packed);
  }
  const file = new DataView(new ArrayBuffer(16));
  file.setUint32(0, content.length, true);
  const files = joined(new Uint8Array(file.buffer), text(`${name}\0`));
  const head = new DataView(new ArrayBuffer(36));
  head.setUint32(0, 0x4643534d, true);
  head.setUint32(16, 44, true);
  head.setUint16(24, 0x0103, true);
  head.setUint16(26, 1, true);
  head.setUint16(28, 1, true);
  const folder = new DataView(new ArrayBuffer(8));
  folder.setUint32(0, 44 + files.length, true);
  folder.setUint16(4, blocks.length / 2, true);
  folder.setUint16(6, 1, true);
  return joined(new Uint8Array(head.buffer), new Uint8Array(folder.buffer), files, ...blocks);
}

test('a cabinet is opened, by itself and in a program that carries one', async () => {
  // What repeats over the edges of blocks needs the block before.
  const content = new Uint8Array(mib);
  for (let at = 0; at < mib; at += 1000) content.set(image.subarray(0, Math.min(1000, mib - at)), at);
  const whole = cabinet('BOARD.BIN', content);
  const found = await open(whole, { sha256: sha256Of(content) });
  expect([found.file.kind, found.image?.name, found.isFit]).toEqual(['archive', 'BOARD.BIN', true]);
  const program = joined(text('MZ'), pattern(3000), whole);
  expect(findCabinet(program)).toBe(3002);
  expect((await open(program, { sha256: sha256Of(content) })).isFit).toBe(true);
});

test.each([
  ['cut off', (bytes: Uint8Array) => bytes.slice(0, 300)],
  ['of several parts', (bytes: Uint8Array) => bytes.with(30, 1)],
  ['packed another way', (bytes: Uint8Array) => bytes.with(42, 3)],
  ['with a file outside of it', (bytes: Uint8Array) => bytes.with(44, 0xff)],
])('a cabinet %s gives nothing', (_what, change) => {
  const opened = openCabinet(change(cabinet('B.BIN', pattern(40_000))), 0);
  const read = opened.ok ? opened.read('B.BIN') : opened;
  expect(read).toMatchObject({ ok: false });
});

test('a file full of marks of volumes is given up on soon', () => {
  const flood = new Uint8Array(8 * mib);
  for (let at = 0; at < flood.length; at += 4) flood.set([0x5f, 0x46, 0x56, 0x48], at);
  flood[0] = 0;
  expect(firmwareVolumes(flood).isFlooded).toBe(true);
  expect(inspectFirmware(flood).reasons.map(({ code }) => code)).toContain('too-many-volumes');
});

import { zipSync } from 'fflate';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { checkStick, inspectFirmware, layStick, openArchive, sha256Of, type StickSource } from '.';
import { openCabinet } from './download/cabinet';
import { pattern, stickOf } from './stick/testing-stick';

/** Mutated sticks, archives and images against the parsers: seeded, so that a finding can be made again. */

export interface FuzzFinding {
  readonly input: 'stick' | 'archive' | 'image' | 'cabinet' | 'flood';
  readonly round: number;
  readonly error: string;
}

export interface FuzzReport {
  readonly rounds: number;
  readonly findings: readonly FuzzFinding[];
  /** How the inputs were answered, by verdict or kind. */
  readonly answers: Readonly<Record<string, number>>;
  readonly slowestMs: number;
}

type Random = (below: number) => number;

const content = pattern(9_000);
const contentHash = sha256Of(content);
const stick = stickOf([
  { name: 'BOARD.BIN', content },
  { name: 'A long name (rev 2).bin', content },
]);
const archive = zipSync(
  { 'release/board.bin': pattern(30_000), 'release/read me.txt': pattern(300), 'release/tool/x.exe': pattern(2000) },
  { level: 6 },
);

/** A cabinet with one folder of two files, packed plainly. */
const cabinet = (() => {
  const names = ['board.bin', 'read me.txt'];
  const [folderAt, filesAt] = [36, 44];
  const dataAt = filesAt + names.reduce((sum, name) => sum + 17 + name.length, 0);
  const bytes = new Uint8Array(dataAt + 8 + 6000);
  const view = new DataView(bytes.buffer);
  view.setUint32(0, 0x4643534d, true);
  view.setUint32(16, filesAt, true);
  view.setUint16(24, 0x0103, true);
  view.setUint16(26, 1, true);
  view.setUint16(28, names.length, true);
  view.setUint32(folderAt, dataAt, true);
  view.setUint16(folderAt + 4, 1, true);
  let at = filesAt;
  names.forEach((name, i) => {
    view.setUint32(at, 3000, true);
    view.setUint32(at + 4, 3000 * i, true);
    for (let k = 0; k < name.length; k++) bytes[at + 16 + k] = name.charCodeAt(k);
    at += 17 + name.length;
  });
  view.setUint16(dataAt + 4, 6000, true);
  view.setUint16(dataAt + 6, 6000, true);
  bytes.set(pattern(6000), dataAt + 8);
  return bytes;
})();

/** A flash image with two volumes whose headers add up (UEFI PI, volume 3, section 3.2.1). */
const image = (() => {
  const bytes = pattern(0x20000);
  for (const [offset, length] of [
    [0, 0x8000],
    [0x10000, 0x10000],
  ] as const) {
    const view = new DataView(bytes.buffer, offset);
    bytes.fill(0, offset, offset + 72);
    view.setUint32(16, 0x8c8ce578, true);
    view.setUint32(32, length, true);
    view.setUint32(40, 0x4856465f, true);
    view.setUint16(48, 72, true);
    view.setUint32(56, length >> 9, true);
    view.setUint32(60, 0x200, true);
    let sum = 0;
    for (let i = 0; i < 72; i += 2) sum += view.getUint16(i, true);
    view.setUint16(50, -sum & 0xffff, true);
  }
  return bytes;
})();

const extremes = [0, 1, 0x7f, 0x80, 0xff, 0xffff, 0x7fffffff, 0x80000000, 0xffffffff, 0x0fffffff, 0x200];

/** Where the structures of the stick lie: that is where a change hurts. */
const spots = (() => {
  const laid = layStick(stick.length);
  if (!laid.ok) throw new Error(laid.message);
  const { dataStart, fatSectors } = laid.layout;
  const partition = 2048 * 512;
  const fat = partition + 32 * 512;
  return [
    [0, 512],
    [partition, 90],
    [partition + 512, 512],
    [partition + 6 * 512, 90],
    [fat, 1200],
    [fat + fatSectors * 512, 1200],
    [dataStart * 512, 512],
  ] as const;
})();

/** Some bytes changed near structures, and now and then the end cut off. */
function mutate(
  bytes: Uint8Array,
  places: readonly (readonly [at: number, length: number])[],
  random: Random,
): Uint8Array {
  const cut = random(6) === 0 ? random(bytes.length) : bytes.length;
  const copy = bytes.slice(0, cut);
  const view = new DataView(copy.buffer);
  for (let n = 1 + random(4); n > 0; n--) {
    const [at, length] = places[random(places.length)] ?? [0, 1];
    const offset = at + random(length);
    if (offset + 4 > copy.length) continue;
    const extreme = extremes[random(extremes.length)] ?? 0;
    switch (random(4)) {
      case 0:
        copy[offset] = random(256);
        break;
      case 1:
        view.setUint16(offset, extreme & 0xffff, true);
        break;
      case 2:
        view.setUint32(offset, extreme, true);
        break;
      case 3:
        copy.copyWithin(offset, at, Math.min(at + length, copy.length));
        break;
    }
  }
  return copy;
}

/** Changes of the stick lie over the one image, which is never copied whole. */
function mutatedStick(random: Random): StickSource {
  const bytes = random(6) === 0 ? random(stick.length) : stick.length;
  const patches = Array.from({ length: 1 + random(4) }, () => {
    const [at, length] = spots[random(spots.length)] ?? [0, 1];
    const value = random(2) === 0 ? (extremes[random(extremes.length)] ?? 0) : random(2 ** 31);
    return { at: at + random(length), value, width: [1, 2, 4][random(3)] ?? 1 };
  });
  return {
    bytes,
    read: (offset, length) => {
      if (offset < 0 || length < 0 || offset + length > bytes) throw new Error('asked for more than there is');
      const hit = patches.filter(({ at, width }) => at + width > offset && at < offset + length);
      if (hit.length === 0) return Promise.resolve(stick.subarray(offset, offset + length));
      const part = stick.slice(offset, offset + length);
      for (const { at, value, width } of hit)
        for (let i = 0; i < width; i++) {
          const place = at + i - offset;
          if (place >= 0 && place < length) part[place] = (value >>> (8 * i)) & 0xff;
        }
      return Promise.resolve(part);
    },
  };
}

const wholeOf = (bytes: Uint8Array) =>
  [
    [0, Math.min(bytes.length, 2000)],
    [Math.max(0, bytes.length - 2000), Math.min(2000, bytes.length)],
    [0, bytes.length],
  ] as const;

/** What parsers look for, over and over: each place is one where they might begin. */
const tokens = ['_FVH', '_', 'MSCF', 'PK\x01\x02', 'PK\x05\x06', 'PK\x03\x04', 'MZ', 'M', '<html'];

/** A file full of such marks, begun like one kind or another, with some bytes changed. */
function flood(random: Random): Uint8Array {
  const token = tokens[random(tokens.length)] ?? '_FVH';
  const bytes = new Uint8Array(2 ** (14 + random(9)));
  for (let i = 0; i < bytes.length; i++) bytes[i] = token.charCodeAt(i % token.length);
  const start = ['', 'MZ', 'PK\x03\x04', 'MSCF', '\0'][random(5)] ?? '';
  for (let i = 0; i < start.length; i++) bytes[i] = start.charCodeAt(i);
  return mutate(bytes, wholeOf(bytes), random);
}

/** Plays mutated inputs of each kind, `rounds` in all. Every one must be answered; whatever is thrown is a finding. */
export async function fuzz(rounds: number, seed: number, now: () => number): Promise<FuzzReport> {
  const generator = xoroshiro128plus(seed);
  const random: Random = (below) => (below <= 1 ? 0 : uniformInt(generator, 0, below - 1));
  const findings: FuzzFinding[] = [];
  const answers: Record<string, number> = {};
  let slowestMs = 0;
  const kinds = ['stick', 'archive', 'image', 'cabinet'] as const;
  for (let round = 0; round < rounds; round++) {
    const input = round % 500 === 499 ? 'flood' : (kinds[round % kinds.length] ?? 'stick');
    const begin = now();
    try {
      const answer = `${input}: ${await answerOf(input, random)}`;
      answers[answer] = (answers[answer] ?? 0) + 1;
    } catch (error) {
      findings.push({ input, round, error: error instanceof Error ? (error.stack ?? error.message) : String(error) });
    }
    slowestMs = Math.max(slowestMs, now() - begin);
  }
  return { rounds, findings, answers, slowestMs };
}

async function answerOf(input: FuzzFinding['input'], random: Random): Promise<string> {
  switch (input) {
    case 'stick':
      return (
        await checkStick(mutatedStick(random), { names: ['BOARD.BIN'], bytes: content.length, sha256: contentHash })
      ).verdict;
    case 'archive': {
      const opened = openArchive(mutate(archive, wholeOf(archive), random));
      if (!opened.ok) return opened.problem.code;
      const read = opened.entries.map(({ name }) => opened.read(name));
      return read.every(({ ok }) => ok) ? 'unpacked' : 'refused entry';
    }
    case 'cabinet': {
      const opened = openCabinet(mutate(cabinet, wholeOf(cabinet), random), 0);
      if (!opened.ok) return opened.problem.code;
      return opened.entries.every(({ name }) => opened.read(name).ok) ? 'unpacked' : 'refused entry';
    }
    case 'flood':
      return inspectFirmware(flood(random)).kind;
    case 'image':
      return inspectFirmware(
        mutate(
          image,
          [
            [0, 80],
            [0x10000, 80],
            [0, image.length],
          ],
          random,
        ),
      ).kind;
  }
}

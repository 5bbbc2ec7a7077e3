import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import crc32 from 'crc-32';
import type { ArchiveEntry, OpenedArchive } from './archive';
import { findCabinet, openCabinet } from './cabinet';
import { capsuleOf, reasonsOfCapsule, type Capsule } from './capsule';
import { hasText } from './fields';
import { bad, note, warning, type Reason } from './reasons';
import { foreignKind, type Foreign } from './recognise';
import { firmwareVolumes, type FirmwareVolume, type FoundVolumes } from './uefi-volumes';
import { openArchive } from './zip-archive';

export interface Inspection {
  /**
   * archive: a zip or a cabinet. package: another archive, or a program that unpacks itself; its entries are listed where
   * it holds a zip or a cabinet. image: holds firmware volumes, or has the size of one. capsule: a UEFI capsule.
   * erased: one byte over and over.
   */
  readonly kind: 'archive' | 'image' | 'capsule' | 'erased' | 'empty' | 'unknown' | Foreign['kind'];
  readonly bytes: number;
  readonly crc32: string;
  readonly sha256: string;
  readonly volumes: readonly FirmwareVolume[];
  readonly capsule: Capsule | null;
  /** Of an archive. */
  readonly entries: readonly ArchiveEntry[];
  /** Entries that can be the image, the likeliest first. */
  readonly candidates: readonly string[];
  readonly reasons: readonly Reason[];
}

const mib = 2 ** 20;
const minImageBytes = mib / 2;

export const sha256Of = (bytes: Uint8Array): string => bytesToHex(sha256(bytes));
export const crc32Text = (bytes: Uint8Array): string => (crc32.buf(bytes) >>> 0).toString(16).padStart(8, '0');

/** True if every byte is the same: a chip that was erased, or a file that was never written. */
export function isErased(bytes: Uint8Array): boolean {
  const [first] = bytes;
  if (first !== 0xff && first !== 0) return false;
  return bytes.every((byte) => byte === first);
}

const isZip = (bytes: Uint8Array): boolean => hasText(bytes, 0, 'PK\x03') || hasText(bytes, 0, 'PK\x05');
/** Chips have sizes of a power of two; an image is one of those, or a little more with a header before it. */
const isChipSize = (bytes: number): boolean => bytes >= minImageBytes && Number.isInteger(Math.log2(bytes));
const neverImages =
  /\.(txt|pdf|exe|nsh|efi|md|html?|rtf|docx?|png|jpe?g|bat|cmd|sh|ini|inf|sys|dll|zip|7z|rar|gz|cab)$/i;
const programs = /\.(exe|com|bat|cmd|sh|nsh|efi)$/i;

/** Opens a zip, a cabinet, or the one that a program carries behind itself; null where the file is none of them. */
export function openPacked(bytes: Uint8Array): OpenedArchive | null {
  if (isZip(bytes)) return openArchive(bytes);
  if (hasText(bytes, 0, 'MSCF')) return openCabinet(bytes, 0);
  if (!hasText(bytes, 0, 'MZ')) return null;
  const zip = openArchive(bytes);
  if (zip.ok && zip.entries.length > 0) return zip;
  const cabinet = findCabinet(bytes);
  return cabinet < 0 ? null : openCabinet(bytes, cabinet);
}

/**
 * What a downloaded file is: an archive with its image in it, an image with its volumes, or neither, and what is wrong.
 * `sha256` saves analysis it here where the system has a quicker way.
 */
export function inspectFirmware(
  bytes: Uint8Array,
  { sha256: hash = sha256Of(bytes) }: { readonly sha256?: string } = {},
): Inspection {
  const base = { bytes: bytes.length, crc32: crc32Text(bytes), sha256: hash };
  return { ...base, ...lookInto(bytes) };
}

type Found = Omit<Inspection, 'bytes' | 'crc32' | 'sha256'>;

const nothing = { volumes: [], capsule: null, entries: [], candidates: [] } as const;

function lookInto(bytes: Uint8Array): Found {
  if (bytes.length === 0)
    return { ...nothing, kind: 'empty', reasons: [bad('empty', 'The file is empty.', 'Download it again.')] };
  const opened = openPacked(bytes);
  if (opened) {
    const kind = hasText(bytes, 0, 'MZ') ? 'package' : 'archive';
    return { ...nothing, kind, ...inspectArchive(opened) };
  }
  if (isErased(bytes))
    return {
      ...nothing,
      kind: 'erased',
      reasons: [bad('erased', 'Every byte is the same: this is not firmware.', 'Download it again.')],
    };
  const foreign = foreignKind(bytes);
  if (foreign)
    return {
      ...nothing,
      kind: foreign.kind,
      reasons: [bad('not-an-image', `This is ${foreign.says}, not a firmware image.`, foreign.fix)],
    };
  const found = firmwareVolumes(bytes);
  const capsule = capsuleOf(bytes);
  if (capsule)
    return {
      ...nothing,
      kind: 'capsule',
      capsule,
      volumes: found.volumes,
      reasons: [...reasonsOfCapsule(capsule, bytes.length), ...reasonsOfVolumes(found)],
    };
  const isImage = found.volumes.length > 0 || isChipSize(bytes.length);
  return {
    ...nothing,
    kind: isImage ? 'image' : 'unknown',
    volumes: found.volumes,
    reasons: isImage
      ? [...reasonsOfImage(bytes, found.volumes), ...reasonsOfVolumes(found)]
      : [
          warning(
            'unrecognised',
            'It has neither a firmware volume nor the size of a chip: nothing says that this is an image.',
            'Compare its SHA-256 with the one on the board’s own page.',
          ),
        ],
  };
}

function reasonsOfVolumes({ volumes, isFlooded }: FoundVolumes): Reason[] {
  const reasons: Reason[] = [];
  if (volumes.some(({ isCut, headerChecksumValid }) => isCut && headerChecksumValid))
    reasons.push(bad('cut', 'A firmware volume extends beyond the end: the file is cut off.', 'Download it again.'));
  const wrong = volumes.filter(({ headerChecksumValid }) => !headerChecksumValid).length;
  if (wrong > 0)
    reasons.push(
      bad('volume-checksum', `${wrong} of ${volumes.length} volume headers have a bad checksum.`, 'Download it again.'),
    );
  if (isFlooded)
    reasons.push(
      bad('too-many-volumes', 'It has more marks of firmware volumes than any image.', 'Download it again.'),
    );
  return reasons;
}

function reasonsOfImage(bytes: Uint8Array, volumes: readonly FirmwareVolume[]): Reason[] {
  const reasons: Reason[] = [];
  if (volumes.length === 0)
    reasons.push(
      warning(
        'no-volumes',
        'It contains no UEFI firmware volume.',
        'Make sure that this is the image and not a note or tool.',
      ),
    );
  if (!isChipSize(bytes.length))
    reasons.push(note('odd-size', `${bytes.length} bytes is not a chip size; some images have a header in front.`));
  return reasons;
}

function inspectArchive(opened: OpenedArchive): Pick<Inspection, 'entries' | 'candidates' | 'reasons'> {
  if (!opened.ok)
    return {
      entries: [],
      candidates: [],
      reasons: [bad(opened.problem.code, opened.problem.message, 'Download it again from the board’s own page.')],
    };
  const candidates = opened.entries
    .filter(({ name, bytes: size }) => size >= minImageBytes && !neverImages.test(name))
    .sort((a, b) => Number(isChipSize(b.bytes)) - Number(isChipSize(a.bytes)) || b.bytes - a.bytes)
    .map(({ name }) => name);
  return { entries: opened.entries, candidates, reasons: reasonsOfEntries(opened.entries, candidates) };
}

function reasonsOfEntries(entries: readonly ArchiveEntry[], candidates: readonly string[]): Reason[] {
  const reasons: Reason[] = [];
  const inner = entries.find(({ name, bytes }) => /\.(zip|7z|rar|cab)$/i.test(name) && bytes >= minImageBytes / 4);
  if (candidates.length === 0)
    reasons.push(
      inner
        ? bad(
            'archive-in-archive',
            `The image is in another archive in it, "${inner.name}".`,
            'Unpack this one, then open the one inside.',
          )
        : bad(
            'no-image',
            'No file in the archive is large enough to be the image.',
            'Check whether it is the right download.',
          ),
    );
  if (candidates.length > 1)
    reasons.push(
      warning(
        'several-candidates',
        `${candidates.length} files could be the image.`,
        'Choose the name given in the release notes.',
      ),
    );
  const tools = entries.filter(({ name }) => programs.test(name));
  const [tool] = tools;
  if (tool)
    reasons.push(
      note(
        'tool-inside',
        `${tools.length === 1 ? `"${tool.name}" is a program` : `${tools.length} programs`} in it, often for giving the image its name: nothing in it is run.`,
        'Give the image the name of the board book here.',
      ),
    );
  return reasons;
}

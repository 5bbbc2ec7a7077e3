import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import crc32 from 'crc-32';
import { firmwareVolumes, type FirmwareVolume } from './uefi-volumes';
import { openArchive, type ArchiveEntry } from './zip-archive';

export type Severity = 'bad' | 'warning' | 'note';

export interface Reason {
  readonly code: string;
  readonly severity: Severity;
  readonly message: string;
  /** What to do about it; empty where there is nothing to do. */
  readonly fix: string;
}

export interface Inspection {
  /** archive: a zip. image: holds firmware volumes, or has the size of one. erased: one byte over and over. */
  readonly kind: 'archive' | 'image' | 'erased' | 'empty' | 'unknown';
  readonly bytes: number;
  readonly crc32: string;
  readonly sha256: string;
  readonly volumes: readonly FirmwareVolume[];
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

const isArchive = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && (bytes[2] === 3 || bytes[2] === 5);
/** Chips have sizes of a power of two; an image is one of those, or a little more with a header before it. */
const isChipSize = (bytes: number): boolean => bytes >= minImageBytes && Number.isInteger(Math.log2(bytes));
const neverImages = /\.(txt|pdf|exe|nsh|efi|md|html?|rtf|docx?|png|jpe?g|bat|cmd|sh|ini|inf|sys|dll)$/i;

/**
 * What a downloaded file is: an archive with its image in it, an image with its volumes, or neither, and what is wrong.
 * `sha256` saves analysis it here where the system has a quicker way.
 */
export function inspectFirmware(
  bytes: Uint8Array,
  { sha256: hash = sha256Of(bytes) }: { readonly sha256?: string } = {},
): Inspection {
  const base = { bytes: bytes.length, crc32: crc32Text(bytes), sha256: hash };
  const nothing = { volumes: [], entries: [], candidates: [] };
  if (bytes.length === 0)
    return { ...base, ...nothing, kind: 'empty', reasons: [bad('empty', 'The file is empty.', 'Download it again.')] };
  if (isArchive(bytes)) return { ...base, kind: 'archive', volumes: [], ...inspectArchive(bytes) };
  if (isErased(bytes))
    return {
      ...base,
      ...nothing,
      kind: 'erased',
      reasons: [bad('erased', 'Every byte is the same: this is not firmware.', 'Download it again.')],
    };
  const volumes = firmwareVolumes(bytes);
  return {
    ...base,
    ...nothing,
    kind: volumes.length > 0 || isChipSize(bytes.length) ? 'image' : 'unknown',
    volumes,
    reasons: reasonsOfImage(bytes, volumes),
  };
}

const reason =
  (severity: Severity) =>
  (code: string, message: string, fix = ''): Reason => ({ code, severity, message, fix });
export const bad = reason('bad');
export const warning = reason('warning');
export const note = reason('note');

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
  if (volumes.some(({ isCut }) => isCut))
    reasons.push(bad('cut', 'A firmware volume extends beyond the end: the file is cut off.', 'Download it again.'));
  const wrong = volumes.filter(({ headerChecksumValid }) => !headerChecksumValid).length;
  if (wrong > 0)
    reasons.push(
      bad('volume-checksum', `${wrong} of ${volumes.length} volume headers have a bad checksum.`, 'Download it again.'),
    );
  if (!isChipSize(bytes.length))
    reasons.push(note('odd-size', `${bytes.length} bytes is not a chip size; some images have a header in front.`));
  return reasons;
}

function inspectArchive(bytes: Uint8Array): Pick<Inspection, 'entries' | 'candidates' | 'reasons'> {
  const opened = openArchive(bytes);
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
  const reasons =
    candidates.length === 0
      ? [
          bad(
            'no-image',
            'No file in the archive is large enough to be the image.',
            'Check whether it is the right download.',
          ),
        ]
      : candidates.length > 1
        ? [
            warning(
              'several-candidates',
              `${candidates.length} files could be the image.`,
              'Choose the name given in the release notes.',
            ),
          ]
        : [];
  return { entries: opened.entries, candidates, reasons };
}

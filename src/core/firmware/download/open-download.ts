import { inspectFirmware, openPacked, type Inspection } from './inspect-firmware';
import { bad, isBad, note, type Reason } from './reasons';

/** What the image has to be, as far as it is known: from the board book, or as typed. */
export interface ImageWanted {
  readonly bytes?: number | undefined;
  readonly sha256?: string | undefined;
  /** Names that the board looks for, or that the notes give. */
  readonly names?: readonly string[] | undefined;
}

export interface OpenedImage {
  /** Its own name, without folders. */
  readonly name: string;
  /** The entry of the archive; null where the file itself is the image. */
  readonly entry: string | null;
  readonly content: Uint8Array;
  readonly inspection: Inspection;
}

export interface Download {
  readonly file: Inspection;
  /** What is taken for the image. */
  readonly image: OpenedImage | null;
  /** What is wrong with it as an image, and how it stands to what is wanted. */
  readonly reasons: readonly Reason[];
  /** There is an image, and nothing speaks against flashing it. */
  readonly isFit: boolean;
}

interface Opening {
  readonly wanted?: ImageWanted;
  /** An entry of the archive that a person chose. */
  readonly entry?: string | null;
  readonly hash: (bytes: Uint8Array) => Promise<string> | string;
}

/** Entries that are unpacked in search of the one with the wanted hash. */
const maxTried = 16;

const baseName = (path: string): string => path.split('/').at(-1) ?? path;
const isSame = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

/** Opens a download as far as its image, chosen by hash, name or size where several could be it, and judges that. */
export async function openDownload(
  { name, content }: { readonly name: string; readonly content: Uint8Array },
  { wanted = {}, entry = null, hash }: Opening,
): Promise<Download> {
  const inspect = async (bytes: Uint8Array) => inspectFirmware(bytes, { sha256: await hash(bytes) });
  const file = await inspect(content);
  const packed = openPacked(content);
  if (!packed?.ok) {
    const image = { name: baseName(name), entry: null, content, inspection: file };
    return judged(file, image, compare(image, wanted), wanted);
  }
  const chosen = entry ?? (await chooseEntry(packed, file.candidates, { wanted, hash }));
  if (chosen === null) return { file, image: null, reasons: file.reasons, isFit: false };
  const read = packed.read(chosen);
  if (!read.ok) {
    const problem = bad(read.problem.code, read.problem.message, 'Download it again.');
    return { file, image: null, reasons: [...file.reasons, problem], isFit: false };
  }
  const image = {
    name: baseName(chosen),
    entry: chosen,
    content: read.content,
    inspection: await inspect(read.content),
  };
  const others = file.reasons.filter(({ code }) => code !== 'several-candidates' || wanted.sha256 === undefined);
  return judged(file, image, [...others, ...compare(image, wanted)], wanted);
}

function judged(file: Inspection, image: OpenedImage, reasons: readonly Reason[], { sha256 }: ImageWanted): Download {
  // The maker's own hash says more than what the content looks like.
  const isListed = sha256 !== undefined && isSame(sha256, image.inspection.sha256);
  const own = image.inspection.reasons.map((one): Reason =>
    isListed && one.severity === 'warning' ? note(one.code, one.message) : one,
  );
  const all = image.entry === null ? [...own, ...reasons] : [...reasons, ...own];
  const isImage = image.inspection.kind === 'image' || image.inspection.kind === 'capsule' || isListed;
  return { file, image, reasons: all, isFit: isImage && !all.some(isBad) };
}

async function chooseEntry(
  packed: Extract<ReturnType<typeof openPacked>, { readonly ok: true }>,
  candidates: readonly string[],
  { wanted, hash }: Required<Pick<Opening, 'wanted' | 'hash'>>,
): Promise<string | null> {
  if (wanted.sha256 !== undefined)
    for (const name of candidates.slice(0, maxTried)) {
      const read = packed.read(name);
      if (read.ok && isSame(await hash(read.content), wanted.sha256)) return name;
    }
  const byName = candidates.find((name) => wanted.names?.some((one) => isSame(one, baseName(name))));
  const sizes = new Map(packed.entries.map((one) => [one.name, one.bytes]));
  const bySize = candidates.filter((name) => sizes.get(name) === wanted.bytes);
  return byName ?? (bySize.length === 1 ? bySize[0] : undefined) ?? candidates[0] ?? null;
}

function compare({ name, inspection }: OpenedImage, { bytes, sha256, names }: ImageWanted): Reason[] {
  const reasons: Reason[] = [];
  if (bytes !== undefined && inspection.bytes !== bytes)
    reasons.push(
      bad('wrong-size', `The image has ${inspection.bytes} bytes, not ${bytes}.`, 'Check version, board and revision.'),
    );
  if (sha256 !== undefined && !isSame(sha256, inspection.sha256))
    reasons.push(
      bad(
        'wrong-hash',
        `The SHA-256 of the image is ${inspection.sha256}, not ${sha256.toLowerCase()}.`,
        'Another version, another board, or damaged: download it again.',
      ),
    );
  if (names && names.length > 0 && !names.some((one) => isSame(one, name)))
    reasons.push(
      note(
        'other-name',
        `It is called "${name}"; the board looks for ${names.join(' or ')}.`,
        'Make the stick here: it gives it that name.',
      ),
    );
  return reasons;
}

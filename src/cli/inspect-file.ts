import { basename } from 'node:path';
import { openDownload, type ImageWanted, type Inspection } from '../core/firmware';
import type { Answer } from './answer';
import { lines } from './print-reasons';
import { hash, readOrRefuse } from './read-file';

/** What a downloaded file is, and whether the image in it is fit to flash. */
export async function inspectFile(path: string, wanted: ImageWanted): Promise<Answer> {
  const content = readOrRefuse(path);
  const download = await openDownload({ name: basename(path), content }, { wanted, hash });
  const { file, image, isFit } = download;
  const value = {
    ...file,
    reasons: download.reasons,
    image: image && { name: image.name, entry: image.entry, ...factsOf(image.inspection) },
    isFit,
  };
  return { ok: isFit, value, text: printInspection(value) };
}

const factsOf = ({ kind, bytes, crc32, sha256, volumes, capsule }: Inspection) => ({
  kind,
  bytes,
  crc32,
  sha256,
  volumes,
  capsule,
});

type Inspected = Inspection & {
  readonly image: (ReturnType<typeof factsOf> & { readonly name: string; readonly entry: string | null }) | null;
  readonly isFit: boolean;
};

const printInspection = ({
  kind,
  bytes,
  crc32,
  sha256,
  entries,
  candidates,
  reasons,
  image,
  isFit,
}: Inspected): string =>
  [
    `${kind}, ${bytes} bytes`,
    `  CRC-32  ${crc32}`,
    `  SHA-256 ${sha256}`,
    ...entries.map(
      (entry) => `  ${entry.name}: ${entry.bytes} bytes${candidates.includes(entry.name) ? ', can be the image' : ''}`,
    ),
    ...(image?.entry ? [`${image.entry}: ${image.kind}, ${image.bytes} bytes`, `  SHA-256 ${image.sha256}`] : []),
    ...(image?.volumes ?? []).map(
      ({ offset, guid, lengthBytes, headerChecksumValid }) =>
        `  volume at 0x${offset.toString(16)}: ${guid}, ${lengthBytes} bytes, header ${headerChecksumValid ? 'adds up' : 'does not add up'}`,
    ),
    ...lines(reasons),
    isFit ? 'Nothing speaks against flashing it.' : 'It is not fit to flash.',
    '',
  ].join('\n');

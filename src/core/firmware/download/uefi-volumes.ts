import { ByteReader, OutOfBounds } from '../byte-reader';

/** One firmware volume of a UEFI image (PI specification, volume 3, EFI_FIRMWARE_VOLUME_HEADER). */
export interface FirmwareVolume {
  readonly offset: number;
  /** Of its file system, in the usual notation. */
  readonly guid: string;
  readonly lengthBytes: number;
  readonly headerChecksumValid: boolean;
  /** It says that it is longer than what is left of the image. */
  readonly isCut: boolean;
}

/** "_FVH", in the header at this offset. */
const signature = [0x5f, 0x46, 0x56, 0x48] as const;
const signatureOffset = 40;
const minHeaderBytes = 56;
const maxHeaderBytes = 4096;
/** An image holds a handful; more are not listed. */
const maxVolumes = 4096;

const hex = (bytes: Uint8Array): string => [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');

/** A GUID as it is written: the first three groups are little-endian numbers. */
function guidAt(reader: ByteReader, offset: number): string {
  const group = (at: number, length: number) => hex(Uint8Array.from(reader.bytes(offset + at, length)).reverse());
  const plain = (at: number, length: number) => hex(reader.bytes(offset + at, length));
  return [group(0, 4), group(4, 2), group(6, 2), plain(8, 2), plain(10, 6)].join('-');
}

/**
 * Every firmware volume in an image, in order; volumes inside of volumes are part of the outer one and not listed. A
 * signature whose header makes no sense is passed over. A header is valid if its 16-bit words sum to zero.
 */
export function firmwareVolumes(image: Uint8Array): FirmwareVolume[] {
  const reader = new ByteReader(image, 'firmware');
  const volumes: FirmwareVolume[] = [];
  let from = signatureOffset;
  while (volumes.length < maxVolumes) {
    const at = findSignature(image, from);
    if (at < 0) return volumes;
    const volume = volumeAt(reader, at - signatureOffset);
    if (volume) volumes.push(volume);
    from = volume
      ? Math.max(at + 4, Math.min(image.length, volume.offset + volume.lengthBytes) + signatureOffset)
      : at + 4;
  }
  return volumes;
}

function findSignature(image: Uint8Array, from: number): number {
  for (let at = image.indexOf(signature[0], from); at >= 0; at = image.indexOf(signature[0], at + 1))
    if (signature.every((byte, i) => image[at + i] === byte)) return at;
  return -1;
}

function volumeAt(reader: ByteReader, offset: number): FirmwareVolume | null {
  try {
    const lengthBytes = reader.u64(offset + 32);
    const headerBytes = reader.u16(offset + 48);
    const makesSense = headerBytes >= minHeaderBytes && headerBytes <= maxHeaderBytes && headerBytes % 2 === 0;
    if (!makesSense || lengthBytes < headerBytes) return null;
    let sum = 0;
    for (let at = 0; at < headerBytes; at += 2) sum = (sum + reader.u16(offset + at)) & 0xffff;
    return {
      offset,
      guid: guidAt(reader, offset + 16),
      lengthBytes,
      headerChecksumValid: sum === 0,
      isCut: offset + lengthBytes > reader.length,
    };
  } catch (error) {
    if (error instanceof OutOfBounds) return null;
    throw error;
  }
}

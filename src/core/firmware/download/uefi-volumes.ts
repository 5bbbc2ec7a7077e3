import { guidAt, u16At, u64At } from './fields';

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

export interface FoundVolumes {
  readonly volumes: readonly FirmwareVolume[];
  /** It has more signatures than any image: not all were looked at. */
  readonly isFlooded: boolean;
}

const signatureOffset = 40;
const minHeaderBytes = 56;
const maxHeaderBytes = 4096;
/** An image holds a handful; more are not listed, and no more signatures are looked at. */
const maxVolumes = 4096;
const maxSignatures = 16_384;

/**
 * Every firmware volume in an image, in order; volumes inside of volumes are part of the outer one and not listed. A
 * signature whose header makes no sense is passed over. A header is valid if its 16-bit words sum to zero; one that is
 * not is listed, and what it says of its length is not believed.
 */
export function firmwareVolumes(image: Uint8Array): FoundVolumes {
  const volumes: FirmwareVolume[] = [];
  let from = signatureOffset;
  for (let seen = 0; ; seen++) {
    const at = findSignature(image, from);
    if (at < 0) return { volumes, isFlooded: false };
    if (seen >= maxSignatures || volumes.length >= maxVolumes) return { volumes, isFlooded: true };
    const volume = volumeAt(image, at - signatureOffset);
    if (volume) volumes.push(volume);
    from = volume?.headerChecksumValid
      ? Math.max(at + 4, Math.min(image.length, volume.offset + volume.lengthBytes) + signatureOffset)
      : at + 4;
  }
}

/** "_FVH": the letter that is looked at first stands last, so that most places are stepped over. */
function findSignature(image: Uint8Array, from: number): number {
  for (let at = from + 3; at < image.length;) {
    const byte = image[at];
    if (byte === 0x48 && image[at - 1] === 0x56 && image[at - 2] === 0x46 && image[at - 3] === 0x5f) return at - 3;
    at += byte === 0x56 ? 1 : byte === 0x46 ? 2 : byte === 0x5f ? 3 : 4;
  }
  return -1;
}

function volumeAt(image: Uint8Array, offset: number): FirmwareVolume | null {
  if (offset < 0 || offset + minHeaderBytes > image.length) return null;
  const lengthBytes = u64At(image, offset + 32);
  const headerBytes = u16At(image, offset + 48);
  const makesSense = headerBytes >= minHeaderBytes && headerBytes <= maxHeaderBytes && headerBytes % 2 === 0;
  if (!makesSense || !Number.isSafeInteger(lengthBytes) || lengthBytes < headerBytes) return null;
  if (offset + headerBytes > image.length) return null;
  let sum = 0;
  for (let at = 0; at < headerBytes; at += 2) sum += u16At(image, offset + at);
  return {
    offset,
    guid: guidAt(image, offset + 16),
    lengthBytes,
    headerChecksumValid: (sum & 0xffff) === 0,
    isCut: offset + lengthBytes > image.length,
  };
}

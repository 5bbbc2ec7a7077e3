import { guidAt, u32At } from './fields';
import { bad, note, warning, type Reason } from './reasons';

/** The header of a UEFI capsule (UEFI specification, EFI_CAPSULE_HEADER). */
export interface Capsule {
  readonly guid: string;
  readonly headerBytes: number;
  readonly flags: number;
  /** Header and payload together, as it says itself. */
  readonly statedBytes: number;
}

const leastHeaderBytes = 28;
const mostHeaderBytes = 4096;
/** The lower half is the maker's; of the upper half three flags are defined. */
const definedFlags = 0x0007_ffff;
/** EFI_FIRMWARE_MANAGEMENT_CAPSULE_ID_GUID. */
const managementGuid = '6dcbd5ed-e82d-4c44-bda1-7194199ad92a';

/**
 * The capsule that a file is, or null. Makers give their capsules GUIDs of their own: those are told by a header that
 * makes sense and states the length of the very file.
 */
export function capsuleOf(bytes: Uint8Array): Capsule | null {
  if (bytes.length < leastHeaderBytes) return null;
  const capsule = {
    guid: guidAt(bytes, 0),
    headerBytes: u32At(bytes, 16),
    flags: u32At(bytes, 20),
    statedBytes: u32At(bytes, 24),
  };
  const makesSense =
    capsule.headerBytes >= leastHeaderBytes &&
    capsule.headerBytes <= mostHeaderBytes &&
    capsule.statedBytes > capsule.headerBytes &&
    (capsule.flags & ~definedFlags) === 0;
  const isNamed = capsule.guid === managementGuid;
  return makesSense && (isNamed || capsule.statedBytes === bytes.length) ? capsule : null;
}

export function reasonsOfCapsule({ headerBytes, statedBytes }: Capsule, bytes: number): Reason[] {
  const size =
    statedBytes > bytes
      ? [bad('cut', `It says that it has ${statedBytes} bytes and has ${bytes}: cut off.`, 'Download it again.')]
      : statedBytes < bytes
        ? [warning('after-capsule', `${bytes - statedBytes} bytes stand behind its end.`, 'Compare its SHA-256.')]
        : [];
  return [
    ...size,
    note(
      'capsule',
      `A UEFI capsule: ${headerBytes} bytes of header before the image. It is made for an update from setup or from the running system.`,
      'Flash a bare board with it only if its manual says so.',
    ),
  ];
}

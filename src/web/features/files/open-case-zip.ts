import { unzip, type Unzipped } from 'fflate';
import { FILE_ENDINGS, MOST_BYTES, STORED_KINDS, type StoredKind } from '../../../core/attachments';
import type { CaseEvent } from '../../../core/casework';
import { openCaseFile, type OpenedFile } from './open-case-file';

/** A photo or another file that came with a case. */
export interface CameAlong {
  /** As the log names it. */
  readonly file: string;
  readonly as: StoredKind;
  readonly sha256: string;
  readonly bytes: Blob;
}

/** A case file, with the photos that lie beside it where it is an archive. */
export interface OpenedCase extends OpenedFile {
  readonly photos: readonly CameAlong[];
  /** How many files the log names that are not in the archive. */
  readonly missing: number;
}

type Opened = { readonly ok: true; readonly file: OpenedCase } | { readonly ok: false; readonly problem: string };

const mostArchiveBytes = 400_000_000;
const mostEntryBytes = Math.max(...Object.values(MOST_BYTES));
const mostTogether = 1_000_000_000;

/** Opens a case file or an archive with one. Failure: why it is none, in words. */
export async function openCase(file: File): Promise<Opened> {
  if (!/\.zip$/i.test(file.name)) return withPhotos(await openCaseFile(file), {});
  if (file.size > mostArchiveBytes)
    return { ok: false, problem: `${file.name}: expected at most ${mostArchiveBytes / 1e6} MB, found more.` };
  const files = await unpacked(file);
  if (typeof files === 'string') return { ok: false, problem: `${file.name}: ${files}` };
  const logs = Object.entries(files).filter(([name]) => /^[^/]+\.json$/.test(name));
  const [log] = logs;
  if (!log || logs.length > 1)
    return { ok: false, problem: `${file.name}: expected one case file (.json) in it, found ${logs.length}.` };
  return withPhotos(await openCaseFile(new File([Uint8Array.from(log[1])], log[0])), files);
}

/** What each entry unpacks to is bounded before it is unpacked. */
async function unpacked(file: File): Promise<Unzipped | string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let together = 0;
  return new Promise((resolve) => {
    unzip(
      bytes,
      {
        filter: ({ name, originalSize }) => {
          together += originalSize;
          return (
            originalSize <= mostEntryBytes && together <= mostTogether && /^(?:[^/]+\.json|files\/[^/]+)$/.test(name)
          );
        },
      },
      (error, files) => resolve(error ? 'expected a zip archive, found something else.' : files),
    );
  });
}

type Attached = Extract<CaseEvent, { kind: 'file-attached' }>;

function withPhotos(opened: Awaited<ReturnType<typeof openCaseFile>>, files: Unzipped): Opened {
  if (!opened.ok) return opened;
  const named = opened.file.events.filter((event): event is Attached => event.kind === 'file-attached');
  const kept = named.filter((event): event is Attached & { as: StoredKind } =>
    STORED_KINDS.some((as) => as === event.as),
  );
  const photos = kept.flatMap(({ file, as, sha256 }): CameAlong[] => {
    const [, bytes] = Object.entries(files).find(([name]) => name.endsWith(`-${file}.${FILE_ENDINGS[as]}`)) ?? [];
    return bytes ? [{ file, as, sha256, bytes: new Blob([Uint8Array.from(bytes)]) }] : [];
  });
  return { ok: true, file: { ...opened.file, photos, missing: kept.length - photos.length } };
}

import { MEDIA_TYPES, type StoredKind } from '../../core/attachments';
import { problemSchema } from '../../contracts';
import { isPassing } from '../device/queue-tools';
import { ProblemError } from './problem-error';
import type { QueuedFile, SentFile } from '../device/file-queue';

/** A photo on a slow line takes a while. */
const timeoutMs = 55_000;

export const attachmentPath = (caseId: string, file: string): string => `/api/cases/${caseId}/attachments/${file}`;
export const previewPath = (caseId: string, file: string): string => `${attachmentPath(caseId, file)}/preview`;

/** Sends the bytes of a file and its small picture; harmless to do again. */
export async function sendAttachment({ caseId, event, bytes, preview }: QueuedFile): Promise<SentFile> {
  const sent = await putBytes(caseId, { file: event.file, as: event.as as StoredKind, sha256: event.sha256, bytes });
  if (sent.kind !== 'stored' || !preview) return sent;
  // Without the small picture the strip shows the large one.
  await put(previewPath(caseId, event.file), preview, { 'content-type': MEDIA_TYPES.picture }).catch(() => null);
  return sent;
}

export interface Bytes {
  readonly file: string;
  readonly as: StoredKind;
  /** Hexadecimal. */
  readonly sha256: string;
  readonly bytes: Blob;
}

/** Sends the bytes of a file to a case. */
export async function putBytes(caseId: string, { file, as, sha256, bytes }: Bytes): Promise<SentFile> {
  try {
    const answer = await put(`${attachmentPath(caseId, file)}?as=${as}`, bytes, {
      'content-type': MEDIA_TYPES[as],
      'content-digest': `sha-256=:${base64Of(sha256)}:`,
    });
    if (answer.ok) return { kind: 'stored' };
    if (isPassing(answer.status)) return { kind: 'away' };
    const problem = problemSchema.safeParse(await answer.json().catch(() => null));
    return {
      kind: 'refused',
      message: problem.success ? new ProblemError(problem.data).message : `HTTP ${answer.status}`,
    };
  } catch {
    return { kind: 'away' };
  }
}

const put = (path: string, body: Blob, headers: Record<string, string>): Promise<Response> =>
  fetch(path, { method: 'PUT', body, headers, signal: AbortSignal.timeout(timeoutMs) });

/** Hexadecimal digits as base64. */
const base64Of = (hex: string): string =>
  btoa(String.fromCharCode(...(hex.match(/../g) ?? []).map((byte) => parseInt(byte, 16))));

import type { CaseDetail } from '../../contracts';
import { FILE_ENDINGS } from '../../core/attachments';
import type { StoredAttachment } from '../repositories/attachments';
import { caseNumber } from '../../core/wording';
import { caseFileOf } from './case-file-of';
import type { ZipEntry } from './zip-stream';

/** A case with its photos and other files. */
export interface WholeCase {
  readonly detail: CaseDetail;
  /** Those whose bytes are there. */
  readonly files: readonly (StoredAttachment & { readonly pieces: AsyncIterable<Uint8Array> })[];
}

/**
 * A case as files of an archive: the case file, and under files/ the photos and the rest, in the order in which they
 * came. Each is named by its id, under which the log has its hash.
 */
export function* caseZipEntries({ detail, files }: WholeCase, folder = ''): Generator<ZipEntry> {
  const name = `case-${caseNumber(detail.number)}`;
  yield { name: `${folder}${name}.json`, content: new TextEncoder().encode(JSON.stringify(caseFileOf(detail))) };
  for (const [index, { id, kind, pieces }] of files.entries())
    yield {
      name: `${folder}files/${String(index + 1).padStart(3, '0')}-${id}.${FILE_ENDINGS[kind]}`,
      content: pieces,
    };
}

import type { StoredKind } from '../../core/attachments';
import type { Queryable } from '../database/in-shop';

/** What is kept of a file besides its bytes. */
export interface StoredAttachment {
  readonly id: string;
  readonly kind: StoredKind;
  /** Under which its pieces lie; null once they are erased. */
  readonly upload: string | null;
  readonly bytes: number;
  readonly sha256: string;
  readonly width: number | null;
  readonly height: number | null;
  readonly storedAt: Date;
}

const columns = `
  id,
  kind,
  upload,
  bytes::float8 AS bytes,
  sha256,
  width,
  height,
  stored_at AS "storedAt"`;

/** One file of a case, or null. */
export async function findAttachment(db: Queryable, caseId: string, id: string): Promise<StoredAttachment | null> {
  const { rows } = await db.query<StoredAttachment>(
    `SELECT ${columns}
     FROM attachments
     WHERE case_id = $1
       AND id = $2`,
    [caseId, id],
  );
  return rows[0] ?? null;
}

/** All files of a case that its log speaks of, in the order in which they came. */
export async function listAttachments(db: Queryable, caseId: string): Promise<StoredAttachment[]> {
  const { rows } = await db.query<StoredAttachment>(
    `SELECT ${columns}
     FROM attachments
     WHERE case_id = $1
       AND is_logged
     ORDER BY stored_at, id
     LIMIT 1000`,
    [caseId],
  );
  return rows;
}

/** What the log of a case says of a file already, as in one that came from another bench; null for nothing. */
export async function findLoggedFile(
  db: Queryable,
  caseId: string,
  id: string,
): Promise<{ readonly sha256: string } | null> {
  const { rows } = await db.query<{ sha256: string }>(
    `SELECT event ->> 'sha256' AS sha256
     FROM case_events
     WHERE case_id = $1
       AND event ->> 'kind' = 'file-attached'
       AND event ->> 'file' = $2
     LIMIT 1`,
    [caseId, id],
  );
  return rows[0] ?? null;
}

/** Adds a file whose pieces are there; false if there is one under this id, or no such case in the shop. */
export async function insertAttachment(
  db: Queryable,
  caseId: string,
  { id, kind, upload, bytes, sha256, width, height, storedAt }: StoredAttachment,
): Promise<boolean> {
  const { rowCount } = await db.query(
    `INSERT INTO attachments (case_id, id, shop_id, kind, upload, bytes, sha256, width, height, stored_at)
     SELECT c.id, $2, c.shop_id, $3, $4, $5, $6, $7, $8, $9
     FROM cases c
     WHERE c.id = $1
     ON CONFLICT (case_id, id) DO NOTHING`,
    [caseId, id, kind, upload, bytes, sha256, width, height, storedAt],
  );
  return rowCount === 1;
}

/** A piece of a file that is arriving. */
export interface Piece {
  readonly upload: string;
  readonly position: number;
  readonly at: Date;
  readonly bytes: Buffer;
}

export async function insertPiece(db: Queryable, { upload, position, at, bytes }: Piece): Promise<void> {
  await db.query(
    `INSERT INTO attachment_pieces (upload, position, shop_id, arrived_at, bytes)
     VALUES ($1, $2, current_shop(), $3, $4)`,
    [upload, position, at, bytes],
  );
}

/** The n-th piece of a file; null behind the last. */
export async function readPiece(db: Queryable, upload: string, position: number): Promise<Buffer | null> {
  const { rows } = await db.query<{ bytes: Buffer }>(
    `SELECT bytes
     FROM attachment_pieces
     WHERE upload = $1
       AND position = $2`,
    [upload, position],
  );
  return rows[0]?.bytes ?? null;
}

export async function deletePieces(db: Queryable, uploads: readonly string[]): Promise<void> {
  await db.query(
    `DELETE FROM attachment_pieces
     WHERE upload = ANY ($1::uuid[])`,
    [uploads],
  );
}

/** The small picture of a file, null where it has none; null for no such file. */
export async function readPreview(
  db: Queryable,
  caseId: string,
  id: string,
): Promise<{ readonly preview: Buffer | null } | null> {
  const { rows } = await db.query<{ preview: Buffer | null }>(
    `SELECT preview
     FROM attachments
     WHERE case_id = $1
       AND id = $2`,
    [caseId, id],
  );
  return rows[0] ?? null;
}

/** The small picture of a file that is there; false if it is not, or erased. */
export async function setPreview(db: Queryable, caseId: string, id: string, preview: Buffer): Promise<boolean> {
  const { rowCount } = await db.query(
    `UPDATE attachments
     SET preview = $3
     WHERE case_id = $1
       AND id = $2
       AND upload IS NOT NULL`,
    [caseId, id, preview],
  );
  return rowCount === 1;
}

/** How many bytes a case keeps. */
export async function bytesOfCase(db: Queryable, caseId: string): Promise<number> {
  const { rows } = await db.query<{ sum: number }>(
    `SELECT COALESCE(sum(bytes), 0)::float8 AS sum
     FROM attachments
     WHERE case_id = $1
       AND upload IS NOT NULL`,
    [caseId],
  );
  return rows[0]?.sum ?? 0;
}

/** What the log of a case says of its files. */
export interface LoggedFile {
  readonly file: string;
  readonly showsOwner: boolean;
}

/** Files that the log speaks of stay, and whether they show the owner's things is as the log says last. */
export async function markLogged(db: Queryable, caseId: string, files: readonly LoggedFile[]): Promise<void> {
  await db.query(
    `UPDATE attachments a
     SET is_logged = true, shows_owner = f.shows_owner
     FROM unnest($2::uuid[], $3::boolean[]) AS f (id, shows_owner)
     WHERE a.case_id = $1
       AND a.id = f.id
       AND (NOT a.is_logged OR a.shows_owner <> f.shows_owner)`,
    [caseId, files.map(({ file }) => file), files.map(({ showsOwner }) => showsOwner)],
  );
}

/** Takes the bytes of files away and keeps what the log has of them anyway. @returns of how many */
export async function eraseAttachments(
  db: Queryable,
  caseIds: readonly string[],
  which: 'owners' | 'all',
): Promise<number> {
  const { rows } = await db.query<{ upload: string }>(
    `SELECT upload
     FROM attachments
     WHERE case_id = ANY ($1::uuid[])
       AND upload IS NOT NULL
       AND (shows_owner OR $2)
     FOR UPDATE`,
    [caseIds, which === 'all'],
  );
  const uploads = rows.map(({ upload }) => upload);
  await deletePieces(db, uploads);
  await db.query(
    `UPDATE attachments
     SET upload = NULL, preview = NULL
     WHERE upload = ANY ($1::uuid[])`,
    [uploads],
  );
  return uploads.length;
}

/** Takes away what no entry spoke of since then, and pieces of uploads that never ended. */
export async function sweepAttachments(db: Queryable, before: Date): Promise<void> {
  await db.query(
    `DELETE FROM attachments
     WHERE shop_id = current_shop()
       AND NOT is_logged
       AND stored_at < $1`,
    [before],
  );
  await db.query(
    `DELETE FROM attachment_pieces
     WHERE upload IN (
       SELECT first.upload
       FROM attachment_pieces first
       WHERE first.position = 0
         AND first.arrived_at < $1
         AND NOT EXISTS (SELECT FROM attachments a WHERE a.upload = first.upload)
     )`,
    [before],
  );
}

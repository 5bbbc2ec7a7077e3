import { createHash, randomUUID } from 'node:crypto';
import type pg from 'pg';
import {
  createContentCheck,
  isFlaw,
  MOST_BYTES,
  MOST_PREVIEW_BYTES,
  PREVIEW_EDGE,
  type Checked,
  type Flaw,
  type StoredKind,
} from '../../core/attachments';
import { inShop, type Queryable } from '../database/in-shop';
import {
  bytesOfCase,
  deletePieces,
  findAttachment,
  insertAttachment,
  findLoggedFile,
  insertPiece,
  markLogged,
  readPiece,
  readPreview,
  setPreview,
  sweepAttachments,
  type StoredAttachment,
} from '../repositories/attachments';
import { findCase } from '../repositories/cases';
import { noSuchCase, readCase } from './case-service';
import { foldDetail } from './fold-detail';
import { Refusal } from './refusal';

/** Photos and other files of the cases of one shop, in and out in pieces: none is ever whole in memory. */
export interface AttachmentService {
  /** Stores a file under its id. Sending the same again is harmless. Failure: 404, 409, 413, 422. */
  store(caseId: string, id: string, sent: SentFile): Promise<StoredAttachment>;
  /** Failure: 404 if there is none, 410 once its bytes were erased. */
  read(
    caseId: string,
    id: string,
  ): Promise<{ readonly file: StoredAttachment; readonly pieces: AsyncIterable<Buffer> }>;
  storePreview(caseId: string, id: string, bytes: Uint8Array): Promise<void>;
  /** The small picture; null where none was sent. Failure: 404. */
  readPreview(caseId: string, id: string): Promise<Buffer | null>;
}

export interface SentFile {
  readonly kind: StoredKind;
  /** SHA-256 as the sender has it, hexadecimal. */
  readonly sha256: string;
  readonly body: AsyncIterable<Uint8Array>;
}

interface AttachmentParts {
  readonly pool: pg.Pool;
  readonly shopId: string;
  readonly now: () => Date;
  /** Shared by all who store in this process. */
  readonly sweeps?: Sweeps;
}

/** When a shop's left files are swept: looking for them at every photo would cost more with every photo there is. */
export interface Sweeps {
  readonly isDue: (shopId: string, now: Date) => boolean;
}

const hoursBetweenSweeps = 6;

export function createSweeps(): Sweeps {
  const last = new Map<string, number>();
  return {
    isDue(shopId, now) {
      if (now.getTime() - (last.get(shopId) ?? 0) < hoursBetweenSweeps * 3_600_000) return false;
      last.set(shopId, now.getTime());
      return true;
    },
  };
}

const pieceBytes = 256 * 1024;
/** Of all files of a case together. */
const mostBytesOfCase = 2_000_000_000;
/** As long as a device may keep what waits for the server, and a day more. */
const unloggedDays = 8;

export function createAttachmentService({
  pool,
  shopId,
  now,
  sweeps = createSweeps(),
}: AttachmentParts): AttachmentService {
  const run = <T>(work: (db: Queryable) => Promise<T>) => inShop(pool, shopId, work);
  return {
    async store(caseId, id, sent) {
      const there = await run(async (db) => {
        if (!(await findCase(db, caseId))) throw noSuchCase(caseId);
        if (sweeps.isDue(shopId, now()))
          await sweepAttachments(db, new Date(now().getTime() - unloggedDays * 24 * 3_600_000));
        if ((await bytesOfCase(db, caseId)) > mostBytesOfCase) throw caseFull();
        const logged = await findLoggedFile(db, caseId, id);
        if (logged && logged.sha256 !== sent.sha256) throw otherThanLogged(logged.sha256, sent.sha256);
        return { file: await findAttachment(db, caseId, id), isLogged: logged !== null };
      });
      if (there.file) return sameOrRefuse(there.file, sent);
      const upload = randomUUID();
      try {
        const arrived = await takePieces(sent, (position, bytes) =>
          run((db) => insertPiece(db, { upload, position, at: now(), bytes })),
        );
        const file: StoredAttachment = { id, kind: sent.kind, upload, storedAt: now(), ...arrived };
        return await run(async (db) => {
          if (await insertAttachment(db, caseId, file)) {
            if (there.isLogged) await markLogged(db, caseId, foldDetail(await readCase(db, caseId)).attachments);
            return file;
          }
          // Two tabs sent it at once.
          await deletePieces(db, [upload]);
          const first = await findAttachment(db, caseId, id);
          return first ? sameOrRefuse(first, sent) : file;
        });
      } catch (error) {
        await run((db) => deletePieces(db, [upload])).catch(() => undefined);
        throw error;
      }
    },
    async read(caseId, id) {
      const file = await run((db) => findAttachment(db, caseId, id));
      if (!file) throw noSuchFile(id);
      return { file, pieces: piecesOf(run, file) };
    },
    async storePreview(caseId, id, bytes) {
      const size = judged('picture', bytes);
      if (Math.max(size.width ?? 0, size.height ?? 0) > PREVIEW_EDGE || bytes.length > MOST_PREVIEW_BYTES)
        throw refused({ code: 'too-many-pixels', message: `expected a small picture, found ${bytes.length} bytes` });
      if (!(await run((db) => setPreview(db, caseId, id, Buffer.from(bytes))))) throw noSuchFile(id);
    },
    async readPreview(caseId, id) {
      const found = await run((db) => readPreview(db, caseId, id));
      if (!found) throw noSuchFile(id);
      return found.preview;
    },
  };
}

/** The pieces of a file one after the other. Failure: 410 once they were erased. */
export function piecesOf(
  run: <T>(work: (db: Queryable) => Promise<T>) => Promise<T>,
  { upload }: StoredAttachment,
): AsyncIterable<Buffer> {
  if (upload === null) throw erased();
  return (async function* () {
    for (let position = 0; ; position++) {
      const piece = await run((db) => readPiece(db, upload, position));
      if (!piece) return;
      yield piece;
    }
  })();
}

/** Judges and stores what arrives, piece by piece. */
async function takePieces(
  { kind, sha256, body }: SentFile,
  store: (position: number, bytes: Buffer) => Promise<void>,
): Promise<Pick<StoredAttachment, 'bytes' | 'sha256' | 'width' | 'height'>> {
  const check = createContentCheck(kind);
  const hash = createHash('sha256');
  let [bytes, position, held] = [0, 0, 0];
  let waiting: Uint8Array[] = [];
  const flush = async () => {
    if (held === 0) return;
    const piece = Buffer.concat(waiting, held);
    [waiting, held] = [[], 0];
    await store(position++, piece);
  };
  for await (const chunk of body) {
    bytes += chunk.length;
    if (bytes > MOST_BYTES[kind]) throw tooLarge(kind);
    const flaw = check.feed(chunk);
    if (flaw) throw refused(flaw);
    hash.update(chunk);
    waiting.push(chunk);
    held += chunk.length;
    if (held >= pieceBytes) await flush();
  }
  const found = orRefuse(check.end());
  const digest = hash.digest('hex');
  if (digest !== sha256) throw damaged(sha256, digest);
  await flush();
  return { bytes, sha256: digest, width: found.width ?? null, height: found.height ?? null };
}

function judged(kind: StoredKind, bytes: Uint8Array): Checked {
  const check = createContentCheck(kind);
  const flaw = check.feed(bytes);
  if (flaw) throw refused(flaw);
  return orRefuse(check.end());
}

function orRefuse(result: Checked | Flaw): Checked {
  if (isFlaw(result)) throw refused(result);
  return result;
}

function sameOrRefuse(there: StoredAttachment, { sha256 }: SentFile): StoredAttachment {
  if (there.sha256 === sha256) return there;
  throw new Refusal(409, 'file-id-taken', 'Another file has this id', {
    detail: `expected the file with SHA-256 ${there.sha256}, found ${sha256}`,
  });
}

const otherThanLogged = (expected: string, found: string) =>
  new Refusal(409, 'other-file', 'The log names another file', {
    detail: `expected the file with SHA-256 ${expected}, found ${found}`,
  });
const refused = ({ code, message }: Flaw) =>
  new Refusal(422, code, 'This file is not taken', { detail: message, fields: [{ path: [], code, message }] });
const damaged = (expected: string, found: string) =>
  new Refusal(422, 'damaged', 'The file was damaged on its way', {
    detail: `expected SHA-256 ${expected}, found ${found} (send it again)`,
  });
const tooLarge = (kind: StoredKind) =>
  new Refusal(413, 'file-too-large', 'The file is too large', {
    detail: `expected at most ${MOST_BYTES[kind]} bytes, found more`,
  });
const caseFull = () =>
  new Refusal(413, 'case-full', 'This case has no room for more files', {
    detail: `expected at most ${mostBytesOfCase} bytes in all files of a case, found more`,
  });
const noSuchFile = (id: string) =>
  new Refusal(404, 'no-such-file', 'No such file', { detail: `expected the id of a file of this case, found ${id}` });
const erased = () =>
  new Refusal(410, 'file-erased', 'This file was erased', { detail: "It was erased with its owner's data." });

import type pg from 'pg';
import type { OwnerLink } from '../../contracts';
import { inShop, type Queryable } from '../database/in-shop';
import { insertAudit } from '../repositories/audit';
import { findCase } from '../repositories/cases';
import { deleteOwnerLink, insertOwnerLink, listOwnerLinks } from '../repositories/owner-links';
import type { Actor } from './actor';
import { noSuchCase } from './case-service';
import { Refusal } from './refusal';
import { hashSecret, newSecret } from './secrets';

/** Links for owners, as the shop makes and takes them back. */
export interface OwnerLinkService {
  list(caseId: string): Promise<OwnerLink[]>;
  /** The token is given once and is stored nowhere. */
  make(caseId: string, days: number): Promise<{ token: string; expiresAt: string }>;
  revoke(caseId: string, id: string): Promise<void>;
}

interface OwnerLinkParts {
  readonly pool: pg.Pool;
  readonly shopId: string;
  readonly actor: Actor;
  readonly now: () => Date;
}

export function createOwnerLinkService({ pool, shopId, actor, now }: OwnerLinkParts): OwnerLinkService {
  const { personId } = actor;
  const run = <T>(caseId: string, work: (db: Queryable) => Promise<T>) =>
    inShop(pool, shopId, async (db) => {
      if (!(await findCase(db, caseId))) throw noSuchCase(caseId);
      return work(db);
    });
  return {
    list: (caseId) => run(caseId, (db) => listOwnerLinks(db, caseId, now())),
    make: (caseId, days) =>
      run(caseId, async (db) => {
        const token = newSecret();
        const madeAt = now();
        const expiresAt = new Date(madeAt.getTime() + days * 24 * 3_600_000);
        const tokenHash = hashSecret(token);
        await insertOwnerLink(db, { tokenHash, shopId, caseId, madeBy: personId, madeAt, expiresAt });
        await insertAudit(db, { action: 'link-made', personId, subject: caseId, detail: { days } }, madeAt);
        return { token, expiresAt: expiresAt.toISOString() };
      }),
    revoke: (caseId, id) =>
      run(caseId, async (db) => {
        if (!(await deleteOwnerLink(db, caseId, id)))
          throw new Refusal(404, 'no-such-link', 'No such link', {
            detail: `expected the id of a link of this case, found ${id}`,
          });
        await insertAudit(db, { action: 'link-revoked', personId, subject: caseId }, now());
      }),
  };
}

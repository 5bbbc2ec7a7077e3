import type pg from 'pg';
import type { AuditEntry, AuditQuery, ErasedFiles, OpenInvitation, Person, Role } from '../../contracts';
import type { Actor } from './actor';
import { announceErased, announceSignedOut } from '../database/changes';
import { inShop, type Queryable } from '../database/in-shop';
import { Refusal } from './refusal';
import { insertAudit, insertAuditOnce, listAudit } from '../repositories/audit';
import { eraseAttachments } from '../repositories/attachments';
import { deleteInvitation, insertInvitation, listInvitations } from '../repositories/invitations';
import { forgetDevices } from '../repositories/known-devices';
import { deleteOwnerLinksOf } from '../repositories/owner-links';
import { casesOfOwner, eraseOwner, type OwnedCase } from '../repositories/owners';
import { countActiveLeads, findPerson, listPeople, updatePerson } from '../repositories/people';
import { deleteSessionsOf } from '../repositories/sessions';
import type { WholeCase } from './case-zip';
import { readWholeCase } from './read-detail';
import { hashSecret, newSecret } from './secrets';

/** What a lead does for the shop: its people, its audit, its owners' data. */
export interface PeopleService {
  list(): Promise<{ people: Person[]; invitations: OpenInvitation[] }>;
  /** The code is given once and is stored nowhere. */
  invite(who: { readonly name: string; readonly role: Role }): Promise<{ code: string; expiresAt: string }>;
  withdraw(invitationId: string): Promise<void>;
  /** A person who may not sign in any more, or not as before, is signed out everywhere. */
  change(id: string, change: { readonly role?: Role; readonly isActive?: boolean }): Promise<void>;
  audit(query: AuditQuery): Promise<{ entries: AuditEntry[]; hasMore: boolean }>;
  ownerCases(owner: string): Promise<OwnedCase[]>;
  /** All that is kept of an owner. */
  exportOwner(owner: string): Promise<WholeCase[]>;
  /** The technical records stay, the person goes, and of the photos those that are chosen. Says of how many. */
  eraseOwner(owner: string, files: ErasedFiles): Promise<{ readonly cases: number; readonly files: number }>;
}

const invitationHours = 72;

interface PeopleParts {
  readonly pool: pg.Pool;
  readonly shopId: string;
  readonly actor: Actor;
  readonly now: () => Date;
}

export function createPeopleService({ pool, shopId, actor, now }: PeopleParts): PeopleService {
  const run = <T>(work: (db: Queryable) => Promise<T>) => inShop(pool, shopId, work);
  const { personId } = actor;
  return {
    list: () => run(async (db) => ({ people: await listPeople(db), invitations: await listInvitations(db, now()) })),
    invite: (who) => run((db) => invite(db, { shopId, personId, createdAt: now() }, who)),
    withdraw: (invitationId) =>
      run(async (db) => {
        if (!(await deleteInvitation(db, invitationId))) throw missing('invitation', invitationId);
        await insertAudit(db, { action: 'invitation-withdrawn', personId }, now());
      }),
    change: (id, change) => run((db) => changePerson(db, { personId, at: now() }, id, change)),
    audit: (query) =>
      run(async (db) => {
        await insertAuditOnce(db, { action: 'audit-read', personId, subject: 'audit' }, now(), 10);
        return listAudit(db, query);
      }),
    ownerCases: (owner) =>
      run(async (db) => {
        const owned = await casesOfOwner(db, owner);
        await insertAudit(db, { action: 'owner-read', personId, detail: { cases: owned.length } }, now());
        return owned;
      }),
    exportOwner: (owner) =>
      run(async (db) => {
        const owned = await casesOfOwner(db, owner);
        const details: WholeCase[] = [];
        for (const one of owned) details.push(await readWholeCase(db, one, run));
        await insertAudit(db, { action: 'owner-exported', personId, detail: { cases: owned.length } }, now());
        return details;
      }),
    eraseOwner: (owner, which) =>
      run(async (db) => {
        const ids = await eraseOwner(db, owner);
        await deleteOwnerLinksOf(db, ids);
        const files = which === 'none' ? 0 : await eraseAttachments(db, ids, which);
        for (const id of ids)
          await insertAudit(db, { action: 'owner-erased', personId, subject: id, detail: { files: which } }, now());
        await announceErased(db, { shopId, erased: ids });
        return { cases: ids.length, files };
      }),
  };
}

async function invite(
  db: Queryable,
  { shopId, personId, createdAt }: { readonly shopId: string; readonly personId: string; readonly createdAt: Date },
  { name, role }: { readonly name: string; readonly role: Role },
): Promise<{ code: string; expiresAt: string }> {
  const code = newSecret();
  const expiresAt = new Date(createdAt.getTime() + invitationHours * 3_600_000);
  const codeHash = hashSecret(code);
  await insertInvitation(db, { codeHash, shopId, name, role, invitedBy: personId, createdAt, expiresAt });
  await insertAudit(db, { action: 'person-invited', personId, detail: { name, role } }, createdAt);
  return { code, expiresAt: expiresAt.toISOString() };
}

async function changePerson(
  db: Queryable,
  { personId, at }: { readonly personId: string; readonly at: Date },
  id: string,
  { role, isActive }: { readonly role?: Role; readonly isActive?: boolean },
): Promise<void> {
  const leads = await countActiveLeads(db);
  const person = await findPerson(db, id, { lock: true });
  if (!person) throw missing('person', id);
  const next = { ...person, role: role ?? person.role, isActive: isActive ?? person.isActive };
  const wasLead = person.role === 'lead' && person.isActive;
  if (wasLead && !(next.role === 'lead' && next.isActive) && leads < 2)
    throw new Refusal(409, 'last-lead', 'The shop would be left without a lead', {
      detail: 'Make someone else a lead first.',
    });
  await updatePerson(db, next);
  if (next.role !== person.role || !next.isActive) {
    await deleteSessionsOf(db, id);
    await announceSignedOut(db, { shopId: person.shopId, personId: id });
  }
  if (!next.isActive) await forgetDevices(db, id);
  const detail = { role: next.role, isActive: next.isActive };
  await insertAudit(db, { action: 'person-changed', personId, subject: id, detail }, at);
}

const missing = (what: string, id: string) =>
  new Refusal(404, `no-such-${what}`, `No such ${what}`, {
    detail: `expected the id of a ${what}, found ${id}`,
  });

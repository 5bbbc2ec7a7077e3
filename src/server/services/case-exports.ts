import type pg from 'pg';
import type { CaseDetail, ListQuery } from '../../contracts';
import type { Rates } from '../../core/money';
import type { PaperName } from '../../core/record';
import { inShop, type Queryable } from '../database/in-shop';
import { insertAudit } from '../repositories/audit';
import { listCaseIds } from '../repositories/case-list';
import { findCase } from '../repositories/cases';
import { findShop, readShopSettings } from '../repositories/shops';
import type { Pictures } from '../papers/paper-pdf';
import type { Actor } from './actor';
import { noSuchCase, readCase } from './case-service';
import { makePaper, type MadePaper } from './make-paper';
import type { WholeCase } from './case-zip';
import { picturesOf } from './paper-pictures';
import { readDetail, readWholeCase } from './read-detail';

/** A paper with the pictures that it shows. */
export type PaperToSend = MadePaper & { readonly pictures: Pictures };

/** What of the cases of one shop can be taken out of it. Each way out stands in the audit. */
export interface CaseExports {
  /** A paper of the case as data, and when its last entry was written. */
  paper(caseId: string, name: PaperName, link: string): Promise<PaperToSend>;
  /** One case, to be taken out as a file. */
  readForFile(caseId: string): Promise<CaseDetail>;
  /** The same with its photos and other files. */
  readWhole(caseId: string): Promise<WholeCase>;
  /** Many cases one after the other, to be taken out of the shop; a case that is gone meanwhile is left out. */
  exportAll(query: Pick<ListQuery, 'stage'>, as: string): AsyncIterable<CaseDetail>;
  /** What the shop charges. */
  rates(): Promise<Rates>;
}

interface CaseExportsParts {
  readonly pool: pg.Pool;
  readonly shopId: string;
  readonly actor: Actor;
  readonly now: () => Date;
}

export function createCaseExports({ pool, shopId, actor: { personId }, now }: CaseExportsParts): CaseExports {
  const run = <T>(work: (db: Queryable) => Promise<T>) => inShop(pool, shopId, work);
  const audit = (
    db: Queryable,
    more: { readonly subject?: string; readonly detail?: Record<string, string | number> },
  ) => insertAudit(db, { action: 'case-exported', personId, ...more }, now());
  return {
    paper: (caseId, name, link) =>
      run(async (db) => {
        const detail = await readCase(db, caseId);
        await audit(db, { subject: caseId, detail: { paper: name } });
        const { rates } = await readShopSettings(db);
        const made = makePaper(detail, name, { shop: (await findShop(db))?.name ?? '', rates, link });
        return { ...made, pictures: await picturesOf(db, caseId, made.paper) };
      }),
    readForFile: (caseId) =>
      run(async (db) => {
        const detail = await readCase(db, caseId);
        await audit(db, { subject: caseId });
        return detail;
      }),
    readWhole: (caseId) =>
      run(async (db) => {
        const found = await findCase(db, caseId);
        if (!found) throw noSuchCase(caseId);
        await audit(db, { subject: caseId, detail: { as: 'zip' } });
        return readWholeCase(db, { id: caseId, number: found.number }, run);
      }),
    async *exportAll(query, as) {
      const ids = await run(async (db) => {
        const found = await listCaseIds(db, query);
        await audit(db, { detail: { cases: found.length, as } });
        return found;
      });
      for (const id of ids) {
        const found = await run(async (db) => {
          const summary = await findCase(db, id);
          return summary && readDetail(db, summary);
        });
        if (found) yield found;
      }
    },
    rates: () => run(async (db) => (await readShopSettings(db)).rates),
  };
}

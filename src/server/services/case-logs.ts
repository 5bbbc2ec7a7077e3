import { LRUCache } from 'lru-cache';
import { foldStored, type CaseState, type Folded } from '../../core/casework';
import { readEvent } from '../../contracts';
import type { Queryable } from '../database/in-shop';
import { readEvents, type CaseHead } from '../repositories/cases';

interface FoldedLog {
  /** Of the last event: it stands for the whole log. */
  readonly hash: string;
  readonly state: CaseState;
}

/** In all logs together. */
const maxEntries = 30_000;

/**
 * Logs that were folded lately, so that an entry costs the same in a long log as in a short one. What another server has
 * written since is read again: the hash at the head of the log tells.
 */
export interface CaseLogs {
  /** The log up to its head. */
  readonly read: (db: Queryable, caseId: string, head: CaseHead) => Promise<Folded>;
  readonly keep: (caseId: string, log: FoldedLog) => void;
}

export function createCaseLogs(): CaseLogs {
  const logs = new LRUCache<string, FoldedLog>({
    maxSize: maxEntries,
    sizeCalculation: ({ state }) => state.entries.length,
  });
  const keep = (caseId: string, log: FoldedLog) => void logs.set(caseId, log);
  return {
    keep,
    async read(db, caseId, { hash, owner }) {
      const known = logs.get(caseId);
      // An owner who was erased meanwhile is in no hash.
      if (known?.hash === hash && known.state.opened.owner === owner) return { ok: true, state: known.state };
      const there = await readEvents(db, caseId);
      const folded = foldStored(there.map(({ event }) => readEvent(event)));
      if (folded.ok) keep(caseId, { hash, state: folded.state });
      return folded;
    },
  };
}

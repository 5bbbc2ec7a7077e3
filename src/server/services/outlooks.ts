import type pg from 'pg';
import type { Logger } from 'pino';
import { readEvent } from '../../contracts';
import type { CaseChange } from '../database/changes';
import { inShop } from '../database/in-shop';
import { readEvents } from '../repositories/cases';
import { noOutlook, saveOutlook } from '../repositories/outlooks';
import type { Foresee } from './outlook-thread';
import { readShelfLacks } from './shelf-lacks';

/** Where each case of the queue stands, found out beside the requests once somebody looks at the queue. */
export interface Outlooks {
  /** Of a case whose outlook is not there, or of an older log. Harmless to repeat. */
  want(shopId: string, caseId: string): void;
  /** Takes no more, and leaves undone what waits. */
  close(): void;
  /** Ends when nothing is left to do. */
  settled(): Promise<void>;
}

interface OutlookDependencies {
  readonly pool: pg.Pool;
  readonly foresee: Foresee;
  readonly announce: (change: CaseChange) => void;
  readonly log: Logger;
}

/** Beyond these the next look at the queue asks again. */
const maxWaiting = 500;

export function createOutlooks({ pool, foresee, announce, log }: OutlookDependencies): Outlooks {
  const waiting = new Map<string, string>();
  let working: Promise<void> | null = null;
  let isClosed = false;
  const judge = async (shopId: string, caseId: string) => {
    const { events, lacks } = await inShop(pool, shopId, async (db) => ({
      events: await readEvents(db, caseId),
      lacks: await readShelfLacks(db),
    }));
    const sequence = events.at(-1)?.sequence;
    if (sequence === undefined) return;
    const outlook = await foresee(
      events.map(({ event }) => readEvent(event)),
      lacks,
    );
    await inShop(pool, shopId, (db) => saveOutlook(db, { caseId, sequence, outlook: outlook ?? noOutlook }));
    announce({ shopId, caseId, sequence });
  };
  const work = async () => {
    for (let next = first(waiting); next; next = first(waiting)) {
      const [caseId, shopId] = next;
      waiting.delete(caseId);
      await judge(shopId, caseId).catch((error: unknown) => {
        // The queue is there without it; the next look asks again.
        waiting.clear();
        if (!isClosed) log.warn({ err: error, caseId }, 'no outlook of a case');
      });
    }
    working = null;
  };
  return {
    want(shopId, caseId) {
      if (isClosed || waiting.size >= maxWaiting) return;
      waiting.set(caseId, shopId);
      working ??= work();
    },
    close() {
      isClosed = true;
      waiting.clear();
    },
    settled: async () => {
      while (working) await working;
    },
  };
}

const first = <K, V>(map: ReadonlyMap<K, V>): readonly [K, V] | undefined => map.entries().next().value;

import { subDays } from 'date-fns';
import type pg from 'pg';
import { inShop } from '../src/server/database/in-shop';
import { readShopSettings, writeShopSettings } from '../src/server/repositories/shops';
import { createBoardService } from '../src/server/services/board-service';
import { createCaseService } from '../src/server/services/case-service';
import { seedShop } from '../src/server/services/seed-people';
import { createShelfService } from '../src/server/services/shelf-service';
import { startServer } from '../src/server/start-server';
import { loadDemo, loadDemoBoards, loadDemoShelf } from './load-demo';
import { demoShop } from './people';

const demoRates = { currency: 'EUR', hour: '46', taxPercent: '19', stepMinutes: 15, onPartsPercent: '10' };

/** The program with the demo in it: loaded through the same services as requests, then served. */
async function prepareDemo(pool: pg.Pool) {
  await seedShop(pool, demoShop, new Date());
  const own = { pool, shopId: demoShop.id, actor: null, now: () => new Date() };
  await loadDemoBoards(createBoardService(own));
  // The shelf was there before any of the cases.
  const before = subDays(new Date(), 60);
  await loadDemoShelf(createShelfService({ ...own, now: () => before }));
  const added = await loadDemo(createCaseService(own), new Date());
  if (added > 0)
    await inShop(pool, demoShop.id, async (db) => {
      await writeShopSettings(db, { ...(await readShopSettings(db)), rates: demoRates });
    });
  return [...demoShop.people];
}

await startServer(prepareDemo);

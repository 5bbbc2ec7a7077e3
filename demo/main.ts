import { subDays } from 'date-fns';
import type pg from 'pg';
import { inShop } from '../src/server/database/in-shop';
import { readShopSettings, writeShopSettings } from '../src/server/repositories/shops';
import { createAttachmentService } from '../src/server/services/attachment-service';
import { createBoardService } from '../src/server/services/board-service';
import { createCaseService } from '../src/server/services/case-service';
import { seedShop } from '../src/server/services/seed-people';
import { createShelfService } from '../src/server/services/shelf-service';
import { startServer } from '../src/server/start-server';
import { demoCases } from './cases';
import { loadDemo, loadDemoBoards, loadDemoShelf } from './load-demo';
import { loadDemoPhotos } from './load-photos';
import { demoShop } from './people';

const demoRates = {
  currency: 'EUR',
  hour: '46',
  taxPercent: '19',
  stepMinutes: 15,
  onPartsPercent: '10',
  partPrices: { keyboard: '12.50', fan: '9.80' },
};

/** The program with the demo in it: loaded through the same services as requests, then served. */
async function prepareDemo(pool: pg.Pool) {
  await seedShop(pool, demoShop, new Date());
  const own = { pool, shopId: demoShop.id, actor: null, now: () => new Date() };
  await loadDemoBoards(createBoardService(own));
  // The shelf was there before any of the cases.
  const before = subDays(new Date(), 60);
  await loadDemoShelf(createShelfService({ ...own, now: () => before }));
  const added = await loadDemo(createCaseService(own), new Date());
  // A shop that is there already has rates of its own.
  if (added === demoCases.length) {
    await loadDemoPhotos(createAttachmentService(own), createCaseService(own));
    await inShop(pool, demoShop.id, async (db) => {
      await writeShopSettings(db, { ...(await readShopSettings(db)), rates: demoRates });
    });
  }
  return [...demoShop.people];
}

await startServer(prepareDemo);

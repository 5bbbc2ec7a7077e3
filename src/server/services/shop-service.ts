import type pg from 'pg';
import type { ShopSettings } from '../../contracts';
import { inShop } from '../database/in-shop';
import { insertAudit } from '../repositories/audit';
import { readShopSettings, writeShopSettings } from '../repositories/shops';
import type { Actor } from './actor';
import { changingLacks } from './shelf-lacks';

/** What holds for the whole shop. */
export interface ShopService {
  settings(): Promise<ShopSettings>;
  change(settings: ShopSettings): Promise<ShopSettings>;
}

interface ShopParts {
  readonly pool: pg.Pool;
  readonly shopId: string;
  readonly actor: Actor;
  readonly now: () => Date;
}

export function createShopService({ pool, shopId, actor: { personId }, now }: ShopParts): ShopService {
  return {
    settings: () => inShop(pool, shopId, readShopSettings),
    change: (settings) =>
      inShop(pool, shopId, async (db) => {
        const { rates, ...rest } = settings;
        const { partPrices, ...charges } = rates;
        const prices = Object.fromEntries(
          Object.entries(partPrices).map(([kind, price]) => [`price of ${kind}`, price]),
        );
        await changingLacks(db, () => writeShopSettings(db, settings));
        await insertAudit(db, { action: 'shop-changed', personId, detail: { ...rest, ...charges, ...prices } }, now());
        return settings;
      }),
  };
}

import { shopSettingsSchema, type ShopSettings } from '../../contracts';
import type { Queryable } from '../database/in-shop';

/** Adds the shop in force unless it is there. */
export async function ensureShop(db: Queryable, shop: { id: string; name: string }): Promise<void> {
  await db.query(
    `INSERT INTO shops (id, name)
     VALUES ($1, $2)
     ON CONFLICT (id) DO NOTHING`,
    [shop.id, shop.name],
  );
}

/** The shop in force. */
export async function findShop(db: Queryable): Promise<{ id: string; name: string } | null> {
  const { rows } = await db.query<{ id: string; name: string }>(
    `SELECT id, name
     FROM shops
     WHERE id = current_shop()`,
  );
  return rows[0] ?? null;
}

/** Takes the next case number of the shop in force; two openers get two numbers. */
export async function takeCaseNumber(db: Queryable): Promise<number> {
  const { rows } = await db.query<{ number: number }>(
    `UPDATE shops
     SET next_case_number = next_case_number + 1
     WHERE id = current_shop()
     RETURNING next_case_number - 1 AS number`,
  );
  const [row] = rows;
  if (!row) throw new Error('takeCaseNumber: expected the shop in force to exist, found none');
  return row.number;
}

/** What a lead decided for the shop in force; what was left out is as usual. */
export async function readShopSettings(db: Queryable): Promise<ShopSettings> {
  const { rows } = await db.query<{ settings: unknown }>(
    `SELECT settings
     FROM shops
     WHERE id = current_shop()`,
  );
  return shopSettingsSchema.parse(rows[0]?.settings ?? {});
}

export async function writeShopSettings(db: Queryable, settings: ShopSettings): Promise<void> {
  await db.query(
    `UPDATE shops
     SET settings = $1
     WHERE id = current_shop()`,
    [JSON.stringify(settings)],
  );
}

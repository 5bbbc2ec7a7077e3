import type { Queryable } from '../database/in-shop';

const keptForDays = 365;
const keptForPerson = 20;

/** Whether the person of the shop in force signed in on the device before. */
export async function isKnownDevice(db: Queryable, personId: string, deviceHash: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `SELECT 1
     FROM known_devices
     WHERE person_id = $1
       AND device_hash = $2`,
    [personId, deviceHash],
  );
  return rowCount === 1;
}

/** The person signed in on the device. Those of long ago, and more than a person has, are forgotten. */
export async function rememberDevice(
  db: Queryable,
  { personId, shopId, deviceHash }: { readonly personId: string; readonly shopId: string; readonly deviceHash: string },
  now: Date,
): Promise<void> {
  await db.query(
    `INSERT INTO known_devices (person_id, device_hash, shop_id, last_at)
     VALUES ($1, $2, $3, $4)
     ON CONFLICT (person_id, device_hash) DO UPDATE SET last_at = $4`,
    [personId, deviceHash, shopId, now],
  );
  await db.query(
    `DELETE FROM known_devices
     WHERE person_id = $1
       AND (last_at < $2::timestamptz - make_interval(days => $3)
         OR device_hash NOT IN (
           SELECT device_hash
           FROM known_devices
           WHERE person_id = $1
           ORDER BY last_at DESC
           LIMIT $4))`,
    [personId, now, keptForDays, keptForPerson],
  );
}

/** The person's password changed, or the account was closed: every device is a stranger again. */
export async function forgetDevices(db: Queryable, personId: string): Promise<void> {
  await db.query(
    `DELETE FROM known_devices
     WHERE person_id = $1`,
    [personId],
  );
}

import type { CaseOutlook } from '../../core/casework';
import { MODEL_VERSION } from '../../core/diagnosis';
import type { Queryable } from '../database/in-shop';

/** What stands there for a log that cannot be judged, so that it is not judged again and again. */
export const noOutlook: CaseOutlook = { nextTest: null, minutes: null, suspect: null, probability: null };

/** Keeps, with the model that judged it, the outlook of a case of the shop in force for its log up to a sequence, unless that of a longer one is there already. */
export async function saveOutlook(
  db: Queryable,
  {
    caseId,
    sequence,
    outlook,
  }: {
    readonly caseId: string;
    readonly sequence: number;
    readonly outlook: CaseOutlook;
  },
): Promise<void> {
  await db.query(
    `INSERT INTO case_outlooks (case_id, shop_id, sequence, outlook)
     SELECT id, shop_id, $2, $3
     FROM cases
     WHERE id = $1
     ON CONFLICT (case_id) DO UPDATE
     SET sequence = excluded.sequence, outlook = excluded.outlook
     WHERE case_outlooks.sequence <= excluded.sequence`,
    [caseId, sequence, JSON.stringify({ ...outlook, model: MODEL_VERSION })],
  );
}

/** All outlooks of the shop in force: what they rest on has changed, and the next look at the queue asks again. */
export async function forgetOutlooks(db: Queryable): Promise<void> {
  await db.query('DELETE FROM case_outlooks WHERE shop_id = current_shop()');
}

import type { CaseEvent, CaseState, SpareResult } from '../../core/casework';
import type { SpareStanding } from '../../contracts';
import type { Queryable } from '../database/in-shop';
import { followSpares } from '../repositories/shelf';
import { changingLacks } from './shelf-lacks';

const standings: Readonly<Record<SpareResult, SpareStanding | null>> = {
  worked: 'good',
  failed: 'failed',
  'not-tested': null,
};

const speakOfSpares: readonly CaseEvent['kind'][] = ['part-lent', 'part-home', 'entry-struck'];

/** After entries that may speak of spares: the shelf follows the log of the case. */
export async function followShelf(
  db: Queryable,
  caseId: string,
  { state, fresh }: { readonly state: CaseState; readonly fresh: readonly CaseEvent[] },
): Promise<void> {
  if (!fresh.some(({ kind }) => speakOfSpares.includes(kind))) return;
  if (!state.entries.some(({ event }) => event.kind === 'part-lent')) return;
  const last = new Map(state.sparesHome.map((spare) => [spare.item, spare]));
  await changingLacks(db, () =>
    followSpares(db, {
      caseId,
      out: state.sparesOut,
      home: [...last.values()].map(({ item, result, home }) => ({ item, standing: standings[result], home })),
    }),
  );
}

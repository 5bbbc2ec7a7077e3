import Big from 'big.js';
import { agreedLimit, type CaseState } from '../casework';
import type { Bill } from './bill';

/** How the bill stands to what was agreed: near from nine tenths on. */
export type LimitStanding = 'none' | 'within' | 'near' | 'over';

const near = 0.9;

export function standsToLimit(
  state: Pick<CaseState, 'consents' | 'opened'>,
  { gross }: Pick<Bill, 'gross'>,
): LimitStanding {
  const limit = agreedLimit(state);
  if (limit === null) return 'none';
  const cost = new Big(gross);
  if (cost.gt(limit)) return 'over';
  return cost.gte(new Big(limit).times(near)) && limit > 0 ? 'near' : 'within';
}

import { readEvent, type CaseDetail } from '../../contracts';
import { foldStored, type CaseState } from '../../core/casework';

/** What the stored log of a case makes of it. */
export function foldDetail({ number, events }: Pick<CaseDetail, 'number' | 'events'>): CaseState {
  const folded = foldStored(events.map(({ event }) => readEvent(event)));
  if (!folded.ok) throw new Error(`case ${number}: expected a log that can be read`);
  return folded.state;
}

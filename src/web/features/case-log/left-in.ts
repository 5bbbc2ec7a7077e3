import { findTrial, formatTrialId } from '../../../core/trials';
import { stripDownList, type StripDownLine } from '../../../core/isolation';
import { listOf } from '../../components/format';
import type { CaseState, EventBody } from '../../../core/casework';

/** What still has to come off, or to be asked for. */
export const askedToStrip = (state: CaseState): StripDownLine[] =>
  stripDownList(state.machine, state.configuration).lines.filter(
    ({ state: stands }) => stands === 'still-on' || stands === 'ask',
  );

/** Parts and leads that nobody ticked as off. */
export const leftIn = (state: CaseState, accounted: readonly string[]): StripDownLine[] =>
  askedToStrip(state).filter(({ id }) => !accounted.includes(id));

/**
 * A stripped start in which something stayed connected, as it was really made: what was ticked came off, the rest stays
 * in, and the start stands for what is set up so. Leads that are no parts of the machine stand in the note.
 */
export function startWithLeftIn(
  { machine, configuration }: CaseState,
  trialId: string,
  left: readonly StripDownLine[],
  seen: { readonly outcome: string; readonly note: string },
): EventBody[] {
  const stays = new Set(left.map(({ id }) => id));
  const changes = (findTrial(machine, configuration, trialId)?.changes ?? []).filter(
    (change) => change.kind !== 'place' || !stays.has(change.part),
  );
  const note = [`Still connected: ${listOf(left.map(({ name }) => name))}`, seen.note].filter(Boolean).join('. ');
  return [
    ...(changes.length > 0 ? [{ kind: 'configuration-changed' as const, changes }] : []),
    { kind: 'trial-done' as const, trial: formatTrialId({ kind: 'start' }), outcome: seen.outcome, note },
  ];
}

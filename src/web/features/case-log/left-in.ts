import type { Change } from '../../../core/machine';
import { findTrial } from '../../../core/trials';
import { stripDownList, type StripDownLine } from '../../../core/isolation';
import { listOf } from '../../components/format';
import type { CaseState } from '../../../core/casework';

/** What still has to come off, or to be asked for. */
export const askedToStrip = (state: CaseState): StripDownLine[] =>
  stripDownList(state.machine, state.configuration).lines.filter(
    ({ state: stands }) => stands === 'still-on' || stands === 'ask',
  );

/** Parts and leads that nobody ticked as off. */
export const leftIn = (state: CaseState, accounted: readonly string[]): StripDownLine[] =>
  askedToStrip(state).filter(({ id }) => !accounted.includes(id));

/** What is changed for a stripped start in which these stay connected. */
export function changesWithLeftIn(
  { machine, configuration }: CaseState,
  trialId: string,
  left: readonly StripDownLine[],
): readonly Change[] {
  const stays = new Set(left.map(({ id }) => id));
  const changes = findTrial(machine, configuration, trialId)?.changes ?? [];
  return changes.filter((change) => change.kind !== 'place' || !stays.has(change.part));
}

/** Leads that are no parts of the machine stand in the note alone. */
export const leftInWords = (left: readonly StripDownLine[]): string =>
  `Still connected: ${listOf(left.map(({ name }) => name))}`;

import type { Change, Machine } from '../machine';
import { handlingCautions, isInside } from './catalogue/start-trial';
import type { CautionId } from './caution';
import { setUpMinutes } from './set-up-minutes';

/** What changes made by hand bring with them: the same as a test that moves the same parts. */
export interface ByHand {
  readonly cautions: readonly CautionId[];
  readonly minutes: number;
}

/** Cautions and minutes of changes that were made on the plan and not by a test. */
export function byHand(machine: Machine, changes: readonly Change[], bench: { readonly caseOpen: boolean }): ByHand {
  const moved = changes.flatMap((change) =>
    change.kind === 'place' ? machine.parts.filter(({ id }) => id === change.part) : [],
  );
  const isSurface = changes.some(({ kind }) => kind === 'surface');
  const own = moved.flatMap(handlingCautions);
  const cautions: readonly CautionId[] = isSurface ? ['unplug', 'static', ...own] : own;
  const inside = isSurface || moved.some(isInside);
  return { cautions: [...new Set(cautions)], minutes: setUpMinutes(machine, { inside, repair: null, changes }, bench) };
}

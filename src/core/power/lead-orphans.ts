import type { SheetLead } from './power-sheet';

/** What fed only what is gone goes as well, and so on towards the supply. */
export function withoutOrphans(left: readonly SheetLead[], gone: readonly SheetLead[]): readonly SheetLead[] {
  const feeders = new Set(gone.flatMap(({ from = [] }) => from));
  const orphans = left.filter(({ id }) => feeders.has(id) && !left.some(({ from = [] }) => from.includes(id)));
  return orphans.length === 0
    ? left
    : withoutOrphans(
        left.filter((lead) => !orphans.includes(lead)),
        orphans,
      );
}

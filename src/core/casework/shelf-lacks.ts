import type { PartKind } from '../machine';

/** Kinds of part of which benches keep known-good spares. */
export const SPARE_KINDS = [
  'cord',
  'supply',
  'adapter',
  'case-switch',
  'board',
  'processor',
  'module',
  'cooler',
  'card',
  'monitor',
  'display-cable',
  'drive',
  'keyboard',
] as const satisfies readonly PartKind[];

/** Of a shelf whose list is complete: the kinds of which no known-good spare is there to be had. */
export const shelfLacks = (
  items: readonly { readonly kind: string; readonly standing: string; readonly isOut: boolean }[],
): PartKind[] =>
  SPARE_KINDS.filter((kind) => !items.some((item) => item.kind === kind && item.standing === 'good' && !item.isOut));

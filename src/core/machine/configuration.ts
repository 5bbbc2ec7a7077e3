import type { Machine, Part } from './part';

/** Where a part stands in an experiment. */
export type Placement =
  | { readonly state: 'as-found' }
  | { readonly state: 'out' }
  | { readonly state: 'spare' }
  | { readonly state: 'new' }
  | { readonly state: 'moved'; readonly to: string };

/** How the machine is set up for a trial. Parts that are not listed are as found. */
export interface Configuration {
  readonly placements: Readonly<Record<string, Placement>>;
  readonly settings: 'as-found' | 'defaults';
  readonly start: 'button' | 'bridge';
  readonly surface: 'case' | 'bench';
}

/** One thing that differs between two configurations. */
export type Change =
  | { readonly kind: 'place'; readonly part: string; readonly to: Placement }
  | { readonly kind: 'settings'; readonly to: Configuration['settings'] }
  | { readonly kind: 'start'; readonly to: Configuration['start'] }
  | { readonly kind: 'surface'; readonly to: Configuration['surface'] };

export const asFound: Configuration = { placements: {}, settings: 'as-found', start: 'button', surface: 'case' };

const inPlace: Placement = { state: 'as-found' };

/** The placement of a part in a configuration. */
export function placementOf(configuration: Configuration, partId: string): Placement {
  return configuration.placements[partId] ?? inPlace;
}

/** True if the very part that came with the machine is attached, as found or moved. */
export function isOriginalIn(configuration: Configuration, partId: string): boolean {
  const { state } = placementOf(configuration, partId);
  return state === 'as-found' || state === 'moved';
}

/** True if anything at all stands in the part's place. */
export const isFilled = (configuration: Configuration, partId: string): boolean =>
  placementOf(configuration, partId).state !== 'out';

/** The slot id that a module stands in, or null when it is out. */
export function slotOf(configuration: Configuration, module: Part): string | null {
  const placement = placementOf(configuration, module.id);
  if (placement.state === 'out') return null;
  if (placement.state === 'moved') return placement.to;
  return module.slot ?? null;
}

/** The modules (originals, spares and new ones alike) that stand in a slot of the board. */
export function fittedModules(machine: Machine, configuration: Configuration): Part[] {
  return machine.parts.filter((part) => part.kind === 'module' && slotOf(configuration, part) !== null);
}

/** A configuration with the changes made, in order. */
export function applyChanges(configuration: Configuration, changes: readonly Change[]): Configuration {
  return changes.reduce(applyChange, configuration);
}

function applyChange(configuration: Configuration, change: Change): Configuration {
  switch (change.kind) {
    case 'place': {
      const { [change.part]: _before, ...others } = configuration.placements;
      const placements = change.to.state === 'as-found' ? others : { ...others, [change.part]: change.to };
      return { ...configuration, placements };
    }
    case 'settings':
      return { ...configuration, settings: change.to };
    case 'start':
      return { ...configuration, start: change.to };
    case 'surface':
      return { ...configuration, surface: change.to };
  }
}

const samePlacement = (a: Placement, b: Placement): boolean =>
  a.state === b.state && (a.state !== 'moved' || b.state !== 'moved' || a.to === b.to);

/**
 * The changes that lead from one configuration to another, in a fixed order.
 * `applyChanges(from, differ(from, to))` equals `to`.
 */
export function differ(from: Configuration, to: Configuration): Change[] {
  const ids = [...new Set([...Object.keys(from.placements), ...Object.keys(to.placements)])].sort();
  const places = ids
    .filter((id) => !samePlacement(placementOf(from, id), placementOf(to, id)))
    .map((part): Change => ({ kind: 'place', part, to: placementOf(to, part) }));
  const others: Change[] = [];
  if (from.surface !== to.surface) others.push({ kind: 'surface', to: to.surface });
  if (from.settings !== to.settings) others.push({ kind: 'settings', to: to.settings });
  if (from.start !== to.start) others.push({ kind: 'start', to: to.start });
  return [...others, ...places];
}

import type { Machine, Part } from './part';

/** Which piece the machine's own is: absent for the one it came with, `new` once that was replaced for good. */
interface OwnPiece {
  readonly own?: 'new';
}

/** Where a part stands in an experiment, and with which piece: what was replaced or lent stays so where it is moved. */
export type Placement =
  | { readonly state: 'as-found' }
  | ({ readonly state: 'out' } & OwnPiece)
  | ({ readonly state: 'spare' } & OwnPiece)
  | { readonly state: 'new' }
  | ({ readonly state: 'moved'; readonly to: string; readonly spare?: true } & OwnPiece);

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

/** True if another piece than the one that came with the machine is attached: a spare, or a new one. */
export const isExchanged = (configuration: Configuration, partId: string): boolean =>
  ['spare', 'new'].includes(pieceIn(configuration, partId) ?? '');

/** A part that is moved along with another thing: a spare in its place moves as the spare. */
export const movedTo = (configuration: Configuration, partId: string, to: string): Placement =>
  pieceIn(configuration, partId) === 'spare' ? { state: 'moved', to, spare: true } : { state: 'moved', to };

/** True if the machine's own piece was replaced for good, wherever the new one is now. */
export const isReplaced = (configuration: Configuration, partId: string): boolean =>
  isRenewed(placementOf(configuration, partId));

const isRenewed = (placement: Placement): boolean =>
  placement.state === 'new' || (placement.state !== 'as-found' && placement.own === 'new');

/** The piece that is attached: the one that came with the machine, a spare, or a new one. Null when the part is out. */
export function pieceIn(configuration: Configuration, partId: string): 'original' | 'spare' | 'new' | null {
  const placement = placementOf(configuration, partId);
  if (placement.state === 'out') return null;
  if (placement.state === 'spare' || (placement.state === 'moved' && placement.spare)) return 'spare';
  return isRenewed(placement) ? 'new' : 'original';
}

/** True if the very part that came with the machine is attached, as found or moved. */
export const isOriginalIn = (configuration: Configuration, partId: string): boolean =>
  pieceIn(configuration, partId) === 'original';

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

/** The id of a slot with two modules in it; null where there is none. */
export function crowdedSlot(machine: Machine, configuration: Configuration): string | null {
  const slots = fittedModules(machine, configuration).map((module) => slotOf(configuration, module));
  return slots.find((slot, i) => slots.indexOf(slot) !== i) ?? null;
}

/** Where a monitor cable goes while the card is out. */
export const boardOutput = 'the board output';

/** True of a monitor cable that went to the board with the card out: it goes back with the card. */
export function goesBackWithCard({ parts }: Machine, configuration: Configuration, part: Part): boolean {
  const placement = placementOf(configuration, part.id);
  if (part.kind !== 'display-cable' || placement.state !== 'moved' || placement.to !== boardOutput) return false;
  const cards = parts.filter(({ kind }) => kind === 'card');
  return cards.length > 0 && cards.every(({ id }) => !isFilled(configuration, id));
}

/** True if the changes would put a module into a slot in which another stands. */
export function crowdsSlot(machine: Machine, configuration: Configuration, changes: readonly Change[]): boolean {
  const moves = changes.filter(
    (change) =>
      change.kind === 'place' && machine.parts.some(({ id, kind }) => id === change.part && kind === 'module'),
  );
  return moves.length > 0 && crowdedSlot(machine, applyChanges(configuration, moves)) !== null;
}

/** A configuration with the changes made, in order. */
export function applyChanges(configuration: Configuration, changes: readonly Change[]): Configuration {
  if (changes.length === 0) return configuration;
  let { settings, start, surface } = configuration;
  let placements = { ...configuration.placements };
  for (const change of changes) {
    switch (change.kind) {
      case 'place': {
        const to = placedFrom(placements[change.part] ?? inPlace, change.to);
        if (to.state === 'as-found') placements = without(placements, change.part);
        else placements[change.part] = to;
        break;
      }
      case 'settings':
        settings = change.to;
        break;
      case 'start':
        start = change.to;
        break;
      case 'surface':
        surface = change.to;
    }
  }
  return { placements, settings, start, surface };
}

function without<T>(record: Readonly<Record<string, T>>, key: string): Record<string, T> {
  const { [key]: _gone, ...others } = record;
  return others;
}

/** How a part stands after a change: a new one that was out, moved or swapped comes back, not the one that it replaced. */
function placedFrom(before: Placement, to: Placement): Placement {
  if (to.state === 'new' || !isRenewed(before)) return to;
  if (to.state === 'as-found') return before.state === 'new' ? to : { state: 'new' };
  return { ...to, own: 'new' };
}

const samePlacement = (a: Placement, b: Placement): boolean =>
  a.state === b.state &&
  isRenewed(a) === isRenewed(b) &&
  (a.state !== 'moved' || b.state !== 'moved' || (a.to === b.to && a.spare === b.spare));

/** The changes that lead a part from one placement to another; through its place where the piece itself changes. */
function placeChanges(part: string, from: Placement, to: Placement): Change[] {
  const place = (placement: Placement): Change => ({ kind: 'place', part, to: placement });
  const through: Change[] = [];
  if (isRenewed(from) !== isRenewed(to)) {
    if (from.state !== 'new') through.push(place({ state: 'new' }));
    if (!isRenewed(to)) through.push(place({ state: 'as-found' }));
  }
  const ended = through.at(-1);
  if (ended?.kind === 'place' && samePlacement(ended.to, to)) return through;
  if (to.state === 'as-found' || to.state === 'new') return [...through, place(to)];
  const { own: _own, ...asked } = to;
  return [...through, place(asked)];
}

/**
 * The changes that lead from one configuration to another, in a fixed order.
 * `applyChanges(from, differ(from, to))` equals `to`.
 */
export function differ(from: Configuration, to: Configuration): Change[] {
  const ids = [...new Set([...Object.keys(from.placements), ...Object.keys(to.placements)])].sort();
  const places = ids
    .filter((id) => !samePlacement(placementOf(from, id), placementOf(to, id)))
    .flatMap((part) => placeChanges(part, placementOf(from, part), placementOf(to, part)));
  const others: Change[] = [];
  if (from.surface !== to.surface) others.push({ kind: 'surface', to: to.surface });
  if (from.settings !== to.settings) others.push({ kind: 'settings', to: to.settings });
  if (from.start !== to.start) others.push({ kind: 'start', to: to.start });
  return [...others, ...places];
}

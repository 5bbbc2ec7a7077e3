import { CONNECTOR_FACTS } from './connector';
import { limitOf, nameOf, type LeadElement } from './lead-graph';
import { RAIL_VOLTS } from './rail';

/** An element with what it carries and may carry, in watts. */
export interface LoadedElement {
  readonly element: LeadElement;
  readonly watts: number;
  readonly limitWatts: number;
  /** What it carries over what it may; above 1 it is overloaded. */
  readonly fullness: number;
}

/**
 * What each element carries. A consumer draws from all its inputs in proportion to what they may carry, but through a
 * card slot never more than that may: a card sees to it. Where several plugs join, each bears the same share. The graph
 * must have no problem, see `leadProblems`.
 * @param drawOf what a consumer draws through these leads, in watts
 */
export function leadLoads(elements: readonly LeadElement[], drawOf: (consumer: string) => number): LoadedElement[] {
  const watts = new Map<string, number>();
  for (const element of elements.filter(({ kind }) => kind === 'input')) {
    const { consumer } = element;
    if (consumer === undefined) continue;
    const inputs = elements.filter((one) => one.kind === 'input' && one.consumer === consumer);
    watts.set(element.id, shareOf(element, inputs, drawOf(consumer)));
  }
  for (const element of fromInputsBack(elements)) {
    const own = watts.get(element.id) ?? 0;
    for (const id of element.from) watts.set(id, (watts.get(id) ?? 0) + own / element.from.length);
  }
  return elements.map((element) => {
    const carried = watts.get(element.id) ?? 0;
    const limitWatts = limitOf(element);
    return { element, watts: carried, limitWatts, fullness: carried === 0 ? 0 : carried / limitWatts };
  });
}

/** What one of a consumer's inputs carries of its draw. */
function shareOf(input: LeadElement, inputs: readonly LeadElement[], draw: number): number {
  const limits = (some: readonly LeadElement[]) => some.reduce((sum, one) => sum + limitOf(one), 0);
  const [slot] = inputs.filter(({ connector }) => connector === 'card-slot');
  const plugs = inputs.filter((one) => one !== slot);
  if (!slot || plugs.length === 0) return (draw * limitOf(input)) / (limits(inputs) || 1);
  const bySlot = Math.min(limitOf(slot), (draw * limitOf(slot)) / (limits(inputs) || 1));
  return input === slot ? bySlot : ((draw - bySlot) * limitOf(input)) / (limits(plugs) || 1);
}

/** Each element after all that it feeds. */
function fromInputsBack(elements: readonly LeadElement[]): LeadElement[] {
  const byId = new Map(elements.map((element) => [element.id, element]));
  const order: LeadElement[] = [];
  const done = new Set<string>();
  const visit = (element: LeadElement) => {
    if (done.has(element.id)) return;
    done.add(element.id);
    for (const id of element.from) {
      const feeder = byId.get(id);
      if (feeder) visit(feeder);
    }
    order.push(element);
  };
  elements.forEach(visit);
  return order.reverse();
}

/** The element that gives first; null where nothing carries anything. */
export function weakestOf(loaded: readonly LoadedElement[]): LoadedElement | null {
  const carrying = loaded.filter(({ watts }) => watts > 0);
  return carrying.reduce<LoadedElement | null>(
    (most, one) => (most && most.fullness >= one.fullness ? most : one),
    null,
  );
}

/** One of several +12 V rails with what the outputs on it carry. */
export interface LoadedRail {
  /** Counted from 1, as on the label. */
  readonly rail: number;
  readonly watts: number;
  readonly limitWatts: number;
}

/** What each of several +12 V rails carries, where it is noted which output is on which; empty for a single rail. */
export function railLoads(loaded: readonly LoadedElement[], v12Amps: readonly number[]): LoadedRail[] {
  if (v12Amps.length < 2 || !loaded.some(({ element }) => element.rail !== undefined)) return [];
  return v12Amps.map((amps, at) => {
    const on = loaded.filter(({ element }) => element.kind === 'output' && element.rail === at + 1);
    return { rail: at + 1, watts: on.reduce((sum, { watts }) => sum + watts, 0), limitWatts: amps * RAIL_VOLTS.v12 };
  });
}

export const CHAIN_RISKS = [
  'overloaded',
  'drive-feeds-card',
  'split-card-lead',
  'foreign-lead',
  'no-sense-coding',
] as const;
export type ChainRisk = (typeof CHAIN_RISKS)[number];

/** What is unsafe of the leads, why, and what to do instead. */
export interface UnsafeChain {
  readonly risk: ChainRisk;
  readonly element: string;
  readonly reason: string;
  readonly fix: string;
}

/** What two card plugs on one lead may carry together, in watts: the wire to the supply is one. */
const oneLeadWatts = 225;

/** Every unsafe chain among the leads. */
export function unsafeChains(loaded: readonly LoadedElement[]): UnsafeChain[] {
  const byId = new Map(loaded.map((one) => [one.element.id, one]));
  return loaded.flatMap((one): UnsafeChain[] => {
    const { element, watts, limitWatts, fullness } = one;
    const name = nameOf(element);
    const found: UnsafeChain[] = [];
    const add = (risk: ChainRisk, reason: string, fix: string) =>
      found.push({ risk, element: element.id, reason, fix });
    // Of a chain the one that gives first is enough.
    const isWorstOfChain = loaded.every(
      (other) =>
        other.fullness <= fullness ||
        !(element.from.includes(other.element.id) || other.element.from.includes(element.id)),
    );
    if (fullness > 1 && isWorstOfChain)
      add(
        'overloaded',
        `${name} carries ${Math.round(watts)} W and may carry ${Math.round(limitWatts)} W.`,
        'Take the load off it: a lead of its own from the supply.',
      );
    const feeders = element.from.map((id) => byId.get(id)?.element.connector);
    const isCard = element.connector === 'card-6' || element.connector === 'card-8' || element.connector === 'card-12';
    if (isCard && feeders.some((kind) => kind === 'drive-4' || kind === 'sata-power'))
      add(
        'drive-feeds-card',
        `A card plug is fed by ${alternatives(feeders)}: the chain carries only what its weakest plug does.`,
        'Use a supply that has the card plugs itself.',
      );
    const cards = loaded.filter(
      ({ element: child }) => child.from.includes(element.id) && child.connector.startsWith('card-'),
    );
    if (element.kind === 'lead' && cards.length > 1 && watts > oneLeadWatts)
      add(
        'split-card-lead',
        `Two card plugs share one lead with ${Math.round(watts)} W.`,
        'Use two leads from the supply.',
      );
    if (element.isForeign)
      add(
        'foreign-lead',
        `${name} belongs to another supply: the plug fits, the wiring may not.`,
        'Use only the leads that came with this supply.',
      );
    if (element.connector === 'card-12' && element.sense === 'none')
      add(
        'no-sense-coding',
        `${name} tells the card nothing of what it may draw.`,
        'Use a lead with its sense contacts coded.',
      );
    return found;
  });
}

const alternatives = (kinds: readonly (keyof typeof CONNECTOR_FACTS | undefined)[]) =>
  [...new Set(kinds.flatMap((kind) => (kind ? [`a ${CONNECTOR_FACTS[kind].name}`] : [])))].join(' and ');

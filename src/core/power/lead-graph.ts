import { CONNECTOR_FACTS, SENSE_WATTS, type ConnectorKind, type SenseCoding } from './connector';

export const LEAD_KINDS = ['output', 'lead', 'splitter', 'extension', 'adapter', 'input'] as const;
export type LeadKind = (typeof LEAD_KINDS)[number];

/**
 * One element between supply and consumer: an output of the supply, a lead or what lengthens, splits or adapts it, or an
 * input of a consumer. Power runs from `from` into it and leaves it by its connector.
 */
export interface LeadElement {
  readonly id: string;
  readonly kind: LeadKind;
  readonly connector: ConnectorKind;
  readonly name?: string;
  /** Ids of the elements that feed it: none for an output; several for an adapter that joins plugs. */
  readonly from: readonly string[];
  /** For an input: the id of the consumer. */
  readonly consumer?: string;
  /** Its own limit in watts, by its wire or its maker; what the connector may carry where it is left out. */
  readonly limitWatts?: number;
  /** For a 12-pin card plug. */
  readonly sense?: SenseCoding;
  /** Of an output: which of the label's +12 V rails feeds it, counted from 1. */
  readonly rail?: number;
  /** It belongs to another model of supply: its wiring at the supply's end may be another. */
  readonly isForeign?: boolean;
}

export interface LeadProblem {
  readonly path: readonly (string | number)[];
  readonly code: 'unknown-element' | 'loop' | 'does-not-fit' | 'feeds-nothing-in' | 'twice';
  readonly message: string;
}

/** Which plug goes into which: a connector into its own kind, and what adapters and splitters make of one another. */
const joinable: Readonly<Partial<Record<LeadKind, readonly (readonly [ConnectorKind, ConnectorKind])[]>>> = {
  adapter: [
    ['drive-4', 'card-6'],
    ['drive-4', 'card-8'],
    ['drive-4', 'sata-power'],
    ['drive-4', 'fan-header'],
    ['drive-4', 'cpu-4'],
    ['drive-4', 'cpu-8'],
    ['sata-power', 'card-6'],
    ['sata-power', 'card-8'],
    ['sata-power', 'drive-4'],
    ['sata-power', 'fan-header'],
    ['card-6', 'card-8'],
    ['card-8', 'card-12'],
    ['card-6', 'card-12'],
    ['cpu-4', 'cpu-8'],
    ['cpu-8', 'cpu-4'],
    ['drive-4', 'floppy-4'],
  ],
};

/** Every problem of a set of leads, each at its element. */
export function leadProblems(elements: readonly LeadElement[]): LeadProblem[] {
  const byId = new Map(elements.map((element) => [element.id, element]));
  return elements.flatMap((element, index): LeadProblem[] => {
    const at = ['leads', index] as const;
    if (elements.findIndex(({ id }) => id === element.id) !== index)
      return [
        { path: [...at, 'id'], code: 'twice', message: `expected an id of its own, found "${element.id}" again` },
      ];
    const unknown = element.from.findIndex((id) => !byId.has(id));
    if (unknown >= 0)
      return [
        {
          path: [...at, 'from', unknown],
          code: 'unknown-element',
          message: `expected the id of a lead, found "${element.from[unknown] ?? ''}"`,
        },
      ];
    if (isInLoop(element, byId))
      return [
        {
          path: [...at, 'from'],
          code: 'loop',
          message: `expected a way to the supply, found that "${element.id}" feeds itself`,
        },
      ];
    if (element.kind !== 'output' && element.from.length === 0 && element.connector !== 'card-slot')
      return [
        {
          path: [...at, 'from'],
          code: 'feeds-nothing-in',
          message: `expected what feeds "${element.id}", found nothing`,
        },
      ];
    return element.from.flatMap((id, i) => {
      const feeder = byId.get(id);
      return feeder && !fits(feeder.connector, element)
        ? [
            {
              path: [...at, 'from', i],
              code: 'does-not-fit' as const,
              message: `expected what goes into ${nameOf(element)}, found ${CONNECTOR_FACTS[feeder.connector].name}`,
            },
          ]
        : [];
    });
  });
}

function fits(plug: ConnectorKind, { kind, connector }: LeadElement): boolean {
  if (plug === connector) return true;
  return (joinable[kind] ?? []).some(([from, to]) => from === plug && to === connector);
}

function isInLoop(start: LeadElement, byId: ReadonlyMap<string, LeadElement>): boolean {
  const seen = new Set<string>();
  const open = [...start.from];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (id === start.id) return true;
    if (seen.has(id)) continue;
    seen.add(id);
    open.push(...(byId.get(id)?.from ?? []));
  }
  return false;
}

/** What an element is called. */
export const nameOf = ({ name, kind, connector }: LeadElement): string =>
  name ?? `${kind === 'input' || kind === 'output' ? '' : `${kind} to `}${CONNECTOR_FACTS[connector].name}`;

/** What an element may carry, in watts. */
export function limitOf({ connector, limitWatts, sense }: LeadElement): number {
  const own = limitWatts ?? Infinity;
  const coded = connector === 'card-12' && sense ? SENSE_WATTS[sense] : Infinity;
  return Math.min(own, coded, CONNECTOR_FACTS[connector].watts);
}

import { CONNECTOR_FACTS, type ConnectorKind } from './connector';

export type Plugs = Readonly<Partial<Record<ConnectorKind, number>>>;

export interface PlugStanding {
  readonly connector: ConnectorKind;
  readonly needs: number;
  readonly has: number;
  readonly missing: number;
  /** What could stand in for the missing ones; null where nothing is missing or nothing may. */
  readonly adapter: { readonly from: ConnectorKind; readonly isAllowed: boolean; readonly why: string } | null;
}

/** What may stand in for a missing plug, the better first. */
const standIns: Readonly<
  Partial<Record<ConnectorKind, readonly { from: ConnectorKind; isAllowed: boolean; why: string }[]>>
> = {
  'card-12': [{ from: 'card-8', isAllowed: true, why: 'two or more 8-pin card plugs, each on a lead of its own' }],
  'card-8': [
    { from: 'card-6', isAllowed: false, why: 'a 6-pin plug may carry half as much' },
    { from: 'drive-4', isAllowed: false, why: 'the chain carries only what its weakest plug does' },
  ],
  'card-6': [
    { from: 'drive-4', isAllowed: false, why: 'two drive plugs on two leads at least, and never for a large card' },
  ],
  'sata-power': [{ from: 'drive-4', isAllowed: true, why: 'for one drive; crimped, not moulded' }],
  'drive-4': [{ from: 'sata-power', isAllowed: true, why: 'for a fan or one drive, up to 54 W' }],
  'cpu-8': [{ from: 'cpu-4', isAllowed: true, why: 'half in the socket starts small processors only' }],
  'floppy-4': [{ from: 'drive-4', isAllowed: true, why: 'for what draws little' }],
};

/** What the machine needs against what a supply has, plug by plug; those that are missing first. */
export function countPlugs(needs: Plugs, has: Plugs): PlugStanding[] {
  const kinds = Object.keys(CONNECTOR_FACTS) as ConnectorKind[];
  const spare = (kind: ConnectorKind) => (has[kind] ?? 0) - (needs[kind] ?? 0);
  return kinds
    .filter((kind) => (needs[kind] ?? 0) > 0 || (has[kind] ?? 0) > 0)
    .map((connector): PlugStanding => {
      const missing = Math.max(0, -spare(connector));
      const standIn = missing > 0 ? standIns[connector]?.find(({ from }) => spare(from) > 0) : undefined;
      return {
        connector,
        needs: needs[connector] ?? 0,
        has: has[connector] ?? 0,
        missing,
        adapter: standIn ?? null,
      };
    })
    .sort((a, b) => b.missing - a.missing);
}

import {
  CONNECTOR_FACTS,
  nameOf,
  type ConnectorKind,
  type LeadElement,
  type LoadedElement,
  type PowerAssessment,
} from '../../../core/power';

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A plug, splitter or adapter between supply and part. */
export interface Chip extends Box {
  readonly loaded: LoadedElement;
  readonly name: string;
  /** The same where there is hardly room. */
  readonly shown: string;
  readonly isWeakest: boolean;
  readonly isOver: boolean;
}

/** One part, or several that hang on the same plug. */
export interface PartBox extends Box {
  /** Ids of consumers. */
  readonly consumers: readonly string[];
  readonly names: readonly string[];
  readonly low: number;
  readonly high: number;
}

/** Power on its way; its width is what it carries. */
export interface Band {
  readonly id: string;
  readonly path: string;
  readonly width: number;
  readonly isOver: boolean;
}

export interface LeadLayout {
  readonly width: number;
  readonly height: number;
  readonly supply: Box;
  readonly chips: readonly Chip[];
  readonly parts: readonly PartBox[];
  readonly bands: readonly Band[];
}

const width = 760;
const rowHeight = 60;
const supplyWidth = 132;
const partWidth = 178;
const chipHeight = 46;
const widestChip = 126;
/** Room for the leads to fan out in. */
const bend = 36;
const widestBand = 26;
const thinnestBand = 2.5;

/** A row of the drawing: the inputs that end in one box. */
interface Row {
  readonly inputs: readonly LoadedElement[];
}

/**
 * The leads as a flow from the supply on the left to the parts on the right, in units of a drawing 760 wide. What several
 * parts draw from one plug is one box; a part with several plugs has a row for each. The slot of a card is fed by the
 * board and is not drawn.
 */
export function layoutLeads({ leads, weakest, budget }: PowerAssessment): LeadLayout {
  const byId = new Map(leads.map((one) => [one.element.id, one]));
  const boxes = groupsOf(leads);
  const rows = boxes.flat();
  const height = Math.max(3 * rowHeight, rows.length * rowHeight + 20);
  const rowY = new Map(rows.map((row, i) => [row, 14 + i * rowHeight]));
  const middleOf = (row: Row) => (rowY.get(row) ?? 0) + rowHeight / 2 - 5;
  const parts = boxes.map((own) => partBox(own, rowY.get(own[0] ?? noRow) ?? 0, budget));
  const chips = placeChips(leads, byId, { rows, middleOf, weakest });
  const supplyHeight = Math.min(height - 20, Math.max(130, rows.length * 26));
  const supply = { x: 0, y: (height - supplyHeight) / 2, width: supplyWidth, height: supplyHeight };
  const bands = bandsOf({ chips, rows, supply, middleOf, leads });
  return { width, height, supply, chips, parts, bands };
}

const noRow: Row = { inputs: [] };

/** The box of one part, or of several that hang on one plug. */
function partBox(own: readonly Row[], y: number, budget: PowerAssessment['budget']): PartBox {
  const consumers = [...new Set(own.flatMap(({ inputs }) => inputs.map(({ element }) => element.consumer ?? '')))];
  const draws = consumers.flatMap((id) => budget.consumers.filter(({ consumer }) => consumer.id === id));
  return {
    consumers,
    names: draws.map(({ consumer }) => consumer.name),
    low: draws.reduce((sum, { loads }) => sum + loads.typical.low, 0),
    high: draws.reduce((sum, { loads }) => sum + loads.sustained.high, 0),
    x: width - partWidth,
    y,
    width: partWidth,
    height: own.length * rowHeight - 10,
  };
}

interface Banding {
  readonly chips: readonly Chip[];
  readonly rows: readonly Row[];
  readonly supply: Box;
  readonly middleOf: (row: Row) => number;
  readonly leads: readonly LoadedElement[];
}

/** From the supply to its outputs, from each element to what it feeds, and on to the parts. */
function bandsOf({ chips, rows, supply, middleOf, leads }: Banding): Band[] {
  const most = Math.max(1, ...leads.map(({ watts }) => watts));
  const thickness = (watts: number) => Math.max(thinnestBand, (widestBand * watts) / most);
  const chipOf = new Map(chips.map((chip) => [chip.loaded.element.id, chip]));
  const outputs = chips.filter(({ loaded }) => loaded.element.kind === 'output').sort((a, b) => a.y - b.y);
  const fromSupply = outputs.map((chip, i): Band => ({
    id: `supply ${chip.loaded.element.id}`,
    path: curve(
      supplyWidth,
      supply.y + ((i + 1) * supply.height) / (outputs.length + 1),
      chip.x,
      chip.y + chipHeight / 2,
    ),
    width: thickness(chip.loaded.watts),
    isOver: chip.isOver,
  }));
  const between = chips.flatMap((chip) =>
    chip.loaded.element.from.flatMap((id): Band[] => {
      const feeder = chipOf.get(id);
      if (!feeder) return [];
      return [
        {
          id: `${id} ${chip.loaded.element.id}`,
          path: curve(feeder.x + feeder.width, feeder.y + chipHeight / 2, chip.x, chip.y + chipHeight / 2),
          width: thickness(chip.loaded.watts / chip.loaded.element.from.length),
          isOver: feeder.isOver,
        },
      ];
    }),
  );
  const toParts = rows.flatMap((row) => {
    const watts = row.inputs.reduce((sum, one) => sum + one.watts, 0);
    const feeders = [...new Set(row.inputs.flatMap(({ element }) => element.from))];
    return feeders.flatMap((id): Band[] => {
      const feeder = chipOf.get(id);
      if (!feeder) return [];
      return [
        {
          id: `${id} ${row.inputs.map(({ element }) => element.id).join(' ')}`,
          path: curve(feeder.x + feeder.width, feeder.y + chipHeight / 2, width - partWidth, middleOf(row)),
          width: thickness(watts / feeders.length),
          isOver: feeder.isOver,
        },
      ];
    });
  });
  return [...fromSupply, ...between, ...toParts];
}

const curve = (x1: number, y1: number, x2: number, y2: number): string => {
  const half = Math.max(12, (x2 - x1) / 2);
  return `M ${x1} ${y1} C ${x1 + half} ${y1} ${x2 - half} ${y2} ${x2} ${y2}`;
};

/** The boxes at the right, each with its rows: first what hangs together on one plug, then each part by itself. */
function groupsOf(leads: readonly LoadedElement[]): Row[][] {
  const inputs = leads.filter(
    ({ element: { kind, consumer, from } }) => kind === 'input' && consumer && from.length > 0,
  );
  const inputsOf = (id: string | undefined) => inputs.filter(({ element }) => element.consumer === id);
  const isShared = ({ element }: LoadedElement) =>
    element.from.length === 1 &&
    inputsOf(element.consumer).length === 1 &&
    inputs.filter((one) => one.element.from[0] === element.from[0] && one.element.from.length === 1).length > 1;
  const shared = new Map<string, LoadedElement[]>();
  const single = new Map<string, LoadedElement[]>();
  for (const input of inputs) {
    const [map, key] = isShared(input) ? [shared, input.element.from[0] ?? ''] : [single, input.element.consumer ?? ''];
    map.set(key, [...(map.get(key) ?? []), input]);
  }
  return [
    ...[...shared.values()].map((together) => [{ inputs: together }]),
    ...[...single.values()].map((own) => own.map((input) => ({ inputs: [input] }))),
  ];
}

interface Placing {
  readonly rows: readonly Row[];
  readonly middleOf: (row: Row) => number;
  readonly weakest: LoadedElement | null;
}

/** Every element that is no input, in columns by its distance from the supply, beside what it feeds. */
function placeChips(
  leads: readonly LoadedElement[],
  byId: ReadonlyMap<string, LoadedElement>,
  { rows, middleOf, weakest }: Placing,
): Chip[] {
  const drawn = leads.filter(({ element }) => element.kind !== 'input');
  const depths = new Map(drawn.map((one) => [one, depthOf(one.element, byId)]));
  const columns = Math.max(1, ...[...depths.values()].map((depth) => depth + 1));
  const space = width - supplyWidth - bend - partWidth;
  const pitch = space / columns;
  const chipWidth = Math.min(widestChip, pitch - 16);
  const wanted = (one: LoadedElement): number => {
    const ys = rows
      .filter(({ inputs }) => inputs.some((input) => isFedBy(input.element, one.element.id, byId)))
      .map(middleOf);
    return ys.length === 0 ? 40 : ys.reduce((sum, y) => sum + y, 0) / ys.length;
  };
  return Array.from({ length: columns }, (_, column) => {
    const inColumn = drawn
      .filter((one) => depths.get(one) === column)
      .map((loaded) => ({ loaded, y: wanted(loaded) }))
      .sort((a, b) => a.y - b.y);
    let below = -Infinity;
    return inColumn.map(({ loaded, y }): Chip => {
      const middle = Math.max(y, below + rowHeight);
      below = middle;
      return {
        loaded,
        name: nameOf(loaded.element),
        shown: shownName(loaded.element),
        isWeakest: loaded.element.id === weakest?.element.id && weakest.fullness > 0.8,
        isOver: loaded.fullness > 1,
        x: supplyWidth + bend + column * pitch + (pitch - chipWidth) / 2,
        y: middle - chipHeight / 2,
        width: chipWidth,
        height: chipHeight,
      };
    });
  }).flat();
}

const shortPlugs: Readonly<Partial<Record<ConnectorKind, string>>> = {
  'board-24': '24-pin',
  'cpu-8': '8-pin EPS',
  'cpu-4': '4-pin EPS',
  'card-6': '6-pin card',
  'card-8': '8-pin card',
  'card-12': '12-pin card',
  'sata-power': 'SATA power',
  'drive-4': '4-pin drive',
  'floppy-4': 'small 4-pin',
};

function shownName({ name, kind, connector }: LeadElement): string {
  if (name) return name;
  const plug = shortPlugs[connector] ?? CONNECTOR_FACTS[connector].name;
  if (kind === 'output') return `${plug} plug`;
  return kind === 'adapter' ? `to ${plug}` : kind;
}

function depthOf(element: LeadElement, byId: ReadonlyMap<string, LoadedElement>): number {
  const feeders = element.from.flatMap((id) => byId.get(id)?.element ?? []);
  return feeders.length === 0 ? 0 : 1 + Math.max(...feeders.map((feeder) => depthOf(feeder, byId)));
}

const isFedBy = (element: LeadElement, id: string, byId: ReadonlyMap<string, LoadedElement>): boolean =>
  element.from.some((from) => {
    const feeder = byId.get(from)?.element;
    return from === id || (feeder !== undefined && isFedBy(feeder, id, byId));
  });

import type { ConnectorKind } from './connector';
import type { Plugs } from './plug-count';
import { planOf, type PowerSheet, type SheetLead } from './power-sheet';

/** What a card draws through its slot at most, and what each 8-pin plug adds, in watts. */
const slotWatts = 75;
const card8Watts = 150;

/** How many 8-pin plugs a card of this sustained draw has, in watts. @example cardPlugs(220) // => 1 */
export const cardPlugs = (watts: number): number => Math.max(0, Math.ceil((watts - slotWatts) / card8Watts));

/**
 * The leads as they usually are: what a technician corrects by what is there. The board's plug feeds what hangs on the
 * board; a card draws from its slot and from 8-pin plugs on leads of their own.
 */
export function usualLeads(sheet: PowerSheet): SheetLead[] {
  const { consumers } = planOf(sheet);
  const isAdapter = sheet.supply !== undefined && sheet.supply !== null && 'adapterVolts' in sheet.supply;
  const main: ConnectorKind = isAdapter ? 'barrel' : 'board-24';
  const mainOut: SheetLead = { id: 'main-out', kind: 'output', connector: main };
  const inputs = consumers.flatMap(({ id, kind, count, draw }): SheetLead[] => {
    const own = (connector: ConnectorKind, n: number): SheetLead[] =>
      Array.from({ length: n }, (_, i) => i + 1).flatMap((nth): SheetLead[] => [
        { id: `${id}-out-${nth}`, kind: 'output', connector },
        { id: `${id}-in-${nth}`, kind: 'input', connector, from: [`${id}-out-${nth}`], consumer: id },
      ]);
    const onBoard: SheetLead[] = [{ id: `${id}-in`, kind: 'input', connector: main, from: ['main-out'], consumer: id }];
    if (isAdapter) return onBoard;
    switch (kind) {
      case 'processor':
        return own('cpu-8', 1);
      case 'graphics-card':
        return [
          { id: `${id}-slot`, kind: 'input', connector: 'card-slot', consumer: id },
          ...own('card-8', cardPlugs(draw.sustained.high)),
        ];
      case 'sata-ssd':
      case 'hard-drive':
      case 'optical-drive':
        return own('sata-power', count);
      default:
        return onBoard;
    }
  });
  return [mainOut, ...inputs];
}

/** The plugs that a machine needs, counted before a supply is bought. */
export function plugNeeds(sheet: PowerSheet): Plugs {
  const needs: Partial<Record<ConnectorKind, number>> = { 'board-24': 1 };
  const add = (kind: ConnectorKind, n: number) => {
    if (n > 0) needs[kind] = (needs[kind] ?? 0) + n;
  };
  const { consumers, leads } = planOf(sheet);
  consumers.forEach(({ id, kind, count, draw }) => {
    const drawn = leads.filter(
      ({ kind: of, consumer, connector }) => of === 'input' && consumer === id && isCard(connector),
    );
    if (kind === 'processor') add('cpu-8', 1);
    else if (kind === 'graphics-card' && drawn.length > 0) drawn.forEach(({ connector }) => add(connector, 1));
    else if (kind === 'graphics-card') add('card-8', cardPlugs(draw.sustained.high));
    else if (kind === 'sata-ssd' || kind === 'hard-drive' || kind === 'optical-drive') add('sata-power', count);
  });
  return needs;
}

const isCard = (connector: ConnectorKind): boolean =>
  connector === 'card-6' || connector === 'card-8' || connector === 'card-12';

import type { ConnectorKind } from './connector';
import { withoutOrphans } from './lead-orphans';
import { planOf, type PowerSheet, type SheetLead } from './power-sheet';
import { cardPlugs } from './usual-leads';

/** How a card may be found to be fed. */
export const CARD_FEEDS = [
  'own-leads',
  'split-lead',
  'drive-plug',
  'two-drive-plugs',
  'sata-plug',
  'twelve-pin',
] as const;
export type CardFeed = (typeof CARD_FEEDS)[number];

/**
 * The leads with a card fed in one of these ways, drawn in one go: what fed only its plugs before goes, its slot and all
 * others stay. The same leads where no such consumer is.
 * @param consumer id of the card
 */
export function feedCard(sheet: PowerSheet, consumer: string, feed: CardFeed): readonly SheetLead[] {
  const leads = sheet.leads ?? [];
  const draw = planOf(sheet).consumers.find(({ id }) => id === consumer)?.draw;
  if (!draw) return leads;
  const isPlug = (lead: SheetLead) =>
    lead.kind === 'input' && lead.consumer === consumer && lead.connector !== 'card-slot';
  const others = withoutOrphans(
    leads.filter((lead) => !isPlug(lead)),
    leads.filter(isPlug),
  );
  const plugs = Math.max(1, cardPlugs(draw.sustained.high));
  return [...others, ...chainOf(consumer, feed, plugs)];
}

function chainOf(card: string, feed: CardFeed, plugs: number): SheetLead[] {
  const output = (n: number, connector: ConnectorKind): SheetLead => ({
    id: `${card}-out-${n}`,
    kind: 'output',
    connector,
  });
  const input = (n: number, from: string, connector: ConnectorKind = 'card-8'): SheetLead => ({
    id: `${card}-in-${n}`,
    kind: 'input',
    connector,
    from: [from],
    consumer: card,
  });
  const each = Array.from({ length: plugs }, (_, i) => i + 1);
  const adapter = (from: readonly string[]): SheetLead => ({
    id: `${card}-adapter`,
    kind: 'adapter',
    connector: 'card-8',
    from,
  });
  switch (feed) {
    case 'own-leads':
      return each.flatMap((n) => [output(n, 'card-8'), input(n, `${card}-out-${n}`)]);
    case 'split-lead': {
      const lead: SheetLead = { id: `${card}-lead`, kind: 'lead', connector: 'card-8', from: [`${card}-out-1`] };
      return [output(1, 'card-8'), lead, ...[1, 2].map((n) => input(n, lead.id))];
    }
    case 'drive-plug':
      return [output(1, 'drive-4'), adapter([`${card}-out-1`]), input(1, `${card}-adapter`)];
    case 'two-drive-plugs':
      return [
        output(1, 'drive-4'),
        output(2, 'drive-4'),
        adapter([`${card}-out-1`, `${card}-out-2`]),
        input(1, `${card}-adapter`),
      ];
    case 'sata-plug':
      return [output(1, 'sata-power'), adapter([`${card}-out-1`]), input(1, `${card}-adapter`)];
    case 'twelve-pin':
      return [output(1, 'card-12'), input(1, `${card}-out-1`, 'card-12')];
  }
}

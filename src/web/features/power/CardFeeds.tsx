import { memo, type ReactNode } from 'react';
import styled from 'styled-components';
import { CARD_FEEDS, consumerId, feedCard, type CardFeed, type PowerSheet } from '../../../core/power';
import { Select } from '../../components/Select';
import { consumerKindWords } from './power-words';
import { edited, type Edited } from './sheet-edits';

const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  margin-top: 0.4rem;
  align-items: flex-end;
  > div {
    flex: 1 1 18rem;
    max-width: 26rem;
  }
`;

const feedWords: Readonly<Record<CardFeed, string>> = {
  'own-leads': 'a lead of its own for each plug',
  'split-lead': 'one lead with two plugs',
  'drive-plug': 'a drive plug through an adapter',
  'two-drive-plugs': 'two drive plugs through an adapter',
  'sata-plug': 'a SATA plug through an adapter',
  'twelve-pin': 'a 12-pin lead of the supply',
};

interface CardFeedsProps {
  readonly sheet: PowerSheet;
  readonly onEdit: (next: Edited) => string | null;
  readonly children: ReactNode;
}

/** How each card is fed, drawn in one go: the finer things are changed at the plugs. */
export const CardFeeds = memo(function CardFeeds({ sheet, onEdit, children }: CardFeedsProps) {
  const cards = sheet.consumers.flatMap((one, i) =>
    one.kind === 'graphics-card'
      ? [{ id: consumerId(sheet.consumers, i), name: one.name ?? consumerKindWords[one.kind] }]
      : [],
  );
  return (
    <Line>
      {cards.map(({ id, name }) => (
        <Select
          key={id}
          label={`How the ${name} is fed`}
          value=""
          choices={[{ id: '', label: 'As drawn' }, ...CARD_FEEDS.map((feed) => ({ id: feed, label: feedWords[feed] }))]}
          onChange={(feed) => feed !== '' && onEdit(edited(sheet, { leads: feedCard(sheet, id, feed as CardFeed) }))}
        />
      ))}
      {children}
    </Line>
  );
});

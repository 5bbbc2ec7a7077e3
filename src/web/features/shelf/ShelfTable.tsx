import { CircleCheck, CircleDashed, CircleX } from 'lucide-react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { ShelfItem, SpareStanding } from '../../../contracts';
import { kindInWords } from '../../../core/machine';
import { identityWords } from '../../../core/record';
import { capitalized, caseNumber, fromNow, spareNumber } from '../../components/format';
import { ListRow, RowLink, RowWords } from '../../components/list-parts';
import { fonts } from '../../theme/tokens';
import { standingWords } from '../case-log/spare-words';

const Row = styled(ListRow)`
  grid-template-columns: 5.5rem minmax(0, 2.4fr) minmax(0, 1.5fr) minmax(0, 1.2fr) 9.5rem;
  @media (max-width: 760px) {
    grid-template-columns: 5.5rem minmax(0, 1fr);
    > :nth-child(n + 3) {
      grid-column: 2;
    }
  }
`;
const Tag = styled.span`
  font: 700 1rem ${fonts.code};
`;
const Mark = styled.div<{ $standing: SpareStanding }>`
  display: flex;
  align-items: center;
  gap: 0.4rem;
  color: ${({ theme, $standing }) => ($standing === 'failed' ? theme.danger : theme.ink)};
`;
/** Over the link that covers the row. */
const Above = styled(Link)`
  position: relative;
  z-index: 1;
`;
const icons = { good: CircleCheck, untested: CircleDashed, failed: CircleX } as const;

/** Spares, one a row: what it is, whether it is known to be good and since when, where it is, when it was last seen. */
export function ShelfTable({ items }: { readonly items: readonly ShelfItem[] }) {
  return (
    <ul aria-label="Spares">
      {items.map((item) => (
        <SpareRow key={item.id} item={item} />
      ))}
    </ul>
  );
}

function SpareRow({
  item: { id, number, part, standing, standingSince, standingCase, lent, seenAt },
}: {
  readonly item: ShelfItem;
}) {
  const Icon = icons[standing];
  return (
    <Row>
      <Tag>{spareNumber(number)}</Tag>
      <div>
        <RowLink to={`/shelf/${id}`}>{part.name}</RowLink>
        <RowWords>{[capitalized(kindInWords(part.kind)), ...identityWords(part)].join(', ')}</RowWords>
      </div>
      <div>
        <Mark $standing={standing}>
          <Icon size={18} aria-hidden /> {standingWords[standing]}
        </Mark>
        <RowWords>
          {fromNow(standingSince)}
          {standingCase && (
            <>
              , by case <Above to={`/cases/${standingCase.id}`}>{caseNumber(standingCase.number)}</Above>
            </>
          )}
        </RowWords>
      </div>
      <RowWords>
        {lent ? (
          <>
            Out for case <Above to={`/cases/${lent.caseId}/parts`}>{caseNumber(lent.caseNumber)}</Above>
          </>
        ) : (
          'On the shelf'
        )}
      </RowWords>
      <RowWords>Seen {fromNow(seenAt)}</RowWords>
    </Row>
  );
}

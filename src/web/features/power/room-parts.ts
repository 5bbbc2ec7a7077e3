import styled from 'styled-components';
import { fonts } from '../../theme/tokens';

/** What the panels of the power bench have in common. */
export const Panel = styled.section`
  min-width: 0;
  /* What changes in one panel lays out that panel; what is scrolled away is not drawn. */
  contain: layout style;
  content-visibility: auto;
  contain-intrinsic-size: auto 24rem;
  padding: 0.6rem 1rem 0.9rem;
`;
export const PanelHead = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0.2rem 0.8rem;
  min-height: 2rem;
  margin-bottom: 0.3rem;
  h2 {
    font-size: 1rem;
  }
  > span {
    font-size: 0.9rem;
    color: ${({ theme }) => theme.muted};
  }
`;
export const Quiet = styled.p`
  font-size: 0.93rem;
  color: ${({ theme }) => theme.muted};
`;
export const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.7rem;
`;
export const Table = styled.table`
  width: 100%;
  /* On a phone it scrolls within its place. */
  min-width: 33rem;
  border-collapse: collapse;
  th,
  td {
    padding: 0.25rem 0.5rem 0.25rem 0;
    border-top: 1px solid ${({ theme }) => theme.line};
    text-align: left;
    vertical-align: middle;
  }
  thead th {
    border-top: 0;
    font-weight: 600;
    font-size: 0.9rem;
    color: ${({ theme }) => theme.muted};
  }
  td[data-figure] {
    font-family: ${fonts.code};
    white-space: nowrap;
  }
`;
/** A table that is wider than a phone scrolls by itself. */
export const Wide = styled.div`
  overflow-x: auto;
`;
export const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(8.2rem, 1fr));
  align-items: start;
  gap: 0.5rem 0.7rem;
`;

import { Link } from 'react-router';
import styled from 'styled-components';

/** A row of a list that is pressed anywhere; each list sets its columns. */
export const ListRow = styled.li`
  position: relative;
  display: grid;
  gap: 0 1.1rem;
  align-items: center;
  min-height: 62px;
  padding: 0.5rem 0.6rem;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  &:hover {
    background: ${({ theme }) => theme.panel};
  }
`;
/** What the row is called: its link covers the row. */
export const RowLink = styled(Link)`
  font-weight: 700;
  font-size: 1.05rem;
  text-decoration: none;
  overflow-wrap: anywhere;
  &::after {
    content: '';
    position: absolute;
    inset: 0;
  }
`;
export const RowWords = styled.div`
  color: ${({ theme }) => theme.muted};
  font-size: 0.94rem;
  overflow-wrap: anywhere;
`;
/** What stands in place of a list that is empty. */
export const EmptyList = styled.p`
  padding: 2.5rem 1rem;
  text-align: center;
  color: ${({ theme }) => theme.muted};
`;

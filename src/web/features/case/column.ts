import styled from 'styled-components';

/** One of the three columns under the chain; it scrolls by itself. */
export const Column = styled.section`
  min-height: 0;
  overflow: auto;
  padding: 0.7rem 1rem 1rem;
  border-left: 1px solid ${({ theme }) => theme.line};
  &:first-child {
    border-left: 0;
  }
  @media (max-width: 1000px) {
    overflow: visible;
    border-left: 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
`;

export const ColumnHead = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 0.6rem;
  margin-bottom: 0.4rem;
  font-size: 0.92rem;
  color: ${({ theme }) => theme.muted};
  h2 {
    white-space: nowrap;
    font-size: 0.92rem;
    font-weight: 700;
  }
`;

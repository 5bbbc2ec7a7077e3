import styled from 'styled-components';

/** A part of the room under its heading. */
export const Panel = styled.section`
  margin-bottom: 1.6rem;
  h2 {
    font-size: 1.05rem;
  }
`;
export const PanelHead = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0.4rem 1rem;
  min-height: 48px;
  span {
    font-size: 0.92rem;
    color: ${({ theme }) => theme.muted};
  }
`;
export const Quiet = styled.p`
  color: ${({ theme }) => theme.muted};
`;
export const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  th,
  td {
    padding: 0.45rem 0.8rem 0.45rem 0;
    border-top: 1px solid ${({ theme }) => theme.line};
    text-align: left;
    vertical-align: top;
    overflow-wrap: anywhere;
  }
  th {
    width: 34%;
    font-weight: 600;
  }
  td[data-figure] {
    width: 7rem;
    padding-right: 0;
    text-align: right;
    white-space: nowrap;
    color: ${({ theme }) => theme.muted};
  }
`;

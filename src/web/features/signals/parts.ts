import styled from 'styled-components';

/** What the panels of the room have in common. */
export const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  justify-content: space-between;
  gap: 0 0.8rem;
  margin-bottom: 0.35rem;
  h2 {
    font-size: 1rem;
  }
  span {
    font-size: 0.9rem;
    color: ${({ theme }) => theme.muted};
  }
`;
export const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.45rem;
  margin-top: 0.55rem;
`;
export const Quiet = styled.p`
  margin: 0.35rem 0 0;
  font-size: 0.95rem;
  color: ${({ theme }) => theme.muted};
`;
export const Said = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.8rem;
  margin: 0.4rem 0;
`;

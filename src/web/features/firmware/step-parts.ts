import styled from 'styled-components';

/** Pieces that the steps of the firmware bay share. */

export const Title = styled.h1`
  margin-bottom: 0.3rem;
  font-size: 1.6rem;
  line-height: 1.2;
`;
export const Lead = styled.p`
  max-width: 46rem;
  margin-bottom: 1rem;
  color: ${({ theme }) => theme.muted};
`;
export const Fields = styled.div<{ $columns?: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns ?? 3}, minmax(0, 1fr));
  gap: 0.8rem 1rem;
  max-width: 54rem;
  margin-bottom: 1rem;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
export const Block = styled.section`
  max-width: 54rem;
  margin-bottom: 1.4rem;
  h2 {
    margin-bottom: 0.4rem;
    font-size: 1.1rem;
  }
`;
export const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.8rem;
  margin-top: 1rem;
`;
export const Plain = styled.ul`
  display: grid;
  gap: 0.35rem;
`;
export const Muted = styled.span`
  color: ${({ theme }) => theme.muted};
`;
export const Wrong = styled.strong`
  color: ${({ theme }) => theme.danger};
`;
/** Around a notice that other things follow. */
export const Spaced = styled.div`
  margin-bottom: 0.8rem;
`;
/** Links and buttons side by side in the head of a page. */
export const HeadActions = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 1.2rem;
  a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
`;

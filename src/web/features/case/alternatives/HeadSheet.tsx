import styled from 'styled-components';
import { PopoverSheet } from '../../../components/Sheet';

/** A small form that hangs from a button in the head of the other tests. */
export const HeadSheet = styled(PopoverSheet)`
  width: 24rem;
  max-width: 94vw;
  max-height: 70vh;
  overflow: auto;
  h2 {
    font-size: 1.05rem;
  }
  p {
    margin: 0.2rem 0 0.6rem;
    font-size: 0.88rem;
    color: ${({ theme }) => theme.muted};
  }
  form > * {
    margin-bottom: 0.7rem;
  }
`;

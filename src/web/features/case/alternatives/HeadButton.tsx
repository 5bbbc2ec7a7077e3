import styled from 'styled-components';
import { Button } from '../../../components/Button';

/** A button beside the heading of the other tests. */
export const HeadButton = styled(Button)`
  padding: 0.2rem 0.5rem;
  font-size: 0.92rem;
`;

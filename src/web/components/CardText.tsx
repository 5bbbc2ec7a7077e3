import styled from 'styled-components';

/** The one next thing, in large type. */
export const CardTitle = styled.h1`
  font-size: 1.75rem;
  line-height: 1.15;
`;

export const CardText = styled.p`
  margin: 0.5rem 0 1rem;
  font-size: 1.08rem;
`;

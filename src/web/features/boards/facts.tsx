import type { ReactNode } from 'react';
import styled from 'styled-components';
import { fonts } from '../../theme/tokens';

/** Names on the left, what is so on the right. */
export const Facts = styled.dl`
  display: grid;
  grid-template-columns: 9.5rem minmax(0, 1fr);
  gap: 0.3rem 0.8rem;
  dt {
    color: ${({ theme }) => theme.muted};
  }
  code {
    font-family: ${fonts.code};
    font-weight: 600;
  }
`;

export function Fact({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </>
  );
}

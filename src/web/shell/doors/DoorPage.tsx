import { useEffect, type ReactNode } from 'react';
import styled from 'styled-components';

const Main = styled.main`
  display: grid;
  align-content: start;
  gap: 1.1rem;
  width: min(27rem, 100%);
  margin: 0 auto;
  padding: clamp(1.5rem, 9vh, 6rem) 1rem 3rem;
  h1 {
    font-size: 1.7rem;
    line-height: 1.2;
  }
`;
const Name = styled.p`
  font-weight: 700;
`;

/** A page before the doors: no bar, one thing to do. */
export function DoorPage({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  useEffect(() => {
    document.title = `${title} · Jovial Probe`;
  }, [title]);
  return (
    <Main>
      <Name>Jovial Probe</Name>
      <h1>{title}</h1>
      {children}
    </Main>
  );
}

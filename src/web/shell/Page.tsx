import { useEffect, type ReactNode } from 'react';
import styled from 'styled-components';
import { TopBar } from './TopBar';

const Main = styled.main`
  max-width: 1180px;
  margin: 0 auto;
  padding: 1.2rem 1rem 4rem;
`;
const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0.8rem;
  margin-bottom: 1.1rem;
  h1 {
    font-size: 1.7rem;
    line-height: 1.2;
  }
`;

/** A page that scrolls, with the bar on top. */
export function Page({
  title,
  heading = true,
  actions,
  children,
}: {
  readonly title: string;
  /** False where the page has a heading of its own. */
  readonly heading?: boolean;
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}) {
  useEffect(() => {
    document.title = `${title} · Jovial Probe`;
  }, [title]);
  return (
    <>
      <TopBar />
      <Main>
        <Head>
          {heading ? <h1>{title}</h1> : <strong>{title}</strong>}
          {actions}
        </Head>
        {children}
      </Main>
    </>
  );
}

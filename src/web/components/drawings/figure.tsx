import type { ReactNode } from 'react';
import styled from 'styled-components';
import { fonts } from '../../theme/tokens';

const Sheet = styled.figure`
  width: 190px;
  max-width: 100%;
  margin: 0;
  padding: 0.5rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 4px;
  background: ${({ theme }) => theme.panel};
  figcaption {
    margin-top: 0.2rem;
    font-size: 0.85rem;
    line-height: 1.25;
    color: ${({ theme }) => theme.muted};
  }
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  text {
    font: 600 13px ${fonts.code};
    fill: ${({ theme }) => theme.ink};
  }
  .line {
    fill: none;
    stroke: ${({ theme }) => theme.ink};
    stroke-width: 2;
  }
  .body {
    fill: ${({ theme }) => theme.sunk};
    stroke: ${({ theme }) => theme.ink};
    stroke-width: 2;
  }
  .dark {
    fill: ${({ theme }) => theme.ink};
  }
  .here {
    fill: ${({ theme }) => theme.suspicionFill};
    stroke: ${({ theme }) => theme.suspicion};
    stroke-width: 2.5;
  }
  .gap {
    fill: none;
    stroke: ${({ theme }) => theme.muted};
    stroke-dasharray: 3 2;
  }
  .blade {
    stroke: ${({ theme }) => theme.danger};
    stroke-width: 5;
    stroke-linecap: round;
  }
  .way {
    fill: none;
    stroke: ${({ theme }) => theme.suspicion};
    stroke-width: 2.5;
  }
`;

interface FigureProps {
  readonly width: number;
  readonly height: number;
  /** What is in the picture, for those who do not see it. */
  readonly label: string;
  readonly caption: string;
  readonly children: ReactNode;
}

/** A small picture beside a movement, with its caption. */
export const Figure = ({ width, height, label, caption, children }: FigureProps) => (
  <Sheet>
    <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={label}>
      {children}
    </svg>
    <figcaption>{caption}</figcaption>
  </Sheet>
);

/** An arrow along a line, its head at the end. */
export function Arrow({
  from,
  to,
}: {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
}) {
  const angle = Math.atan2(to[1] - from[1], to[0] - from[0]);
  const wing = (turn: number) => `${to[0] - 9 * Math.cos(angle + turn)},${to[1] - 9 * Math.sin(angle + turn)}`;
  return (
    <>
      <line className="way" x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} />
      <polyline className="way" points={`${wing(0.5)} ${to[0]},${to[1]} ${wing(-0.5)}`} />
    </>
  );
}

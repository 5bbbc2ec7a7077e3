import { useEffect, useState } from 'react';
import styled from 'styled-components';

const Strip = styled.p`
  position: fixed;
  z-index: 20;
  top: 0.4rem;
  left: 50%;
  transform: translateX(-50%);
  padding: 0.35rem 1.1rem;
  border: 1px solid ${({ theme }) => theme.strong};
  border-radius: 6px;
  background: ${({ theme }) => theme.panel};
  color: ${({ theme }) => theme.ink};
  font-weight: 600;
  &::after {
    content: '';
    display: block;
    height: 4px;
    margin-top: 0.25rem;
    background: repeating-linear-gradient(
      90deg,
      ${({ theme }) => theme.strong} 0 12px,
      ${({ theme }) => theme.line} 12px 24px
    );
    animation: progress-moves 1s linear infinite;
  }
  @keyframes progress-moves {
    to {
      background-position: 24px 0;
    }
  }
`;

/** A word that flashes by is noise. */
const afterMs = 1000;

/** Says what is being waited for, once it has taken a second. */
export function Progress({ words }: { readonly words: string }) {
  const [isLong, setLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLong(true), afterMs);
    return () => clearTimeout(timer);
  }, []);
  return isLong ? <Strip role="status">{words} …</Strip> : null;
}

import styled from 'styled-components';

/** Only if it takes over a second: a word that flashes by is noise. */
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
  visibility: hidden;
  animation: progress-appears 0s 1s forwards;
  @keyframes progress-appears {
    to {
      visibility: visible;
    }
  }
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
  @media (prefers-reduced-motion: reduce) {
    &::after {
      animation: none;
    }
  }
`;

/** Says what is being waited for, once it has taken a second. */
export const Progress = ({ words }: { readonly words: string }) => <Strip role="status">{words} …</Strip>;

import { createGlobalStyle } from 'styled-components';
import { fonts } from './tokens';

export const GlobalStyle = createGlobalStyle`
  *, *::before, *::after { box-sizing: border-box; }
  html { color-scheme: ${({ theme }) => theme.scheme}; background: ${({ theme }) => theme.ground}; color: ${({ theme }) => theme.ink}; }
  body { margin: 0; font: 400 1rem/1.45 ${fonts.text}; font-variant-numeric: tabular-nums; }
  h1, h2, h3, p, ol, ul, dl, dd, figure { margin: 0; padding: 0; }
  ul { list-style: none; }
  button, input, textarea, select { font: inherit; color: inherit; }
  a { color: inherit; text-underline-offset: 0.2em; }
  code { font-family: ${fonts.code}; font-size: 0.95em; }
  :focus-visible, [data-focus-visible] { outline: 3px solid ${({ theme }) => theme.focus}; outline-offset: 2px; }
  @media (prefers-reduced-motion: reduce) { * { animation: none !important; transition: none !important; } }
`;

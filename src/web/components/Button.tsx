import { Button as AriaButton } from 'react-aria-components';
import styled, { css } from 'styled-components';

const kinds = {
  primary: css`
    background: ${({ theme }) => theme.strong};
    border-color: ${({ theme }) => theme.strong};
    color: ${({ theme }) => theme.onStrong};
  `,
  plain: css`
    background: ${({ theme }) => theme.panel};
    border-color: ${({ theme }) => theme.line};
  `,
  quiet: css`
    background: transparent;
    border-color: transparent;
  `,
};

/** A button at least 44 px high and wide. */
export const Button = styled(AriaButton)<{ $kind?: keyof typeof kinds }>`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 0.5rem;
  min-width: 44px;
  min-height: 44px;
  padding: 0.4rem 1rem;
  border: 1px solid;
  border-radius: 6px;
  font-weight: 600;
  cursor: pointer;
  text-decoration: none;
  white-space: nowrap;
  flex-shrink: 0;
  svg {
    flex: none;
  }
  ${({ $kind }) => kinds[$kind ?? 'plain']}
  &[data-hovered] {
    border-color: ${({ theme }) => theme.ink};
  }
  &[data-pressed] {
    transform: translateY(1px);
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
`;

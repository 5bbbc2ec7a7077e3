import type { ReactNode } from 'react';
import styled from 'styled-components';

const Box = styled.div<{ $kind: 'danger' | 'suspicion' | 'plain' }>`
  display: flex;
  align-items: center;
  gap: 0.8rem;
  justify-content: space-between;
  padding: 0.55rem 0.9rem;
  border-left: 5px solid ${({ theme, $kind }) => ($kind === 'plain' ? theme.strong : theme[$kind])};
  background: ${({ theme, $kind }) =>
    $kind === 'danger' ? theme.dangerSoft : $kind === 'suspicion' ? theme.suspicionSoft : theme.panel};
`;

/** A line that must be noticed. Danger is announced at once. */
export function Notice({
  kind,
  children,
}: {
  readonly kind: 'danger' | 'suspicion' | 'plain';
  readonly children: ReactNode;
}) {
  return (
    <Box $kind={kind} role={kind === 'danger' ? 'alert' : 'status'}>
      {children}
    </Box>
  );
}

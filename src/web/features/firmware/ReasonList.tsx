import { CircleAlert, CircleX, Info } from 'lucide-react';
import styled from 'styled-components';
import type { Reason, Severity } from '../../../core/firmware';

const List = styled.ul`
  display: grid;
  gap: 0.4rem;
  margin: 0.5rem 0;
  li {
    display: grid;
    grid-template-columns: 1.4rem minmax(0, 1fr);
    gap: 0.3rem;
  }
  svg {
    margin-top: 0.15rem;
  }
`;
const Mark = styled.span<{ $severity: Severity }>`
  color: ${({ theme, $severity }) =>
    $severity === 'bad' ? theme.danger : $severity === 'warning' ? theme.suspicion : theme.muted};
`;

const words: Readonly<Record<Severity, string>> = { bad: 'Bad', warning: 'Warning', note: 'Note' };
const icons = { bad: CircleX, warning: CircleAlert, note: Info } as const;

/** Reasons, the worst first, each with how to fix it. */
export function ReasonList({ reasons }: { readonly reasons: readonly Reason[] }) {
  const order: readonly Severity[] = ['bad', 'warning', 'note'];
  const sorted = [...reasons].sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity));
  if (sorted.length === 0) return null;
  return (
    <List>
      {sorted.map(({ code, severity, message, fix }) => {
        const Icon = icons[severity];
        return (
          <li key={code + message}>
            <Mark $severity={severity}>
              <Icon size={18} aria-hidden />
            </Mark>
            <span>
              <strong>{words[severity]}:</strong> {message} {fix}
            </span>
          </li>
        );
      })}
    </List>
  );
}

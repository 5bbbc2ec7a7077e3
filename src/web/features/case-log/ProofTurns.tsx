import styled from 'styled-components';

const List = styled.ol<{ $isShort: boolean }>`
  display: grid;
  grid-template-columns: repeat(${({ $isShort }) => ($isShort ? 2 : 4)}, minmax(0, 1fr));
  gap: 4px;
  margin: 0 0 0.4rem;
`;
const Turn = styled.li<{ $done: boolean; $isShort: boolean }>`
  display: grid;
  place-items: center;
  min-height: ${({ $isShort }) => ($isShort ? '30px' : '40px')};
  font-size: ${({ $isShort }) => ($isShort ? '0.8rem' : 'inherit')};
  padding: 0 0.3rem;
  border: ${({ theme, $done }) => ($done ? `1px solid ${theme.strong}` : `1px dashed ${theme.muted}`)};
  background: ${({ theme, $done }) => ($done ? theme.strong : 'transparent')};
  color: ${({ theme, $done }) => ($done ? theme.onStrong : theme.muted)};
  font-weight: 600;
  text-align: center;
  line-height: 1.15;
`;

const turns = ['Fault present', 'Gone', 'Came back', 'Gone again'];
const shortTurns = ['fault present', 'gone', 'came back', 'gone again'];

/** Away, back, away as a strip of four turns, those made so far filled and ticked. */
export function ProofTurns({ turns: done, isShort = false }: { readonly turns: number; readonly isShort?: boolean }) {
  return (
    <List $isShort={isShort} aria-label={`Proof: ${Math.min(4, done)} of 4 turns made`}>
      {(isShort ? shortTurns : turns).map((turn, index) => (
        <Turn key={`${index}-${turn}`} $done={index < done} $isShort={isShort}>
          {turn}
          {index < done ? ' ✓' : ''}
        </Turn>
      ))}
    </List>
  );
}

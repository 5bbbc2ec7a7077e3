import styled from 'styled-components';
import type { Confirmation } from '../../../core/diagnosis';

const Strip = styled.div`
  h2 {
    font-size: 1rem;
    margin-bottom: 0.35rem;
  }
  ol {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 4px;
    margin: 0 0 0.4rem;
    padding: 0;
    list-style: none;
  }
`;
const Turn = styled.li<{ $done: boolean }>`
  display: grid;
  place-items: center;
  min-height: 40px;
  padding: 0 0.8rem;
  border: ${({ theme, $done }) => ($done ? `1px solid ${theme.strong}` : `1px dashed ${theme.muted}`)};
  background: ${({ theme, $done }) => ($done ? theme.strong : 'transparent')};
  color: ${({ theme, $done }) => ($done ? theme.onStrong : theme.muted)};
  font-weight: 600;
  text-align: center;
  line-height: 1.15;
`;

const turns = ['In place: fails', 'Away: works', 'Back: fails', 'Away: works'];
const turnsDone: Readonly<Record<Confirmation, number>> = { suggested: 0, supported: 2, proven: 4 };

/** The away–back–away proof as a strip of four turns. */
export function ProofStrip({ proof, words }: { readonly proof: Confirmation; readonly words: string }) {
  return (
    <Strip>
      <h2>Proof: {proof}</h2>
      <ol>
        {turns.map((turn, index) => (
          <Turn key={`${index}-${turn}`} $done={index < turnsDone[proof]}>
            {turn}
            {index < turnsDone[proof] ? ' ✓' : ''}
          </Turn>
        ))}
      </ol>
      <p>{words}</p>
    </Strip>
  );
}

import styled from 'styled-components';
import type { Confirmation } from '../../../core/diagnosis';
import { ProofTurns } from '../case-log/ProofTurns';

const Strip = styled.div`
  h2 {
    font-size: 1rem;
    margin-bottom: 0.35rem;
  }
`;

const turnsDone: Readonly<Record<Confirmation, number>> = { suggested: 0, supported: 2, proven: 4 };

/** The away–back–away proof of the cause that is chosen, and what it means. */
export function ProofStrip({ proof, words }: { readonly proof: Confirmation; readonly words: string }) {
  return (
    <Strip>
      <h2>Proof: {proof}</h2>
      <ProofTurns turns={turnsDone[proof]} />
      <p>{words}</p>
    </Strip>
  );
}

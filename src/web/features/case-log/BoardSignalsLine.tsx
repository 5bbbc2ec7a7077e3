import styled from 'styled-components';
import type { BoardBookEntry } from '../../../core/firmware';
import { signalsFor } from '../../../core/signals';
import type { StartOutcome } from '../../../core/startup';
import { alternativesOf, listOf } from '../../components/format';
import { PlayBeeps } from '../../components/PlayBeeps';

const Line = styled.span`
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 0.5rem;
`;

/** What this board shows and sounds with an outcome, by its own names; nothing where it has no signal for it. */
export function BoardSignalsLine({
  board,
  outcome,
}: {
  readonly board: BoardBookEntry;
  readonly outcome: StartOutcome;
}) {
  const { lights, codes, beeps } = signalsFor(board, outcome);
  const words = [
    ...(lights.length > 0
      ? [`light ${listOf(lights.map(({ label, shows }) => `${label} ${shows === 'on' ? 'stays' : 'blinks'}`))}`]
      : []),
    ...(codes.length > 0 ? [`code ${alternativesOf(codes.map(({ code }) => code))}`] : []),
    ...beeps.map(({ pattern, repeats }) => `beeps ${pattern}${repeats ? ', again and again' : ''}`),
  ];
  if (words.length === 0) return null;
  return (
    <Line>
      This board: {words.join('; ')}
      {beeps.map(({ pattern, repeats = false }) => (
        <PlayBeeps key={pattern} pattern={pattern} repeats={repeats} />
      ))}
    </Line>
  );
}

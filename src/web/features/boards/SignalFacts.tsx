import styled from 'styled-components';
import type { BoardBookFile } from '../../../contracts';
import { inWords, type StageLight } from '../../../core/firmware';
import { PlayBeeps } from '../../components/PlayBeeps';
import { listOf } from '../../components/format';
import { linkWords, saysWords } from './board-columns';
import { Fact, Facts } from './facts';

const Sounded = styled.span`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 0.6rem;
`;

/** What its lights, its display and its speaker say; nothing where the book has none of them. */
export function SignalFacts({ board }: { readonly board: BoardBookFile }) {
  const { stageLights = [], lightsPlace, speaker, codes = [], beeps = [] } = board;
  if (stageLights.length + codes.length + beeps.length === 0 && !speaker) return null;
  return (
    <section>
      <h2>Lights, codes and beeps</h2>
      <Facts>
        {lightsPlace && (
          <Fact name="Stage lights">
            {lightsPlace.where}, {lightsPlace.run === 'down' ? 'from top to bottom' : 'from left to right'}
          </Fact>
        )}
        {stageLights.map((light) => (
          <Fact key={light.label} name={`Light ${light.label}`}>
            {lightFacts(light)}
          </Fact>
        ))}
        {codes.map(({ code, meaning, waitSeconds }) => (
          <Fact key={code} name={`Code ${code}`}>
            {meaning}
            {waitSeconds ? `; may stay ${inWords(waitSeconds)}` : ''}
          </Fact>
        ))}
        {speaker && (
          <Fact name="Speaker">
            {speaker.fitted ? 'fitted' : `none fitted: plug one${speaker.header ? ` onto ${speaker.header}` : ''}`}
          </Fact>
        )}
        {beeps.map(({ pattern, meaning, repeats = false }) => (
          <Fact key={pattern} name={`Beeps ${pattern}`}>
            <Sounded>
              {meaning}
              {repeats ? ', again and again' : ''}
              <PlayBeeps pattern={pattern} repeats={repeats} />
            </Sounded>
          </Fact>
        ))}
      </Facts>
    </section>
  );
}

/** A light in one line: only what is not the usual is said of how it is read. */
function lightFacts({ link, colour, stays = 'failed', blinks = 'busy', rightOfTen }: StageLight): string {
  const reading = [
    ...(stays === 'failed' ? [] : [`staying on means ${saysWords[stays].toLowerCase()}`]),
    ...(blinks === 'busy' ? [] : [`blinking means ${saysWords[blinks].toLowerCase()}`]),
    ...(rightOfTen === undefined ? [] : [`right ${rightOfTen} times in 10`]),
  ];
  return [linkWords[link], ...(colour ? [colour] : []), ...(reading.length > 0 ? [listOf(reading)] : [])].join(', ');
}

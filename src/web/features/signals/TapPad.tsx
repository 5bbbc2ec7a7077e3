import { type SyntheticEvent, useMemo } from 'react';
import styled from 'styled-components';
import { patternInSigns, patternInWords, tappedPattern } from '../../../core/signals';
import { Button } from '../../components/Button';
import { Said } from './parts';
import type { Tapping } from './use-tapping';
import { Waveform } from './Waveform';

const Pad = styled.button<{ $down: boolean }>`
  width: 100%;
  min-height: 56px;
  border: 2px ${({ $down }) => ($down ? 'solid' : 'dashed')} ${({ theme }) => theme.strong};
  border-radius: 6px;
  background: ${({ theme, $down }) => ($down ? theme.strong : theme.panel)};
  color: ${({ theme, $down }) => ($down ? theme.onStrong : theme.ink)};
  font-weight: 600;
  cursor: pointer;
  touch-action: none;
  user-select: none;
`;
/** The pattern so far waits so long for another tone before it is judged. */
const judgedAfterSeconds = 1.2;

/** What was tapped so far, as a pattern. */
const useJudged = (taps: Tapping['taps']) =>
  useMemo(() => {
    const last = taps.at(-1);
    const seconds = last ? last.startSeconds + last.seconds + judgedAfterSeconds : 0;
    return { ...tappedPattern(taps, seconds), seconds };
  }, [taps]);

/** A pad that is held as long as each tone, and what was tapped so far. */
export function TapPad({ tapping, isListening }: { readonly tapping: Tapping; readonly isListening: boolean }) {
  const { taps, isDown, down, up } = tapping;
  const { beeps, seconds } = useJudged(taps);
  const released = (event: SyntheticEvent) => up(event.timeStamp);
  if (isListening) return <Waveform outline={[]} beeps={[]} seconds={1} />;
  return (
    <>
      {taps.length > 0 && <Waveform outline={[]} beeps={beeps} seconds={Math.max(4, seconds)} />}
      <Pad
        type="button"
        $down={isDown}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          down(event.timeStamp);
        }}
        onPointerUp={released}
        onPointerCancel={released}
        onKeyDown={(event) => {
          if (event.key !== ' ' && event.key !== 'Enter') return;
          event.preventDefault();
          if (!event.repeat) down(event.timeStamp);
        }}
        onKeyUp={released}
      >
        {isDown ? 'Tone …' : 'Hold here as long as each tone'}
      </Pad>
    </>
  );
}

/** What was tapped, to be taken or tapped again. */
export function TappedLine({
  tapping,
  onTake,
}: {
  readonly tapping: Tapping;
  readonly onTake: (beeps: string) => void;
}) {
  const { pattern, repeats } = useJudged(tapping.taps);
  const signs = patternInSigns(pattern);
  return (
    <Said role="status">
      <strong>
        Tapped: {patternInWords(signs)}
        {repeats > 1 ? `, ${repeats} times` : ''}
      </strong>
      <Button $kind="primary" onPress={() => onTake(signs)}>
        Take it: {signs}
      </Button>
      <Button onPress={tapping.clear}>Tap again</Button>
    </Said>
  );
}

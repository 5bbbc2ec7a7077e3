import { patternInSigns, patternInWords, type HeardBeeps } from '../../../core/signals';
import { Button } from '../../components/Button';
import { decimal, percent } from '../../components/format';
import { Said } from './parts';

/** What was made out in a sound, with how sure that is: a person confirms it. */
export function HeardBeepsLine({
  heard,
  isListening,
  onTake,
}: {
  readonly heard: HeardBeeps;
  readonly isListening: boolean;
  readonly onTake: (beeps: string) => void;
}) {
  const { pattern, repeats, continuous, beeps, confidence, reasons } = heard;
  const signs = patternInSigns(pattern);
  const hertz = beeps[0]?.hertz;
  return (
    <Said role="status" aria-live="polite">
      {pattern.length === 0 ? (
        <strong>{isListening ? 'Nothing heard so far.' : 'No beep in it.'}</strong>
      ) : (
        <>
          <strong>
            {continuous ? 'One tone without end' : patternInWords(signs)}
            {repeats > 1 && !continuous ? `, ${repeats} times` : ''}
          </strong>
          <span>
            {hertz === undefined ? '' : `${decimal(hertz / 1000, 1)} kHz, `}
            {percent(confidence)} sure
          </span>
          {!isListening && (
            <Button $kind="primary" onPress={() => onTake(signs)}>
              Take it: {signs}
            </Button>
          )}
        </>
      )}
      {reasons
        .filter(({ code }) => code !== 'nothing')
        .map(({ code, message }) => (
          <span key={code}>{message}</span>
        ))}
    </Said>
  );
}

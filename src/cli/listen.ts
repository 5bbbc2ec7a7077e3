import { decodeSignals, decodeWav, hearBeeps, type HeardBeeps, type SeenSignals } from '../core/signals';
import { CannotDo, type Answer } from './answer';
import { readBoard } from './plan-firmware';
import { readOrRefuse } from './read-file';

/** The beeps in a recording. Not a recording: refused with the reason. */
export function listen(path: string): Answer {
  const decoded = decodeWav(readOrRefuse(path));
  if (!decoded.ok) throw new CannotDo(`${path}: ${decoded.problem.message} [${decoded.problem.code}]`);
  const heard = hearBeeps(decoded.recording);
  return { ok: heard.pattern.length > 0, value: heard, text: printHeard(heard) };
}

function printHeard({ pattern, repeats, continuous, beeps, confidence, reasons }: HeardBeeps): string {
  const times = repeats === 1 ? 'once' : `${repeats} times`;
  return [
    pattern.length === 0
      ? 'Nothing was heard.'
      : continuous
        ? 'One tone without end.'
        : `${pattern.join(' ')}, ${times}, confidence ${confidence.toFixed(2)}`,
    ...beeps.map(
      ({ startSeconds, seconds, hertz, kind }) =>
        `  ${startSeconds.toFixed(2)} s: ${kind} ${seconds.toFixed(2)} s, ${hertz.toFixed(0)} Hz`,
    ),
    ...reasons.map(({ severity, message, code }) => `  ${severity}: ${message} [${code}]`),
    '',
  ].join('\n');
}

export interface DecodeOrder extends SeenSignals {
  readonly board: string;
}

/** What codes, beeps and lights mean on a board. Nothing that is known: exit code 1. */
export function decode({ board, ...seen }: DecodeOrder): Answer {
  const decoded = decodeSignals(readBoard(board), seen);
  const all = [...decoded.lights, decoded.code, decoded.beeps].filter((one) => one !== null);
  if (all.length === 0) throw new CannotDo('signals decode: expected --beeps, --code or --lights');
  const text = all.map(
    ({ seen: what, meaning, source }) => `${what}: ${meaning}${source === 'general' ? ' (general)' : ''}`,
  );
  return {
    ok: all.some(({ source }) => source !== 'unknown'),
    value: decoded,
    text: [...text, ...decoded.contradictions, ''].join('\n'),
  };
}

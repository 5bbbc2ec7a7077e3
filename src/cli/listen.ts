import { decodeSignals, decodeWav, hearBeeps, type HeardBeeps, type LitLight } from '../core/signals';
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

export interface DecodeOrder {
  readonly board: string;
  readonly beeps?: string | undefined;
  readonly code?: string | undefined;
  /** LABEL for one that stays on, LABEL:blinks for one that blinks. */
  readonly lights?: readonly string[] | undefined;
  /** Labels in the order in which they came on. */
  readonly sequence?: readonly string[] | undefined;
}

/** What codes, beeps and lights mean on a board. Nothing that is known: exit code 1. */
export function decode({ board, beeps, code, lights, sequence }: DecodeOrder): Answer {
  if (beeps === undefined && code === undefined && lights === undefined && sequence === undefined)
    throw new CannotDo('signals decode: expected --beeps, --code, --lights or --sequence');
  const decoded = decodeSignals(readBoard(board), {
    beeps,
    code: code === undefined ? undefined : { text: code },
    lights: lights?.map(litOf),
    sequence,
  });
  const all = [decoded.light, decoded.code, decoded.beeps].filter((one) => one !== null);
  const text = all.map(
    ({ seen: what, meaning, source }) => `${what}: ${meaning}${source === 'general' ? ' (general)' : ''}`,
  );
  return {
    ok: all.some(({ source }) => source !== 'unknown'),
    value: decoded,
    text: [...text, ...decoded.contradictions, ''].join('\n'),
  };
}

function litOf(typed: string): LitLight {
  const [label = '', shows = 'on'] = typed.split(':').map((part) => part.trim());
  if (shows !== 'on' && shows !== 'blinks')
    throw new CannotDo(`signals decode: expected "LABEL" or "LABEL:blinks", found "${typed}"`);
  return { label, shows };
}

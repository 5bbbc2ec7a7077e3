import { expose } from 'comlink';
import { decodeWav, hearBeeps, oneChannel, outlineOf, type HeardBeeps, type Recording } from '../../core/signals';

/** A recording as it was heard. */
export interface Heard {
  readonly heard: HeardBeeps;
  readonly seconds: number;
  /** How loud it was, in equal stretches from its beginning to its end, 0 to 1. */
  readonly outline: readonly number[];
}

/** What the worker does; each call fails with an error whose message is for the screen. */
const work = { hearFile, hearSamples };
export type EarWork = typeof work;
expose(work);

const stretches = 400;

async function hearFile(file: File): Promise<Heard> {
  const decoded = decodeWav(new Uint8Array(await file.arrayBuffer()));
  if (!decoded.ok) throw new Error(`${file.name}: ${decoded.problem.message}`);
  return hear(decoded.recording);
}

/** What the microphone took, one channel. */
function hearSamples(samples: Float32Array<ArrayBuffer>, rate: number): Heard {
  return hear({ rate, channels: [samples] });
}

function hear(recording: Recording): Heard {
  const { samples, rate } = oneChannel(recording);
  return { heard: hearBeeps(recording), seconds: samples.length / rate, outline: outlineOf(samples, stretches) };
}

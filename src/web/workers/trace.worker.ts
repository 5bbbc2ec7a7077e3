import { expose } from 'comlink';
import {
  readTraceCsv,
  suggestPhases,
  thinTrace,
  type MarkedPhase,
  type TraceProblem,
  type WallReading,
} from '../../core/power';

/** A trace as it was read, thinned out for drawing and keeping. */
export type ReadTraceFile =
  | {
      readonly ok: true;
      readonly rows: number;
      readonly readings: readonly WallReading[];
      readonly phases: readonly MarkedPhase[];
    }
  | { readonly ok: false; readonly problems: readonly TraceProblem[] };

/** What the worker does. */
const work = { readTrace };
export type TraceWork = typeof work;
expose(work);

/** As many readings as an entry of the log may hold. */
const maxReadings = 2000;

function readTrace(text: string): ReadTraceFile {
  const read = readTraceCsv(text);
  if (!read.ok) return read;
  const { trace } = read;
  return {
    ok: true,
    rows: trace.length,
    readings: thinTrace(trace, maxReadings),
    phases: suggestPhases(trace),
  };
}

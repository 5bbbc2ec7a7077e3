import { createLineBuffer } from './line-buffer';
import { MeterProblem, type MeterTransport } from './transport';

/** How the simulated meter behaves: as it should, or as meters do on bad days. */
export const METER_MOODS = ['answers', 'silent', 'garbage', 'over-range', 'unplugged'] as const;
export type MeterMood = (typeof METER_MOODS)[number];

/** What lies at the probes of the simulated meter. */
export interface MeterBench {
  readonly volts: number;
  readonly amps: number;
  readonly watts: number;
  readonly mood: MeterMood;
}

const answerAfterMs = 60;

/** The last digits of a reading never stand still: a fixed pattern of counts in turn. */
const jitter = [0, 1, -1, 0, 2, -1, 1, 0, -2, 1];

/**
 * A bench meter, and a wall meter, that ship with the application: they speak the same lines as a real one. `bench` is
 * asked at every line, so that what is measured can change, and the meter fail, in the middle.
 */
export function simulatedMeter(bench: () => MeterBench): MeterTransport {
  const lines = createLineBuffer();
  let turn = 0;
  const digits = (value: number, resolution: number): string => {
    const shown = value + (value === 0 ? 0 : (jitter[turn++ % jitter.length] ?? 0) * resolution);
    return `${shown < 0 ? '' : '+'}${shown.toExponential(5).toUpperCase()}`;
  };
  const answerTo = (line: string): string | null => {
    const { volts, amps, watts } = bench();
    switch (line.trim().toUpperCase()) {
      case '*IDN?':
        return 'JOVIAL PROBE,SIMULATED METER,0,1.0';
      case 'MEAS:VOLT:DC?':
        return digits(volts, 0.001);
      case 'MEAS:CURR:DC?':
        return digits(amps, 0.001);
      case 'MEAS:POW?':
        return digits(watts, 0.1);
      default:
        return null;
    }
  };
  return {
    send(line) {
      lines.discard();
      const { mood } = bench();
      if (mood === 'unplugged') {
        lines.end();
        return Promise.reject(new MeterProblem('gone'));
      }
      const answer = mood === 'silent' ? null : answerTo(line);
      const said =
        answer === null ? null : mood === 'garbage' ? 'þ%?#' : mood === 'over-range' ? '+9.90000E+37' : answer;
      if (said !== null)
        setTimeout(() => (bench().mood === 'unplugged' ? lines.end() : lines.push(`${said}\r\n`)), answerAfterMs);
      return Promise.resolve();
    },
    receive: (timeoutMs) => lines.next(timeoutMs),
    close() {
      lines.end();
      return Promise.resolve();
    },
  };
}

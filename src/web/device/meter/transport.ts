/** A line to a meter and back, over whatever wire. */
export interface MeterTransport {
  /** What came before it is no answer to it, and is forgotten. Fails with a MeterProblem once the meter is gone. */
  readonly send: (line: string) => Promise<void>;
  /** The next whole line; fails with a MeterProblem when none comes in time, or the meter is gone. */
  readonly receive: (timeoutMs: number) => Promise<string>;
  readonly close: () => Promise<void>;
}

export type MeterProblemCode = 'timeout' | 'garbage' | 'over-range' | 'gone' | 'not-a-meter' | 'cannot-open';

const words: Readonly<Record<MeterProblemCode, string>> = {
  timeout: 'The meter does not answer. Check that it is on, and that its baud rate is right.',
  garbage: 'The meter answered something that is no reading. Check its baud rate.',
  'over-range': 'The reading is out of the range of the meter.',
  gone: 'The meter is gone: it was unplugged or switched off.',
  'cannot-open': 'The port cannot be opened. Another program may be using it.',
  'not-a-meter':
    'What is connected does not say who it is. Check that it is a meter that speaks SCPI, and its baud rate.',
};

/** Why a meter gave no reading; its message is for the screen. */
export class MeterProblem extends Error {
  constructor(readonly code: MeterProblemCode) {
    super(words[code]);
  }
}

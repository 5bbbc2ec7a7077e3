import { MeterProblem } from './transport';

/** Longer than any answer: what goes on without an end of line is no meter. */
const maxLine = 1024;

/** Puts pieces of text together to lines, and hands them out one by one. */
export interface LineBuffer {
  readonly push: (text: string) => void;
  /** Forgets what came before a question: it answers another one. */
  readonly discard: () => void;
  readonly next: (timeoutMs: number) => Promise<string>;
  /** What is still on its way is not waited for any longer. */
  readonly end: () => void;
}

export function createLineBuffer(): LineBuffer {
  let rest = '';
  const lines: string[] = [];
  let waiting: { resolve: (line: string) => void; reject: (error: MeterProblem) => void } | null = null;
  let isEnded = false;
  const settle = () => {
    if (!waiting) return;
    const line = lines.shift();
    if (line !== undefined) waiting.resolve(line);
    else if (isEnded) waiting.reject(new MeterProblem('gone'));
    else return;
    waiting = null;
  };
  return {
    push(text) {
      const [first = '', ...others] = (rest + text).split(/\r\n|\n|\r/);
      const all = [first, ...others];
      rest = (all.pop() ?? '').slice(-maxLine);
      lines.push(...all.filter((line) => line !== ''));
      settle();
    },
    discard() {
      rest = '';
      lines.length = 0;
    },
    next: (timeoutMs) =>
      new Promise((resolve, reject) => {
        const timer = setTimeout(() => {
          waiting = null;
          reject(new MeterProblem('timeout'));
        }, timeoutMs);
        const over =
          <T>(then: (value: T) => void) =>
          (value: T) => {
            clearTimeout(timer);
            then(value);
          };
        waiting = { resolve: over(resolve), reject: over(reject) };
        settle();
      }),
    end() {
      isEnded = true;
      settle();
    },
  };
}

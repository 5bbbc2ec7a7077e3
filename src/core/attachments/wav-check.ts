import type { Checked, ContentCheck, Flaw } from './checked';

const headLength = 8;
const mostChunks = 64;

/**
 * Walks the chunks of a WAV file (RIFF, Multimedia Programming Interface 1.0): as long as it says, with a description
 * and with sound, and nothing behind them.
 */
export function createWavCheck(): ContentCheck {
  const found = new Set<string>();
  let head: number[] = [];
  /** Of the file as it says itself, and what was seen of it. */
  let whole = 0;
  let seen = 0;
  /** Of the chunk that is passed over. */
  let left = 0;

  const begin = (): Flaw | null => {
    const name = String.fromCharCode(...head.slice(0, 4));
    const length = lengthIn(head);
    if (!/^[ -~]{4}$/.test(name) || found.size > mostChunks)
      return { code: 'damaged', message: 'expected the next part of a recording, found other data' };
    found.add(name);
    head = [];
    left = length + (length % 2);
    return null;
  };
  const opening = (): Flaw | null => {
    const text = (at: number) => String.fromCharCode(...head.slice(at, at + 4));
    if (text(0) !== 'RIFF' || text(8) !== 'WAVE')
      return { code: 'other-type', message: 'expected a WAV recording, found another type of file' };
    whole = lengthIn(head) + 8;
    head = [];
    return null;
  };
  return {
    feed(bytes) {
      for (let at = 0; at < bytes.length;) {
        if (whole > 0 && seen >= whole)
          return { code: 'hidden-data', message: 'expected a recording and nothing else, found data behind its end' };
        const skipped = Math.min(left, bytes.length - at);
        left -= skipped;
        at += skipped;
        seen += skipped;
        if (left > 0 || at >= bytes.length) continue;
        head.push(bytes[at++] ?? 0);
        seen += 1;
        const problem =
          whole === 0 ? (head.length === 12 ? opening() : null) : head.length === headLength ? begin() : null;
        if (problem) return problem;
      }
      return null;
    },
    end: () =>
      whole === seen && whole > 0 && head.length === 0 && found.has('fmt ') && found.has('data') ? sound : cutOff,
  };
}

const sound: Checked = {};
const cutOff: Flaw = {
  code: 'cut-off',
  message: 'expected a whole WAV recording, found something else or one that is cut off',
};

/** The four bytes behind a name, least significant first. */
const lengthIn = (head: readonly number[]): number =>
  (head[4] ?? 0) + (head[5] ?? 0) * 2 ** 8 + (head[6] ?? 0) * 2 ** 16 + (head[7] ?? 0) * 2 ** 24;

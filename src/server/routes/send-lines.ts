import { once } from 'node:events';
import type { Response } from 'express';

/** Sends one line for each thing, as fast as it is taken, and stops where nobody takes it any more. */
export async function sendLines<T>(
  response: Response,
  things: AsyncIterable<T>,
  lineOf: (thing: T) => string,
): Promise<void> {
  for await (const thing of things) {
    if (response.destroyed) return;
    if (!response.write(`${lineOf(thing)}\r\n`)) await Promise.race([once(response, 'drain'), once(response, 'close')]);
  }
  response.end();
}

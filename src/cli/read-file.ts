import { createHash } from 'node:crypto';
import { closeSync, fstatSync, openSync, readSync } from 'node:fs';
import { CannotDo } from './answer';

/** SHA-256, in hexadecimal. */
export const hash = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');

const maxFileBytes = 512 * 2 ** 20;

/** A whole file. Failure: CannotDo with its path. */
export function readOrRefuse(path: string): Uint8Array {
  try {
    const file = openSync(path, 'r');
    const stat = fstatSync(file);
    if (!stat.isFile()) throw new Error(`expected a file, found ${stat.isDirectory() ? 'a folder' : 'a device'}`);
    const { size } = stat;
    if (size <= maxFileBytes) {
      const bytes = new Uint8Array(size);
      for (let done = 0; done < size;) {
        const read = readSync(file, bytes, done, size - done, done);
        if (read === 0) break;
        done += read;
      }
      closeSync(file);
      return bytes;
    }
    closeSync(file);
  } catch (error) {
    throw new CannotDo(`${path}: ${error instanceof Error ? error.message : String(error)}`);
  }
  throw new CannotDo(`${path}: expected at most ${maxFileBytes} bytes`);
}

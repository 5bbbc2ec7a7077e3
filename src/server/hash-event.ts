import { createHash } from 'node:crypto';
import type { CaseEvent } from '../core/casework';

/** The hash before the first event. */
export const firstHash = '0'.repeat(64);

/** JSON with keys in a fixed order, so that a database that reorders keys does not change the hash. */
export function canonicalJson(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonicalJson).join(',')}]`;
  if (value !== null && typeof value === 'object') {
    const entries = Object.entries(value).filter(([, v]) => v !== undefined);
    const members = entries
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => `${JSON.stringify(k)}:${canonicalJson(v)}`);
    return `{${members.join(',')}}`;
  }
  return JSON.stringify(value);
}

/** SHA-256, hexadecimal, over the hash of the event before, the sequence and the event. */
export function hashEvent(before: string, sequence: number, event: CaseEvent): string {
  return createHash('sha256')
    .update(`${before}\n${sequence}\n${canonicalJson(event)}`)
    .digest('hex');
}

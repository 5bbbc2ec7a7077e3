import { checkChain } from '../core/casework';
import type { ReadCaseFile } from './case-file';

const whyWords = {
  changed: 'the entry, or one before it, is not as it was written',
  missing: 'an entry is missing or stands at another place',
  'owner-changed': 'the owner is not the one who was sealed into the log',
} as const;

export interface Verified {
  readonly verified: boolean;
  readonly entries: number;
  /** Hash of the last entry: write it down elsewhere to notice entries cut off at the end. */
  readonly last: string | null;
  /** First entry that is not as it was written, counted from 1. */
  readonly entry: number | null;
  readonly why: string | null;
}

/** Whether the log in a case file is as it was written. */
export function verifyCaseFile(file: ReadCaseFile): Verified {
  const { chain, records } = file;
  const broken = (entry: number | null, why: string): Verified => ({
    verified: false,
    entries: records.length,
    last: null,
    entry,
    why,
  });
  if (!chain) return broken(null, 'the file has no hashes: it was written by hand or by an earlier program');
  if (chain.length !== records.length)
    return broken(
      Math.min(chain.length, records.length) + 1,
      `expected ${records.length} hashes, found ${chain.length}`,
    );
  const check = checkChain(
    records.map((event, i) => ({ sequence: i + 1, hash: chain[i]?.hash ?? '', event, seal: chain[i]?.seal })),
  );
  return check.ok
    ? { verified: true, entries: check.length, last: check.last, entry: null, why: null }
    : broken(check.sequence, whyWords[check.why]);
}

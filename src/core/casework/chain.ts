import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import type { CaseEvent } from './event';

/** The hash before the first event. */
export const firstHash = '0'.repeat(64);

/**
 * Stands in the chain for the owner of a case, so that the person can be erased and the chain stays whole. The salt
 * keeps a name from being guessed from its digest; it goes with the person.
 */
export interface Seal {
  /** SHA-256 of salt and name, hexadecimal. */
  readonly digest: string;
  /** 32 hexadecimal digits; null once the owner is erased. */
  readonly salt: string | null;
}

/** An event with its place in the chain. */
export interface ChainedEvent {
  readonly sequence: number;
  readonly hash: string;
  readonly event: CaseEvent;
  /** Of the event that names the owner. */
  readonly seal?: Seal | undefined;
}

export type ChainCheck =
  | { readonly ok: true; readonly length: number; readonly last: string }
  | { readonly ok: false; readonly sequence: number; readonly why: 'changed' | 'missing' | 'owner-changed' };

/** Stands for the name of an owner who was erased. */
export const ERASED_OWNER = 'Owner erased';

const hex = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));

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

const sealPrefix = 'sealed:';

/** @param salt 32 hexadecimal digits that nobody can guess. */
export const sealOwner = (owner: string, salt: string): Seal => ({ digest: hex(`${salt}\n${owner}`), salt });

/** The event as it is hashed and kept: with the digest in place of the owner. */
export const sealed = (event: CaseEvent, seal: Seal | undefined): CaseEvent =>
  seal && event.kind === 'case-opened' ? { ...event, owner: sealPrefix + seal.digest } : event;

/** The digest in a kept event, or null where it names its owner plainly. */
export function digestIn(event: CaseEvent): string | null {
  if (event.kind !== 'case-opened') return null;
  return /^sealed:([0-9a-f]{64})$/.exec(event.owner)?.[1] ?? null;
}

/** SHA-256, hexadecimal, over the hash of the event before, the sequence and the event with its owner sealed. */
export const hashEvent = (before: string, sequence: number, event: CaseEvent, seal?: Seal): string =>
  hex(`${before}\n${sequence}\n${canonicalJson(sealed(event, seal))}`);

/** Whether a log is as it was written: nothing changed, left out or put in between. Says where it first is not. */
export function checkChain(log: readonly ChainedEvent[]): ChainCheck {
  let last = firstHash;
  for (const [index, { sequence, hash, event, seal }] of log.entries()) {
    if (sequence !== index + 1) return { ok: false, sequence: index + 1, why: 'missing' };
    if (event.kind === 'case-opened' && seal && !fitsSeal(event.owner, seal))
      return { ok: false, sequence, why: 'owner-changed' };
    if (hashEvent(last, sequence, event, seal) !== hash) return { ok: false, sequence, why: 'changed' };
    last = hash;
  }
  return { ok: true, length: log.length, last };
}

const fitsSeal = (owner: string, { digest, salt }: Seal): boolean =>
  salt === null ? owner === ERASED_OWNER : sealOwner(owner, salt).digest === digest;

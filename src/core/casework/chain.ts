import canonicalize from 'canonicalize';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import type { EventRecord } from './event-record';

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

/** An event, as it was written, with its place in the chain. */
export interface ChainedEvent {
  readonly sequence: number;
  readonly hash: string;
  readonly event: EventRecord;
  /** Of the event that names the owner. */
  readonly seal?: Seal | undefined;
}

export type ChainCheck =
  | { readonly ok: true; readonly length: number; readonly last: string }
  | { readonly ok: false; readonly sequence: number; readonly why: 'changed' | 'missing' | 'owner-changed' };

/** Stands for the name of an owner who was erased. */
export const ERASED_OWNER = 'Owner erased';

const hex = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));

/**
 * JSON in one form only (RFC 8785, JSON Canonicalization Scheme), so that a database that reorders keys does not change
 * the hash. Undefined members are left out.
 */
export function canonicalJson(value: unknown): string {
  const text = canonicalize(value);
  if (text === undefined) throw new Error('canonicalJson: expected a value that JSON can hold, found undefined');
  return text;
}

const sealPrefix = 'sealed:';

/** @param salt 32 hexadecimal digits that nobody can guess. */
export const sealOwner = (owner: string, salt: string): Seal => ({ digest: hex(`${salt}\n${owner}`), salt });

/** The event as it is hashed and kept: with the digest in place of the owner. */
export const sealed = <T extends EventRecord>(event: T, seal: Seal | undefined): T =>
  seal && event.kind === 'case-opened' ? { ...event, owner: sealPrefix + seal.digest } : event;

/** The owner that an opening event names; null in other events. */
export const ownerIn = (event: EventRecord): string | null =>
  event.kind === 'case-opened' && 'owner' in event && typeof event.owner === 'string' ? event.owner : null;

/** The digest in a kept event, or null where it names its owner plainly. */
export const digestIn = (event: EventRecord): string | null =>
  /^sealed:([0-9a-f]{64})$/.exec(ownerIn(event) ?? '')?.[1] ?? null;

/** SHA-256, hexadecimal, over the hash of the event before, the sequence and the event with its owner sealed. */
export const hashEvent = (before: string, sequence: number, event: EventRecord, seal?: Seal): string =>
  hex(`${before}\n${sequence}\n${canonicalJson(sealed(event, seal))}`);

/** Whether a log is as it was written: nothing changed, left out or put in between. Says where it first is not. */
export function checkChain(log: readonly ChainedEvent[]): ChainCheck {
  let last = firstHash;
  for (const [index, { sequence, hash, event, seal }] of log.entries()) {
    if (sequence !== index + 1) return { ok: false, sequence: index + 1, why: 'missing' };
    const owner = ownerIn(event);
    if (owner !== null && seal && !fitsSeal(owner, seal)) return { ok: false, sequence, why: 'owner-changed' };
    if (hashEvent(last, sequence, event, seal) !== hash) return { ok: false, sequence, why: 'changed' };
    last = hash;
  }
  return { ok: true, length: log.length, last };
}

const fitsSeal = (owner: string, { digest, salt }: Seal): boolean =>
  salt === null ? owner === ERASED_OWNER : sealOwner(owner, salt).digest === digest;

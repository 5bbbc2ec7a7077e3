import fc from 'fast-check';
import {
  canonicalJson,
  checkChain,
  ERASED_OWNER,
  firstHash,
  hashEvent,
  sealOwner,
  type ChainedEvent,
  type Seal,
} from './chain';
import type { CaseOpened } from './event';
import { eventsOf } from './testing-log';

const trials = [
  ['start', 'dead'],
  ['look/rocker/supply', 'on'],
] as const;
const events = eventsOf({ reported: 'dead', trials });
const [event] = events;
if (event?.kind !== 'case-opened') throw new Error('expected the opening event');
const opening = event;
const named = (owner: string): CaseOpened => ({ ...opening, owner });
const salt = 'a'.repeat(32);
const seal: Seal = sealOwner(event.owner, salt);
const erased: Seal = { ...seal, salt: null };

function chainOf(): ChainedEvent[] {
  let hash = firstHash;
  return events.map((one, i) => {
    const own = i === 0 ? seal : undefined;
    hash = hashEvent(hash, i + 1, one, own);
    return { sequence: i + 1, hash, event: one, seal: own };
  });
}

test('the order of keys does not change the hash: the database may reorder them', () => {
  const reordered = JSON.parse(JSON.stringify(Object.fromEntries(Object.entries(event).reverse()))) as typeof event;
  expect(hashEvent(firstHash, 1, reordered)).toBe(hashEvent(firstHash, 1, event));
});

test('another event, sequence or predecessor gives another hash', () => {
  const hash = hashEvent(firstHash, 1, event);
  expect(hash).toMatch(/^[0-9a-f]{64}$/);
  expect(hashEvent(firstHash, 2, event)).not.toBe(hash);
  expect(hashEvent(hash, 1, event)).not.toBe(hash);
  expect(hashEvent(firstHash, 1, { ...event, by: 'Somebody else' })).not.toBe(hash);
});

test('canonical JSON sorts keys at every depth, keeps the order of lists and leaves out what is undefined', () => {
  expect(canonicalJson({ b: [2, { d: 1, c: null }], a: undefined, A: 'x' })).toBe('{"A":"x","b":[2,{"c":null,"d":1}]}');
});

test('a log as it was written is whole, up to its last hash', () => {
  const log = chainOf();
  expect(checkChain(log)).toEqual({ ok: true, length: 3, last: log[2]?.hash });
});

test('whatever entry is changed, dropped, doubled or swapped, the check says where', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 2 }), fc.constantFrom('change', 'drop', 'double', 'swap'), (at, how) => {
      const log = chainOf();
      const one = log[at] as ChainedEvent;
      if (how === 'change') log[at] = { ...one, event: { ...one.event, by: 'Nobody' } };
      if (how === 'drop') log.splice(at, 1);
      if (how === 'double') log.splice(at, 0, one);
      if (how === 'swap') log.reverse();
      const isShortened = how === 'drop' && at === 2;
      // What is cut off at the end cannot show in the rest.
      expect(checkChain(log).ok).toBe(isShortened);
    }),
  );
});

test('an erased owner leaves the chain whole; another owner in the place of the first does not', () => {
  const [, ...rest] = chainOf();
  const hash = hashEvent(firstHash, 1, event, seal);
  const check = (owner: string, own: Seal) =>
    checkChain([{ sequence: 1, hash, event: named(owner), seal: own }, ...rest]);
  expect(check(event.owner, seal).ok).toBe(true);
  expect(check(ERASED_OWNER, erased).ok).toBe(true);
  expect(check('Somebody else', seal)).toEqual({ ok: false, sequence: 1, why: 'owner-changed' });
  expect(check('Somebody else', erased)).toEqual({ ok: false, sequence: 1, why: 'owner-changed' });
});

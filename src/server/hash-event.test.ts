import { eventsOf } from '../core/casework/testing-log';
import { canonicalJson, firstHash, hashEvent } from './hash-event';

const [event] = eventsOf({ told: 'dead' });
if (!event) throw new Error('expected an event');

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

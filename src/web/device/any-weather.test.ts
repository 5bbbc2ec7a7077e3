import fc from 'fast-check';
import type { CaseEvent } from '../../core/casework';
import { createOutbox, type Batch, type OutboxState, type Sent } from './outbox';

/** Whatever the server, the device and the person do: what was written is stored once, in order, or said to be refused. */

const weather = fc.constantFrom('stored', 'away', 'answer-lost', 'conflict', 'stored', 'stored');
const doing = fc.constantFrom('write', 'write', 'write-other', 'close-tab', 'wait', 'hurry', 'second-window');
type Weather = typeof weather extends fc.Arbitrary<infer T> ? T : never;

const settle = () => new Promise((resolve) => setTimeout(resolve, 0));
let count = 0;
const note = (by: string): CaseEvent => ({
  kind: 'note-added',
  id: `${by}-${count++}`,
  at: '2026-01-05T10:00:00Z',
  by,
  text: 'x',
});

/** A server that keeps each event once, and does not always answer. */
function someServer(forecast: readonly Weather[]) {
  const logs: Record<string, CaseEvent[]> = { one: [], two: [] };
  const seen: Record<string, number> = { one: 0, two: 0 };
  let next = 0;
  const send = ({ caseId, events }: Batch): Promise<Sent> => {
    const now = forecast[next++] ?? 'stored';
    const log = logs[caseId] ?? [];
    if (now === 'away') return Promise.resolve({ kind: 'away' });
    if (now === 'conflict') log.push(note('theirs'));
    const isKnown = events.every(({ id }) => log.some((one) => one.id === id));
    const theirs = log.slice(seen[caseId] ?? 0).filter(({ by }) => by === 'theirs');
    if (!isKnown && theirs.length > 0) {
      seen[caseId] = log.length;
      return Promise.resolve({ kind: 'conflict', theirs });
    }
    for (const event of events) if (!log.some(({ id }) => id === event.id)) log.push(event);
    seen[caseId] = log.length;
    return Promise.resolve(now === 'answer-lost' ? { kind: 'away' } : { kind: 'stored' });
  };
  return { logs, send };
}

test('entries are stored once and in order, through lost answers, closed tabs and second windows', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(doing, { minLength: 3, maxLength: 25 }),
      fc.array(weather, { maxLength: 40 }),
      async (doings, forecast) => {
        const { logs, send } = someServer(forecast);
        const kept = new Map<string, Batch>();
        let key = 0;
        let state: OutboxState = { waiting: {}, isAway: false, awayReason: null, troubles: {}, unkept: new Set() };
        const timers: (() => void)[] = [];
        const open = async () => {
          const outbox = createOutbox({
            storage: {
              all: async () => [...kept.values()],
              put: async (batch) => void kept.set(batch.key, batch),
              remove: async (one) => void kept.delete(one),
            },
            send,
            onChange: (now) => (state = now),
            shown: () => null,
            newKey: () => String(key++).padStart(6, '0'),
            later: (work) => (timers.push(work), () => void timers.splice(timers.indexOf(work), 1)),
          });
          await outbox.begin('me');
          return outbox;
        };
        let outbox = await open();
        const written: Record<string, string[]> = { one: [], two: [] };
        for (const one of doings) {
          const caseId = one === 'write-other' ? 'two' : 'one';
          if (one === 'write' || one === 'write-other') {
            const event = note('mine');
            written[caseId]?.push(event.id);
            void outbox.write(caseId, [event]);
          } else if (one === 'close-tab') {
            // What was written a moment ago is on the device by then: until it is, nothing was said to be safe.
            await settle();
            timers.length = 0;
            outbox = await open();
          } else if (one === 'second-window') await (await open()).begin('me');
          else if (one === 'wait') timers.shift()?.();
          else outbox.hurry();
          if (one !== 'write') await settle();
        }
        // Fair weather at last.
        for (let n = 0; n < 100 && kept.size > 0; n++) {
          outbox.hurry();
          await settle();
        }
        expect([kept.size, state.waiting]).toEqual([0, {}]);
        for (const id of ['one', 'two'])
          expect(logs[id]?.filter(({ by }) => by === 'mine').map((event) => event.id)).toEqual(written[id]);
      },
    ),
    { numRuns: 120 },
  );
});

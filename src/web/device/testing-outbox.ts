import type { CaseEvent } from '../../core/casework';
import { createOutbox, type Batch, type OutboxState, type Seen, type Sent } from './outbox';

const at = '2026-01-05T10:00:00Z';
let next = 1;
export const note = (text: string): CaseEvent => ({ kind: 'note-added', id: `n${next++}`, at, by: 'Runa', text });
export const trial = (id: string): CaseEvent => ({
  kind: 'trial-done',
  id: `t${next++}`,
  at,
  by: 'Runa',
  trial: id,
  outcome: 'dead',
});

/** A device with an outbox, and a server that answers as it is told. */
export function device(
  kept = new Map<string, Batch>(),
  beforeKeeping: (batch: Batch) => Promise<void> = async () => undefined,
) {
  const sent: string[] = [];
  const seenBy: (Seen | undefined)[] = [];
  const shown: { sequence: number | null } = { sequence: null };
  const answers: Sent[] = [];
  const timers: { work: () => void; ms: number }[] = [];
  let state: OutboxState = { waiting: {}, isAway: false, awayReason: null, troubles: {}, unkept: new Set() };
  const outbox = createOutbox({
    storage: {
      all: async () => [...kept.values()],
      put: async (batch) => {
        await beforeKeeping(batch);
        kept.set(batch.key, batch);
      },
      remove: async (key) => void kept.delete(key),
    },
    send: ({ events, seen }) => {
      sent.push(events.map(({ id }) => id).join());
      seenBy.push(seen);
      return Promise.resolve(answers.shift() ?? { kind: 'stored' });
    },
    onChange: (now) => (state = now),
    shown: () => shown.sequence,
    newKey: () => String(next++).padStart(6, '0'),
    later: (work, ms) => {
      timers.push({ work, ms });
      return () => undefined;
    },
  });
  const settle = () => new Promise((resolve) => setTimeout(resolve, 5));
  return { outbox, kept, sent, seenBy, shown, answers, timers, settle, state: () => state };
}

export const away: Sent = { kind: 'away' };

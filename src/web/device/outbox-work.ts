import type { CaseEvent } from '../../core/casework';
import type { Batch, OutboxParts, Seen, Trouble } from './outbox-types';

/** What the outbox knows at the moment; the pieces below read and change it. */
export interface OutboxWork extends OutboxParts {
  queue: Batch[];
  /** What has to be decided or said of a case, besides what was refused. */
  troubles: Record<string, Trouble>;
  personId: string;
  isAway: boolean;
  awayReason: string | null;
  isSending: boolean;
  retryMs: number;
  cancelRetry: () => void;
  /** Who waits to hear what became of a batch. */
  readonly answers: Map<string, (isSafe: boolean) => void>;
  /** Batches that the device has kept, or could not keep: what is sent before would be lost with the tab. */
  readonly ready: Set<string>;
  /** Batches that the device could not keep. */
  readonly unkept: Set<string>;
  /** What the server refused, until it is dismissed. */
  refused: Batch[];
}

export function report(work: OutboxWork): void {
  const { queue, refused, isAway, awayReason, unkept, onChange } = work;
  const waiting: Record<string, CaseEvent[]> = {};
  for (const { caseId, events } of queue) waiting[caseId] = [...(waiting[caseId] ?? []), ...events];
  // What was refused is shown as long as nothing else of its case has to be said first.
  const troubles = { ...refusedByCase(refused), ...work.troubles };
  const lost = [...queue, ...refused].filter(({ key }) => unkept.has(key)).flatMap(({ events }) => events);
  onChange({ waiting, isAway, awayReason, troubles, unkept: new Set(lost.map(({ id }) => id)) });
}

/** On the device if it can be; what it cannot keep goes on in memory, and is named. */
export async function keep(work: OutboxWork, batch: Batch): Promise<void> {
  await work.storage.put(batch).then(
    () => work.unkept.delete(batch.key),
    () => work.unkept.add(batch.key),
  );
}

/** It is not sent again, and stays to be seen. */
export async function refuse(work: OutboxWork, batch: Batch, message: string): Promise<void> {
  work.queue = work.queue.filter(({ key }) => key !== batch.key);
  work.ready.delete(batch.key);
  const refused: Batch = { ...batch, refused: message };
  await keep(work, refused);
  addRefused(work, [refused]);
}

export function addRefused(work: OutboxWork, batches: readonly Batch[]): void {
  const keys = batches.map(({ key }) => key);
  work.refused = [...work.refused.filter(({ key }) => !keys.includes(key)), ...batches];
}

/** By case, with all that was refused of it and why the last of it was. */
function refusedByCase(refused: readonly Batch[]): Record<string, Trouble> {
  const troubles: Record<string, Trouble> = {};
  for (const { caseId, refused: message = '', events } of refused) {
    const before = troubles[caseId];
    const all = before?.kind === 'refused' ? [...before.events, ...events] : events;
    troubles[caseId] = { kind: 'refused', message, events: all };
  }
  return troubles;
}

export function answer({ answers }: OutboxWork, key: string, isSafe: boolean): void {
  answers.get(key)?.(isSafe);
  answers.delete(key);
}

export const isStuck = ({ troubles }: OutboxWork, caseId: string): boolean => troubles[caseId]?.kind === 'conflict';

export function setTrouble(work: OutboxWork, caseId: string, trouble: Trouble | null): void {
  const others = Object.fromEntries(Object.entries(work.troubles).filter(([id]) => id !== caseId));
  work.troubles = trouble ? { ...others, [caseId]: trouble } : others;
}

/** A decision was made about these: they are no crossing any more, even after a reload. */
export async function markSeen(work: OutboxWork, batch: Batch, theirs: readonly CaseEvent[]): Promise<void> {
  if (!batch.seen) return;
  const seen: Seen = { ...batch.seen, ids: [...batch.seen.ids, ...theirs.map(({ id }) => id)] };
  const marked: Batch = { ...batch, seen };
  work.queue = work.queue.map((one) => (one.key === batch.key ? marked : one));
  await keep(work, marked);
}

/** Out of the queue and off the device. */
export async function take(work: OutboxWork, batch: Batch): Promise<void> {
  work.queue = work.queue.filter(({ key }) => key !== batch.key);
  work.ready.delete(batch.key);
  work.unkept.delete(batch.key);
  await work.storage.remove(batch.key).catch(() => undefined);
}

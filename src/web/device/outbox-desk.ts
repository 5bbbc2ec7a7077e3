import type { CaseEvent } from '../../core/casework';
import type { Batch, OutboxParts, Seen, Trouble } from './outbox-types';

/** What the outbox knows at the moment; the pieces below read and change it. */
export interface Desk extends OutboxParts {
  queue: Batch[];
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

export function report({ queue, refused, isAway, awayReason, troubles, unkept, onChange }: Desk): void {
  const waiting: Record<string, CaseEvent[]> = {};
  for (const { caseId, events } of queue) waiting[caseId] = [...(waiting[caseId] ?? []), ...events];
  const lost = [...queue, ...refused].filter(({ key }) => unkept.has(key)).flatMap(({ events }) => events);
  onChange({ waiting, isAway, awayReason, troubles, unkept: new Set(lost.map(({ id }) => id)) });
}

/** On the device if it can be; what it cannot keep goes on in memory, and is named. */
export async function keep(desk: Desk, batch: Batch): Promise<void> {
  await desk.storage.put(batch).then(
    () => desk.unkept.delete(batch.key),
    () => desk.unkept.add(batch.key),
  );
}

/** What was refused is shown by case, with all that was refused of it. */
export async function refuse(desk: Desk, batch: Batch, message: string): Promise<void> {
  desk.queue = desk.queue.filter(({ key }) => key !== batch.key);
  desk.ready.delete(batch.key);
  const refused: Batch = { ...batch, refused: message };
  await keep(desk, refused);
  showRefused(desk, refused);
}

export function showRefused(desk: Desk, batch: Batch): void {
  desk.refused = [...desk.refused.filter(({ key }) => key !== batch.key), batch];
  const events = desk.refused.filter(({ caseId }) => caseId === batch.caseId).flatMap((one) => one.events);
  setTrouble(desk, batch.caseId, { kind: 'refused', message: batch.refused ?? '', events });
}

export function answer({ answers }: Desk, key: string, isSafe: boolean): void {
  answers.get(key)?.(isSafe);
  answers.delete(key);
}

export const isStuck = ({ troubles }: Desk, caseId: string): boolean => troubles[caseId]?.kind === 'conflict';

export function setTrouble(desk: Desk, caseId: string, trouble: Trouble | null): void {
  const others = Object.fromEntries(Object.entries(desk.troubles).filter(([id]) => id !== caseId));
  desk.troubles = trouble ? { ...others, [caseId]: trouble } : others;
}

/** A decision was made about these: they are no crossing any more, even after a reload. */
export async function markSeen(desk: Desk, batch: Batch, theirs: readonly CaseEvent[]): Promise<void> {
  if (!batch.seen) return;
  const seen: Seen = { ...batch.seen, ids: [...batch.seen.ids, ...theirs.map(({ id }) => id)] };
  const marked: Batch = { ...batch, seen };
  desk.queue = desk.queue.map((one) => (one.key === batch.key ? marked : one));
  await keep(desk, marked);
}

/** Out of the queue and off the device. */
export async function take(desk: Desk, batch: Batch): Promise<void> {
  desk.queue = desk.queue.filter(({ key }) => key !== batch.key);
  desk.ready.delete(batch.key);
  desk.unkept.delete(batch.key);
  await desk.storage.remove(batch.key).catch(() => undefined);
}
